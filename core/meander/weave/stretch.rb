# frozen_string_literal: true

module Meander
  module Weave
    # One stretch as it is laid: settled repeats, but for the first pass where it goes on from another stretch and its
    # last ones where another follows, which lead there and are laid by themselves.
    class Stretch
      attr_reader :from_mm, :blocks

      # before: the gap the stretch before it ends at, nil where the wire begins; onward: the first two gaps of the one
      # that follows, nil where the wire ends.
      def initialize(table, repeat, count, before:, onward:)
        @table = table
        @repeat = repeat
        @count = count
        @before = before
        @onward = onward
        @from_mm = 0.0
        @blocks = []
      end

      # skyline: what lies there, nil where there is nothing but this stretch; end_mm: how high the wire comes from
      # there.
      # @return [Float] how high its own last pass ends
      def lay(skyline, end_mm)
        @skyline = skyline
        edges = [(0 if @before), (@count - 1 if @onward)].compact.uniq
        add(edges.include?(0) ? edge(0, end_mm) : nil)
        inner = @count - edges.size
        settled(inner, (edges.first == 0) ? 1 : 0) if inner.positive?
        add(edge(@count - 1, nil)) if edges.last.to_i.positive?
        last = blocks.last
        last.heights.last.last + ((last.count - 1) * last.step_mm)
      end

      private

      def gaps = @repeat.walk.closed_gaps
      def add(block) = block && (@blocks << block)
      def at(copy) = from_mm + @repeat.from_mm(copy)
      def raised(heights, by_mm) = by_mm.zero? ? heights : heights.map { |each| each.map { |y| y + by_mm } }

      # Settled repeats from one copy on; of many only the last two are what others are laid on.
      def settled(count, from)
        @repeat.runs(from, count).each do |repeat, first, times|
          add(Block.new(passes: repeat.passes, heights: raised(repeat.heights, at(first)), count: times,
            step_mm: repeat.advance_mm).freeze)
        end
        return unless @skyline

        ([from, from + count - 2].max...(from + count)).each do |copy|
          @skyline.take(@repeat.passes, raised(@repeat.copy(copy).heights, at(copy)))
        end
      end

      # A copy that meets another stretch: the first, the last, or both.
      def edge(copy, end_mm)
        opens, closes = copy.zero? && @before, copy == @count - 1 && @onward
        passes = @table.passes(gaps, before: opens ? @before : gaps.last, onward: closes ? @onward : gaps.first(2))
        heights = opens ? [opening(passes[0], end_mm)] : []
        own = (heights.size...(closes ? closing(passes) : passes.size)).to_a
        middle = raised(@repeat.copy(copy).heights.values_at(*own), at(copy))
        @skyline.take(passes.values_at(*own), middle)
        heights += middle
        heights += @skyline.lay(passes.drop(heights.size), heights.last&.last || at(copy)) if heights.size < passes.size
        Block.new(passes: passes.freeze, heights: heights.freeze, count: 1, step_mm: @repeat.advance_mm).freeze
      end

      # From which pass on a copy leads to the next stretch: its last, and the one before where that turns otherwise
      # than it would.
      def closing(passes)
        last = passes.size - 1
        (last.positive? && !passes[last - 1].equal?(@repeat.passes[last - 1])) ? last - 1 : last
      end

      # The first pass laid on what is there, and with it where the settled repeats begin: so that the second pass goes
      # on from it, and all of them lie on what is there. It climbs to the second one as late as it can, under what
      # comes to lie over it.
      def opening(pass, end_mm)
        heights = @skyline.lay([pass], end_mm)[0]
        first = @repeat.copy(0)
        over = first.passes.rotate(1)
        settled = [*first.heights.drop(1), first.heights[0].map { |y| y + first.advance_mm }]
        @from_mm = [heights.last - settled[0][0], @skyline.lift_mm(over, settled)].max
        begins_mm = from_mm + settled[0][0]
        raised = pass.stations.points.zip(heights).drop(1).map do |(_, _, at), y|
          [y, begins_mm - (Placing::CLIMB * (pass.run_mm - at))].max
        end
        [heights[0], *raised]
      end
    end
  end
end
