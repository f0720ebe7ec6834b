# frozen_string_literal: true

module Meander
  module Weave
    # A woven section: settled repeats one after another, each so many times (anchor coils, the pattern, closing coils).
    class Strip
      # Run: a repeat, how often it is made, and where its first one starts along the strip.
      Run = Struct.new(:repeat, :count, :from_mm) do
        def woven_mm = repeat.advance_mm * count
        def wire_mm = repeat.wire_mm * count
      end

      attr_reader :frame, :runs

      # counted: [[Repeat, count], ...], all on one frame; counts of zero are left out.
      def initialize(frame, counted)
        @frame = frame
        from = 0.0
        @runs = counted.reject { |_, count| count.zero? }.map do |repeat, count|
          Run.new(repeat, count, from).freeze.tap { |run| from += run.woven_mm }
        end.freeze
        freeze
      end

      # Length along the work, in mm.
      def woven_mm = runs.sum(&:woven_mm)

      # Length of the weaving wire's own way, no tails, in mm.
      def wire_mm = runs.sum(&:wire_mm)
    end
  end
end
