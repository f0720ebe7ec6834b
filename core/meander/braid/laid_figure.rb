# frozen_string_literal: true

module Meander
  module Braid
    # A round of any scheme as its crossings lay it (RelaxedFigure), plain or with a bead on an edge or on both; in mm.
    # Beads hold their edge open: where the other one is drawn down further, the round is curved. It is relaxed straight
    # and then bent as far as the two edges say.
    class LaidFigure
      # Beads so many strands large.
      BEADS = (2.0..10.0)

      # What is laid: the scheme, the mean diameter of its strands, how thick those lie, and their diameters by the
      # place each begins at, nil where all are alike; mm.
      Strands = Struct.new(:scheme, :d, :thick_mm, :diameters)

      # Where the strand rests that carries a bead at an edge: [the place it begins the round at, share of the round].
      def self.rest(scheme, where)
        place, layers = scheme.rest((where == "near") ? 0 : scheme.strands - 1)
        [place, layers / scheme.layers.size]
      end

      attr_reader :edge

      # strands: Strands; straight_mm: what a round advances that is laid straight; beads: { "near" or "far" => mm };
      # edge: Edge, of beads on one edge.
      def initialize(strands, straight_mm, beads = {}, edge: nil)
        @strands = strands
        @straight = straight_mm
        @beads = beads
        @edge = edge
        thick = strands.diameters&.map { |mm| mm / strands.d }
        @relaxed = RelaxedFigure.of(strands.scheme, straight_mm / strands.d, thick:,
          beads: beads.map { |where, mm| bead(where, mm) })
        @lines = {}
        freeze
      end

      def rounds = @relaxed.rounds
      def steps = @relaxed.steps
      def outer_mm = edge ? edge.outer_mm : advance_mm
      def inner_mm = edge&.inner_mm
      def radius_mm = edge&.radius_mm

      # Along the middle of the strands, and how far that is curved towards the far side.
      def advance_mm = curved? ? edge.inner_mm + (edge.turn * inner_at) : @straight

      def curvature
        return 0.0 unless curved?

        edge.turn / (@beads.key?("near") ? advance_mm : -advance_mm)
      end

      # From the line of the beads of its one edge to the strands at the other one.
      def apart_mm
        where, = @beads.keys
        at = bead(where, @beads[where])
        inner_at + (@relaxed.lines[at.place][at.point][0] * @strands.d).abs
      end

      # Where a strand lies at a share of a round: [across, how far ahead of its round, height]. place: where it begins
      # that.
      def at(strand, place, round, share)
        line = @lines[[strand, place, round % rounds]] ||= @relaxed.line(strand, place, round)
        step = share.clamp(0.0, 1.0) * steps
        low = [step.floor, steps - 1].min
        x, y, z = line[low].zip(line[low + 1]).map { |from, to| from + ((to - from) * (step - low)) }
        [x * @strands.d, (y * @strands.d) - (@straight * share), z * @strands.thick_mm]
      end

      private

      def curved? = !edge.nil? && edge.turn.positive?

      # How far from its middle line the strands at the edge without beads lie.
      def inner_at = @relaxed.reach[@beads.key?("near") ? 1 : 0].abs * @strands.d

      def bead(where, along_mm)
        place, share = LaidFigure.rest(@strands.scheme, where)
        RelaxedFigure::Bead.new(place, (share * RelaxedFigure::POINTS * @strands.scheme.layers.size).round,
          along_mm / @strands.d)
      end
    end
  end
end
