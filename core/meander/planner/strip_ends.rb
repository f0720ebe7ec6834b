# frozen_string_literal: true

module Meander
  module Planner
    # What stands at the ends of a piece that is one straight strip, in the places of the strip: endings, ribbon ends over it, what hangs
    # on them, and all beads that lie on it. Answers as Picture::FlushEnds does.
    class StripEnds
      def initialize(plan)
        @plan = plan
        @piece = plan.piece
      end

      def beads = @plan.beads_h[:drawn]

      def strands(strip)
        @middle = strip.layout.middle_mm
        @edges = {"start" => [-1.0, strip.bare_mm], "end" => [1.0, strip.bare_mm + strip.woven_mm]}
        ended = %w[start end].flat_map { |side| @piece.endings.select { |fields| fields[:side] == side }.map { |fields| @plan.ended(fields[:id]) } }
        ended.flat_map { |one| ending(one) } + @piece.ribbons.flat_map { |fields| ribbon(fields) } + ended.flat_map { |one| hung(one) }
      end

      private

      # A place of an ending ([across, outwards, height]) at a side.
      def at(side, (across, out, height)) = @edges.fetch(side).then { |sign, edge| [across + @middle, sign * (edge + out), height] }

      def ending(ended)
        kept = ended.section.base.each_index.reject { |number| ended.section.section.cut_away?(number) }.map { |number| ended.section.base[number].id }
        ended.ending.strands.slice(*kept).map { |id, strand| {wire: id, d: @piece.wire(id).mm, points: strand.points.map { |point| at(ended.fields[:side], point) }} }
      end

      def ribbon(fields)
        @plan.ended(fields[:id]).ending.body.map { |points| {wire: @piece.ribbon_body(fields), d: Picture::DrawStrip::RIBBON_MM, points: points.map { |point| at(fields[:side], point) }} }
      end

      def hung(ended)
        side = ended.fields[:side]
        drawn = Findings::Hung.call(@piece.findings.select { |finding| finding.side == side }) { |across, out| at(side, [across, ended.ending.reach_mm + out, 0.0]) }
        drawn.map { |finding, d, points| {wire: finding.id, d:, points:} }
      end
    end
  end
end
