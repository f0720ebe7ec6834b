# frozen_string_literal: true

module Meander
  module Weave
    # A strip of a Course: one block of passes, each on base wires that stand as they do at its place. All in mm.
    class CourseStrip
      include StripReading

      attr_reader :frame, :woven_mm, :blocks

      # told: [[CoursePass, heights, length], ...]; repeats: the place of every repeat's first pass in the list, and of
      # what comes after the last.
      def initialize(frame, told, woven_mm, repeats)
        @frame = frame
        @woven_mm = woven_mm
        @repeats = repeats.freeze
        passes, heights, lengths = told.transpose
        @blocks = [Block.new(passes: passes.freeze, heights: heights.freeze, count: 1, step_mm: 0.0).freeze].freeze
        @run_up_to = lengths.each_with_object([0.0]) { |mm, sums| sums << (sums.last + mm) }.freeze
        freeze
      end

      def wire_mm = @run_up_to.last

      # The wire of some repeats, counted from 1, with what is woven before the first and after the last.
      def path_mm(first, last)
        from = (first == 1) ? 0 : @repeats[first - 1]
        to = (last == @repeats.size - 1) ? -1 : @repeats[last]
        @run_up_to[to] - @run_up_to[from]
      end
    end
  end
end
