# frozen_string_literal: true

module Meander
  module Weave
    # A woven section: stretches of settled repeats one after another (anchor coils, the pattern, closing coils), the wire
    # going on from each to the next.
    #
    # A stretch is told as blocks: its first repeat and its last, whose ends meet other passes, and between them the settled
    # period over and over. Everything in mm along the strip, from the first pass's place.
    class Strip
      # Passes with their heights (of the first copy) and slants, copied `count` times, `step_mm` further each time. entry_mm:
      # the height of the pass before, or where the wire begins; exit: [height, slant] of the pass after the first copy, nil where the wire ends.
      # begins: whether the wire begins here, in the plane of the base wires.
      Block = Struct.new(:passes, :heights, :slants, :count, :step_mm, :entry_mm, :exit, :begins, keyword_init: true) do
        # Length of the wire on its own way through all copies.
        def wire_mm
          last = entry_mm
          once = passes.each_index.sum do |i|
            climb = heights[i] - last
            last = heights[i]
            Math.hypot(passes[i].straight_mm, slants[i]) + Math.hypot(turn_mm(i), climb - slants[i])
          end
          (count * once) + (exit ? 0.0 : passes.last.turn_after_mm / 2)
        end

        private

        def turn_mm(index) = (index.zero? && begins) ? passes[index].lead_mm : passes[index].turn_mm
      end

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

      # Length of the weaving wire's own way, no tails.
      def wire_mm = runs.sum(&:wire_mm)

      def blocks = runs.flat_map(&:blocks)

      # How many wraps in front lie on each base wire in the first half of the strip, and in the second: [[...], [...]].
      def wraps_by_half
        fronts = blocks.map { |block| [block.passes.select { |pass| pass.face.positive? }.map(&:wires), block.count] }
        half = fronts.sum { |spans, copies| spans.size * copies } / 2
        [fronts, fronts.reverse.map { |spans, copies| [spans.reverse, copies] }].map { |order| tally(order, half) }
      end

      # How many base wires the last wrap goes round.
      def last_span = blocks.last.passes.last(2).map { |pass| pass.wires.size }.max

      private

      # Wraps on each wire among so many of the first.
      def tally(order, left)
        order.each_with_object(Array.new(frame.count, 0)) do |(spans, copies), found|
          whole = [left / [spans.size, 1].max, copies].min
          spans.each { |wires| wires.each { |wire| found[wire] += whole } }
          left -= whole * spans.size
          next if whole == copies

          spans.first(left).each { |wires| wires.each { |wire| found[wire] += 1 } }
          break found
        end
      end

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
        tops, bottoms = Cover.places(before).flatten(1), Cover.places(after).flatten(1)
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
        Block.new(passes: passes(index, first, repeats, last: first + (repeats * copies) == count), heights: places.map { |k| height(index, k) },
          slants: places.map { |k| slant(repeat, k) }, count: copies, step_mm: repeat.advance_mm * repeats,
          entry_mm: entry_mm(index, places.first), exit: exit(index, places.last + 1), begins: index.zero? && first.zero?).freeze
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
