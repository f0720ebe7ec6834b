# frozen_string_literal: true

module Meander
  module Weave
    # Pulls a placed wire taut: every station is drawn towards the straight between those before and after it, and where
    # that brings two stretches closer than they may be they are parted again, each by half. In weaving wires.
    class Taut
      # How far towards that straight a station is drawn at once, and between which stations, so many before and after:
      # far ones first, as a long pull is slow to come through from neighbour to neighbour.
      PULL = 0.9
      REACHES = [8, 4, 2, 1].freeze
      ROUNDS = 8
      # Rounds of neighbours alone, and in the end of parting alone.
      NEAR, PARTING = 8, 16
      # Stretches that lie further above each other than they must, by so much, are not drawn together.
      FREE = 3.0

      # Between which two stations one is drawn: how many places on in the list they stand, how much higher the repeat
      # lies they are of, and the share of each.
      Pull = Struct.new(:low, :high, :down, :up, :share)

      # contacts, steps: see Outline; heights: of a repeat; advance: its rise.
      # @return [Placing::Settled]
      def self.call(contacts, steps, heights, advance) = new(contacts, steps, heights, advance).call

      def initialize(contacts, steps, heights, advance)
        @steps = steps
        @heights = heights
        @advance = advance
        @upper, @lower, @least = [], [], []
        contacts.each_with_index do |some, i|
          some.each { |other, back, height| pair(i, other, height - (back * advance)) }
        end
      end

      def call
        pulls = REACHES.select { |reach| reach < @heights.size }.map { |reach| pull(reach) }
        ROUNDS.times { pulls.each { |one| draw(one) && part } }
        NEAR.times { draw(pulls.last) && part }
        PARTING.times { part }
        first = @heights[0]
        Placing::Settled.new(@heights.map { |y| y - first }.freeze, @advance).freeze
      end

      private

      # Two stations that may touch, and how much higher the upper one must lie.
      def pair(upper, lower, least)
        return if @heights[upper] - @heights[lower] - least > FREE

        @upper << upper
        @lower << lower
        @least << least
      end

      def pull(reach)
        size = @steps.size
        before = Array.new(size) { |i| (1..reach).sum { |k| @steps[i - k] } }
        low, high = [-reach, reach].map { |by| Array.new(size) { |i| i + by } }
        down, up = [low, high].map { |places| places.map { |at| (at / size) * @advance } }
        share = Array.new(size) { |i| before[high[i] % size].then { |after| after / (before[i] + after) } }
        Pull.new(*[low, high].map { |places| places.map { |at| at % size } }, down, up, share)
      end

      def draw(pull)
        low, high, down, up, share = *pull
        still = @heights
        @heights = still.each_with_index.map do |y, i|
          below, above = still[low[i]] + down[i], still[high[i]] + up[i]
          y + (PULL * (above + (share[i] * (below - above)) - y))
        end
      end

      def part
        heights, lower, least = @heights, @lower, @least
        @upper.each_with_index do |up, i|
          low = lower[i]
          short = least[i] - heights[up] + heights[low]
          next unless short.positive?

          heights[up] += short / 2
          heights[low] -= short / 2
        end
      end
    end
  end
end
