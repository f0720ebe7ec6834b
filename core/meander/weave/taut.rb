# frozen_string_literal: true

module Meander
  module Weave
    # Pulls a placed wire taut: every station is drawn towards the straight between those before and after it, and where that brings two
    # stretches closer than they may be they are parted again, each by half. In weaving wires.
    module Taut
      # How far towards that straight a station is drawn at once, and between which stations, so many before and after: far ones first,
      # as a long pull is slow to come through from neighbour to neighbour.
      PULL = 0.9
      REACHES = [8, 4, 2, 1].freeze
      ROUNDS = 8
      # Rounds of neighbours alone, and in the end of parting alone.
      NEAR, PARTING = 8, 16

      # contacts, steps: see Outline; heights: of a repeat; advance: its rise.
      # @return [Placing::Settled]
      def self.call(contacts, steps, heights, advance)
        size = heights.size
        pulls = REACHES.select { |reach| reach < size }.to_h { |reach| [reach, pull(steps, reach, advance)] }
        pairs = pairs(contacts, advance)
        ROUNDS.times { pulls.each_value { |one| part(pairs, heights = drawn(heights, one)) } }
        NEAR.times { part(pairs, heights = drawn(heights, pulls.values.last)) }
        PARTING.times { part(pairs, heights) }
        first = heights[0]
        Placing::Settled.new(heights.map { |y| y - first }.freeze, advance).freeze
      end

      # For every station: the one before, its shift by repeats, its weight, the one after, its shift, its weight.
      def self.pull(steps, reach, advance)
        size = steps.size
        Array.new(size) do |i|
          before = (1..reach).sum { |k| steps[(i - k) % size] }
          after = (0...reach).sum { |k| steps[(i + k) % size] }
          low, high = i - reach, i + reach
          [low % size, (low / size) * advance, after / (before + after), high % size, (high / size) * advance, before / (before + after)]
        end
      end

      def self.drawn(heights, pulls)
        Array.new(heights.size) do |i|
          low, down, share, high, up, rest = pulls[i]
          y = heights[i]
          y + (PULL * (((heights[low] + down) * share) + ((heights[high] + up) * rest) - y))
        end
      end

      # [[upper, lower, least height of the one above the other], ...]
      def self.pairs(contacts, advance)
        contacts.each_with_index.flat_map { |some, i| some.map { |other, back, height| [i, other, height - (back * advance)] } }
      end

      def self.part(pairs, heights)
        pairs.each do |upper, lower, least|
          short = least - heights[upper] + heights[lower]
          next unless short.positive?

          heights[upper] += short / 2
          heights[lower] -= short / 2
        end
      end
      private_class_method :pull, :drawn, :pairs, :part
    end
  end
end
