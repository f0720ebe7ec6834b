# frozen_string_literal: true

module Meander
  module Weave
    # One crossing of the strip, from gap to gap on one face (1 front, -1 back), with its way in the cross-section: the
    # turn it starts from, then its straight over the base wires. All lengths in mm, flat (nothing climbed). crowns: {
    # base wire => station over it }.
    class Pass
      include Climb

      attr_reader :from, :to, :face, :wires, :chain, :lead_mm, :turn_mm, :straight_mm, :turn_after_mm, :frame,
        :stations, :crowns

      # around: the gap before the pass where it crosses over from there, its own two gaps, and the gap after it where
      # it crosses on (nil where the wire turns back round its own base wire, as before the first pass and after the
      # last one). half_turn: see Stations.
      def initialize(frame, around, face, half_turn = Stations::HALF_TURN)
        before, @from, @to, after = around
        @frame = frame
        @face = face
        @wires = ([from, to].min...[from, to].max).to_a.freeze
        measure(before, after)
        @stations = Stations.new(frame, chain, half_turn)
        @crowns = wires.to_h { |wire| [wire, crown(wire)] }.freeze
        freeze
      end

      # The turn it starts from and its straight.
      def length_mm = turn_mm + straight_mm

      # The move as a maker says it, or says it with the work turned over.
      def words(turned: false) = MoveWords.call(from:, to:, face:, wires: frame.count, turned:)

      private

      # The station over a base wire: where it goes over that wire's middle.
      def crown(wire)
        x = frame.centres[wire]
        stations.points.each_index.min_by { |i| [(stations.points[i][0] - x).abs.round(9), -stations.points[i][1].abs] }
      end

      # turn_mm: the turn before the straight, from the end of the last pass's straight; lead_mm: the part of it that is
      # drawn with this pass, from the plane of the base wires on.
      def measure(before, after)
        curve = SectionCurve.new(frame, from:, to:, face:, before:, after:)
        last = SectionCurve.new(frame, from: before || to, to: from, face: -face, after: before && to)
        @chain = curve.chain
        @lead_mm = curve.lead_mm
        @turn_after_mm = curve.turn_after_mm
        @straight_mm = (wires.size == 1) ? 0.0 : chain.length - lead_mm - curve.trail_mm
        @turn_mm = last.trail_mm + lead_mm
      end
    end
  end
end
