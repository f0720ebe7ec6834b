# frozen_string_literal: true

module Meander
  module Weave
    # A woven section: stretches of settled repeats one after another (anchor coils, the pattern, closing coils), the wire
    # going on from each to the next.
    #
    # A stretch is told as blocks: its first repeat and its last, whose ends meet other passes, and between them the settled
    # period over and over. Everything in mm along the strip, from the first pass's place.
    class Strip
      include StripReading

      # A stretch laid down: its repeat, how often, where its first pass lies, and its blocks.
      Run = Struct.new(:repeat, :count, :from_mm, :blocks) do
        def woven_mm = repeat.advance_mm * count
        def wire_mm = blocks.sum(&:wire_mm)
      end

      attr_reader :frame, :runs

      # table: the PassTable of the frame; stretches: [[Repeat, count], ...]; counts of zero are left out.
      def initialize(frame, table, stretches)
        @frame = frame
        @table = table
        @stretches = stretches.reject { |_, count| count.zero? }
        @starts = starts
        @runs = @stretches.each_index.map { |i| run(i) }.freeze
        freeze
      end

      # Length along the work.
      def woven_mm = @stretches.empty? ? 0.0 : @starts.last + runs.last.woven_mm

      def blocks = runs.flat_map(&:blocks)

      private

      # Each stretch begins an advance after the last pass of the one before, or further on where its first passes would
      # come to lie on that one's last.
      def starts
        at = 0.0
        @stretches.each_index.map do |i|
          at += (i.zero? ? 0.0 : @stretches[i - 1].then { |repeat, count| (repeat.advance_mm * count) + overlap_mm(i) })
        end
      end

      def overlap_mm(index)
        before, after = @stretches[index - 1][0], @stretches[index][0]
        tops, bottoms = before.places.flatten(1), after.places.flatten(1)
        clash = tops.zip(bottoms).filter_map { |top, bottom| top.max - before.period_mm + frame.lay_mm - bottom.min if top.any? && bottom.any? }
        [0.0, *clash].max
      end

      def run(index)
        repeat, count = @stretches[index]
        period = repeat.repeats
        bodies = (count > 2) ? (count - 2) / period : 0
        first_tail = 1 + (bodies * period)
        blocks = [block(index, 0, 1, 1), (block(index, 1, period, bodies) if bodies.positive?),
          (block(index, first_tail, count - first_tail, 1) if count > first_tail)].compact
        Run.new(repeat, count, @starts[index], blocks.freeze).freeze
      end

      # So many repeats from the given one of a stretch, copied.
      def block(index, first, repeats, copies)
        repeat, count = @stretches[index]
        each = repeat.passes.size
        places = ((first * each)...((first + repeats) * each)).to_a
        passes = passes(index, first, repeats, last: first + (repeats * copies) == count)
        Block.new(passes:, heights: places.map { |place| height(index, place) }, slants: places.zip(passes).map { |place, pass| slant_of(pass, repeat, place) },
          count: copies, step_mm: repeat.advance_mm * repeats, entry_mm: entry_mm(index, places.first),
          exit: exit(index, places.last + 1), begins: index.zero? && first.zero?).freeze
      end

      # A pass that leads on to another stretch over other wires than in its own lies level.
      def slant_of(pass, repeat, place)
        (pass.wires == repeat.passes[place % repeat.passes.size].wires) ? slant(repeat, place) : 0.0
      end

      # The repeat's own passes, but for those that meet another stretch.
      def passes(index, first, repeats, last:)
        gaps = @stretches[index][0].walk.closed_gaps
        return @stretches[index][0].passes * repeats unless first.zero? || last

        @table.passes(gaps * repeats, before: first.zero? ? gap_before(index) : gaps.last, onward: last ? onward(index) : gaps.first(2))
      end

      def gap_before(index) = index.zero? ? nil : @stretches[index - 1][0].walk.closed_gaps.last

      # The next stretch's first gaps; after the last one the wire closes its own repeat and ends there.
      def onward(index)
        following = @stretches[index + 1]
        following ? following[0].walk.closed_gaps.first(2) : [@stretches[index][0].walk.closed_gaps.first, nil]
      end

      # The height of a stretch's pass, counted from its first, also before its first and after its last.
      def height(index, place)
        repeat, count = @stretches[index]
        return past_end(index) if place == count * repeat.passes.size

        rounds, in_period = place.divmod(repeat.heights.size)
        @starts[index] + repeat.heights[in_period] + (rounds * repeat.period_mm)
      end

      def past_end(index) = @stretches[index + 1] ? @starts[index + 1] : nil

      def entry_mm(index, place)
        return height(index, place - 1) if place.positive?
        return height(index - 1, @stretches[index - 1].then { |repeat, count| (count * repeat.passes.size) - 1 }) if index.positive?

        @stretches[0][0].then { |repeat, _| repeat.heights.first - repeat.slants.first }
      end

      def exit(index, place)
        repeat, count = @stretches[index]
        return [height(index, place), slant(repeat, place)] if place < count * repeat.passes.size

        following = @stretches[index + 1]
        following ? [@starts[index + 1], following[0].slants.first] : nil
      end

      def slant(repeat, place) = repeat.slants[place % repeat.slants.size]
    end
  end
end
