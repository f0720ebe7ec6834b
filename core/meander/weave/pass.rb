# frozen_string_literal: true

module Meander
  module Weave
    # One crossing of the strip, from gap to gap on one face (1 front, -1 back), with its way in the cross-section.
    #
    # length_mm is the pass as it packs: the turn it starts from and its straight. leg_mm is what lies between the middle
    # of the last pass's straight and the middle of its own: over a leg the wire climbs evenly from the one's height to
    # the other's, so that neighbours of different widths lie beside each other. Over a repeat both add up to the same.
    class Pass
      attr_reader :from, :to, :face, :wires, :coils, :chain, :before_mm, :length_mm, :leg_mm, :bend_mm

      # around: the gap before the pass, its own two gaps, and the gap after it.
      def initialize(frame, around, face)
        before, @from, @to, after = around
        @face = face
        @wires = ([from, to].min...[from, to].max).to_a.freeze
        @coils = turns_back?(before, from, to)
        curve = SectionCurve.new(frame, from:, to:, face:, start_coils: coils, end_coils: turns_back?(from, to, after))
        last = SectionCurve.new(frame, from: before, to: from, face: -face, start_coils: true, end_coils: coils)
        @chain = curve.chain
        measure(curve, last)
        freeze
      end

      # The passes of one closed repeat of a walk, front first. Passes alike are one object.
      def self.all(frame, walk)
        gaps = walk.closed_gaps
        made = {}
        gaps.each_index.map do |i|
          around = [gaps[i - 1], gaps[i], gaps[(i + 1) % gaps.size], gaps[(i + 2) % gaps.size]]
          face = i.even? ? 1 : -1
          made[[around, face]] ||= new(frame, around, face)
        end
      end

      private

      # before_mm: what the leg has run when the pass comes round to its own face; bend_mm: how far along its drawn way the
      # leg ends and the next begins.
      def measure(curve, last)
        @length_mm = last.trail_mm + curve.lead_mm + curve.straight_mm
        @before_mm = (last.straight_mm / 2) + last.trail_mm
        @bend_mm = curve.lead_mm + (curve.straight_mm / 2)
        @leg_mm = before_mm + bend_mm
      end

      # Does the wire turn back at the middle gap?
      def turns_back?(before, here, after) = (here - before).positive? != (after - here).positive?
    end
  end
end
