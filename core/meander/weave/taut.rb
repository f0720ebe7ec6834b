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

      # How far before and after a station those stand that it is drawn between, and the share of the one before.
      Pull = Struct.new(:reach, :share)

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

      # The wire from station to station is added up from the nearest on.
      def pull(reach)
        size = @steps.size
        back = [*@steps.last(reach), *@steps].reverse
        before = Array.new(size) { |i| back[size - i, reach].sum }
        share = Array.new(size) { |i| before[(i + reach) % size].then { |after| after / (before[i] + after) } }
        Pull.new(reach, share)
      end

      # Drawn between stations as they stood, those of the repeats below and above with them.
      def draw(pull)
        reach, share = *pull
        still = [*@heights.last(reach).map { |y| y - @advance }, *@heights, *@heights.first(reach).map { |y|
          y + @advance
        }]
        on = 2 * reach
        @heights = Array.new(share.size) do |i|
          y, above = still[i + reach], still[i + on]
          y + (PULL * (above + (share[i] * (still[i] - above)) - y))
        end
      end

      def part
        heights, upper, lower, least, i = @heights, @upper, @lower, @least, -1
        while (i += 1) < upper.size
          up, low = upper[i], lower[i]
          short = least[i] - heights[up] + heights[low]
          next unless short > 0.0

          half = short / 2
          heights[up] += half
          heights[low] -= half
        end
      end
    end
  end
end
