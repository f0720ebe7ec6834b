# frozen_string_literal: true

module Meander
  module Weave
    # A woven section: stretches of settled repeats one after another (anchor coils, the pattern, closing coils), the
    # wire going on from each to the next.
    #
    # A stretch is told as blocks: its first repeat and its last, whose ends meet other stretches, and between them
    # settled repeats over and over. Everything in mm along the strip, from where the wire begins.
    class Strip
      include StripReading

      # A stretch laid down: its repeat, how often, where it begins, and its blocks.
      Run = Struct.new(:repeat, :count, :from_mm, :blocks) do
        def woven_mm = repeat.from_mm(count)
        def wire_mm = blocks.sum(&:wire_mm)
      end

      attr_reader :frame, :runs

      # table: the PassTable of the frame; stretches: [[Repeat, count], ...]; counts of zero are left out.
      def initialize(frame, table, stretches)
        @frame = frame
        stretches = stretches.reject { |_, count| count.zero? }
        skyline, end_mm = (Skyline.new(frame, stretches[0][0].lean) if stretches.size > 1), nil
        @runs = stretches.each_index.map { |i|
          gaps = ->(at) { stretches[at][0].walk.closed_gaps }
          stretch = Stretch.new(table, *stretches[i], before: i.zero? ? nil : gaps.call(i - 1).last,
            onward: stretches[i + 1] && gaps.call(i + 1).first(2))
          end_mm = stretch.lay(skyline, end_mm)
          Run.new(*stretches[i], stretch.from_mm, stretch.blocks.freeze).freeze
        }.freeze
        freeze
      end

      # Length along the work.
      def woven_mm = runs.empty? ? 0.0 : runs.last.from_mm + runs.last.woven_mm

      def blocks = runs.flat_map(&:blocks)
    end
  end
end
