# frozen_string_literal: true

module Meander
  module Weave
    # One crossing of the strip, from gap to gap on one face (1 front, -1 back), with its way in the cross-section: the
    # turn it starts from, then its straight over the base wires. All lengths in mm, flat (nothing climbed).
    class Pass
      attr_reader :from, :to, :face, :wires, :coils, :chain, :lead_mm, :turn_mm, :straight_mm, :turn_after_mm, :narrowness, :frame

      # around: the gap before the pass where it crosses over from there, its own two gaps, and the gap after it where it crosses on
      # (nil where the wire turns back round its own base wire, as before the first pass and after the last one).
      def initialize(frame, around, face)
        before, @from, @to, after = around
        @frame = frame
        @face = face
        @wires = ([from, to].min...[from, to].max).to_a.freeze
        @coils = before.nil?
        @narrowness = frame.narrowness(from)
        measure(before, after)
        freeze
      end

      # The turn it starts from and its straight.
      def length_mm = turn_mm + straight_mm

      # The move as a maker says it, or says it with the work turned over.
      def words(turned: false) = MoveWords.call(from:, to:, face:, wires: frame.count, turned:)

      # What its drawn way has run when its straight begins, and when it ends.
      def straight_from_mm = lead_mm
      def straight_to_mm = lead_mm + straight_mm

      private

      # turn_mm: the turn before the straight, from the end of the last pass's straight; lead_mm: the part of it that is drawn
      # with this pass, from the plane of the base wires on.
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
