# frozen_string_literal: true

module Meander
  module Weave
    # A laid-out section on base wires that stand alike all along: settled repeats, and the stretches before and after
    # them. How far it reaches and what wire it takes is linear in the repeats, from two on (and from where repeats that
    # taper are alike): a single one meets what is before and after it. All in mm, of one strand.
    class EvenLayout
      # What the second half of a strip woven from its middle leaves out, as the first has it: mm along the strip, mm of
      # one strand's path, and passes.
      Shared = Struct.new(:mm, :path_mm, :passes)
      NOTHING = Shared.new(0.0, 0.0, 0).freeze

      # What closes so few repeats lies a little otherwise for every one more; from then on alike.
      FEW = 4
      # So many are laid at the most.
      MOST = 1_000_000

      attr_reader :frame, :repeat

      # table: the PassTable of the frame; repeat: a Repeat, or Tapering; before, after: [[Repeat, count], ...]; rest:
      # what is left of the first repeat for a second half that shares its beginning with the first half, nil where each
      # half is woven whole.
      def initialize(frame, table, repeat, before:, after:, rest: nil)
        @frame = frame
        @table = table
        @repeat = repeat
        @before = before
        @after = after
        @rest = rest
        @strips = {}
        @single = strip(1)
        @linear = 2 + repeat.unlike
        @edges = (1..(FEW + repeat.unlike)).map { |repeats| edges(strip(repeats), repeats) }.freeze
        @shared = {}
        freeze
      end

      # What two halves of so many repeats share: with one repeat each, its end meets what closes the half.
      def shared(repeats)
        return NOTHING unless @rest

        number = repeats.clamp(1, FEW)
        @shared[number] ||= [strip(number), second(number)].then do |one, other|
          Shared.new(one.woven_mm - other.woven_mm, one.wire_mm - other.wire_mm, one.pass_count - other.pass_count)
            .freeze
        end
      end

      def strip(repeats) = @strips[repeats] ||= Strip.new(frame, @table, [*@before, [repeat, repeats], *@after])

      # The second half of a strip from the middle, as it is woven from there.
      def second(repeats)
        return strip(repeats) unless @rest

        @strips[-repeats] ||= Strip.new(frame, @table, [[@rest, 1], [repeat, repeats - 1], *@after])
      end

      # Every gap the wire goes through.
      def visited = @single.visited

      # The frames at the two ends of a strip of any length, and the widest.
      def end_frame = frame
      def widest = frame

      def woven_mm(repeats)
        return strip(repeats).woven_mm if repeats < @linear

        strip(@linear).woven_mm + repeat.from_mm(repeats) - repeat.from_mm(@linear)
      end

      # The fewest repeats that reach a length.
      def reaching(length_mm) = (1..MOST).bsearch { |repeats| woven_mm(repeats) >= length_mm } || MOST

      # Where repeat k begins, counted from where the weave begins.
      def repeat_from_mm(repeat_number)
        @single.runs[@before.count { |_, count| count.positive? }].from_mm + repeat.from_mm(repeat_number - 1)
      end

      # The wire of some of the repeats, with what is woven before the first and after the last of them all.
      def path_mm(first, last, repeats)
        path = repeat.some_wire_mm(first - 1, last - first + 1)
        before, after = @edges[repeats.clamp(1, @edges.size) - 1]
        path += before if first == 1
        path += after if last == repeats
        path
      end

      # The wire of the longest of so many lengths that share the repeats evenly: the first, the last, or one between
      # them.
      def longest_mm(repeats, lengths)
        first = path_mm(1, [repeats / lengths, 1].max, repeats)
        last = path_mm((repeats * (lengths - 1) / lengths) + 1, repeats, repeats)
        [first, last, *((lengths > 2) ? longest_between_mm(repeats, lengths) : [])].max
      end

      # How many passes are made before the repeats.
      def passes_before = @before.sum { |before, count| before.passes.size * count }

      def straight? = true
      def most_repeats = Float::INFINITY
      def profile = nil

      private

      # A length between the first and the last: where repeats open or close, one at either end of them.
      def longest_between_mm(repeats, lengths)
        most = (repeats / lengths.to_f).ceil
        [0, repeats - most].map { |from| repeat.some_wire_mm(from, most) }.max
      end

      # Wire before and after so many repeats: together they are all that is not repeats.
      def edges(strip, repeats)
        before = strip.runs.take_while { |run| !run.repeat.equal?(repeat) }.sum(&:wire_mm)
        [before, strip.wire_mm - before - repeat.some_wire_mm(0, repeats)]
      end
    end
  end
end
