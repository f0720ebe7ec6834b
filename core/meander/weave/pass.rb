# frozen_string_literal: true

module Meander
  module Weave
    # One crossing of the strip, from gap to gap on one face (1 front, -1 back), with its way in the cross-section.
    #
    # length_mm is the pass without its lean: the turn it starts from and its straight. lead_mm is the part of the turn
    # it starts from that lies on its own face, trail_mm the part of the next turn that does.
    class Pass
      attr_reader :from, :to, :face, :wires, :coils, :chain, :lead_mm, :trail_mm, :turn_before_mm

      # around: the gap before the pass, its own two gaps, and the gap after it; previous_trail_mm: the part of the turn
      # it starts from that lies on the other face.
      def initialize(frame, around, face, previous_trail_mm)
        before, @from, @to, after = around
        @face = face
        @wires = ([from, to].min...[from, to].max).to_a.freeze
        @coils = Pass.turns_back?(before, from, to)
        curve = SectionCurve.new(frame, from:, to:, face:, start_coils: coils, end_coils: Pass.turns_back?(from, to, after))
        @chain = curve.chain
        @lead_mm = curve.lead_mm
        @trail_mm = curve.trail_mm
        @turn_before_mm = previous_trail_mm
        freeze
      end

      def length_mm = turn_before_mm + chain.length - trail_mm

      # The passes of one closed repeat of a walk, front first. Passes alike are one object.
      def self.all(frame, walk)
        gaps = walk.closed_gaps
        made = {}
        gaps.each_index.map do |i|
          around = [gaps[i - 1], gaps[i], gaps[(i + 1) % gaps.size], gaps[(i + 2) % gaps.size]]
          face = i.even? ? 1 : -1
          made[[around, face]] ||= new(frame, around, face, trail_into(frame, *around.first(3)))
        end
      end

      # Length of what a pass that arrives at `here` adds, on its own face, to the turn there.
      def self.trail_into(frame, before, here, after)
        coils = turns_back?(before, here, after)
        SectionCurve.new(frame, from: before, to: here, face: 1, start_coils: true, end_coils: coils).trail_mm
      end

      def self.turns_back?(before, here, after) = (here - before).positive? != (after - here).positive?
      private_class_method :trail_into
    end
  end
end
