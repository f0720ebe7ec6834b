# frozen_string_literal: true

module Meander
  module Weave
    # A laid-out section on base wires that stand alike all along: settled repeats, and the stretches before and after them. How
    # far it reaches and what wire it takes is linear in the repeats. All in mm, of one strand.
    class Laid
      attr_reader :frame, :repeat

      # table: the PassTable of the frame; before, after: [[Repeat, count], ...].
      def initialize(frame, table, repeat, before:, after:)
        @frame = frame
        @table = table
        @repeat = repeat
        @before = before
        @after = after
        @strips = {}
        @single = strip(1)
        @edges = edges
        freeze
      end

      def strip(repeats) = @strips[repeats] ||= Strip.new(frame, @table, [*@before, [repeat, repeats], *@after])

      # The frames at the two ends of a strip of any length, and the widest.
      def end_frame = frame
      def widest = frame

      def woven_mm(repeats) = @single.woven_mm + (repeat.advance_mm * (repeats - 1))

      # The fewest repeats that reach a length.
      def reaching(length_mm) = [((length_mm - @single.woven_mm) / repeat.advance_mm).ceil + 1, 1].max

      # Where repeat k begins, counted from where the weave begins.
      def repeat_from_mm(repeat_number) = @single.runs[@before.count { |_, count| count.positive? }].from_mm + (repeat.advance_mm * (repeat_number - 1))

      # The wire of some of the repeats, with what is woven before the first and after the last of them all.
      def path_mm(first, last, repeats)
        path = repeat.wire_mm * (last - first + 1)
        path += @edges[:before] if first == 1
        path += @edges[:after] if last == repeats
        path
      end

      # The wire of the longest of so many lengths that share the repeats evenly: the first, the last, or one between them.
      def longest_mm(repeats, lengths)
        first = path_mm(1, [repeats / lengths, 1].max, repeats)
        last = path_mm((repeats * (lengths - 1) / lengths) + 1, repeats, repeats)
        between = (lengths > 2) ? repeat.wire_mm * (repeats / lengths.to_f).ceil : 0.0
        [first, last, between].max
      end

      # How many passes are made before the repeats.
      def passes_before = @before.sum { |before, count| before.passes.size * count }

      def straight? = true
      def most_repeats = Float::INFINITY
      def profile = nil

      private

      # Together they are all that is not repeats.
      def edges
        before = @single.runs.take_while { |run| !run.repeat.equal?(repeat) }.sum(&:wire_mm)
        {before:, after: @single.wire_mm - before - repeat.wire_mm}
      end
    end
  end
end
