# frozen_string_literal: true

module Meander
  module Weave
    # Where one wire comes to lie that is wound on and on along an Outline, each repeat pushed against what is laid
    # already: the height of every station of a settled repeat, and how far a repeat rises, in weaving wires.
    #
    # A station lies on what is near it across the strip; it may lean back from the one before by at most `lean` times
    # the wire between, and not climb more than CLIMB times it (the wire before it is drawn up then). Later wire lies
    # above earlier.
    class Placing
      CLIMB = 1.0
      # Laid so often at the most; a rise that does not settle by then is taken as its mean over the last MEAN.
      MOST, MEAN = 96, 24
      # Heights that differ by less are the same, in wires.
      SAME = 1e-9
      # Rises that differ by a smaller share are even.
      EVEN = 0.002

      # heights: of the stations of a repeat, from its first one; advance: the rise of a repeat.
      Settled = Struct.new(:heights, :advance)

      # lay: what a pass takes up along the strip (1, or 2 for two wires side by side).
      def self.call(outline, lean:, lay: 1) = new(outline, lean, lay).call

      # The rise of a repeat alone.
      def self.rise(outline, lean:, lay: 1) = new(outline, lean, lay).advance

      def initialize(outline, lean, lay)
        @size = outline.size
        @steps = outline.steps
        @lean = lean
        @contacts = outline.contacts(lay)
        # The last repeats, the newest first: heights of all stations. Before the first there is nothing.
        @laid = Array.new(4) { Array.new(@size, -Float::INFINITY) }
      end

      def call
        settle
        Taut.call(@contacts, @steps, @heights, @advance)
      end

      def advance
        settle
        @advance
      end

      private

      def settle
        rises, seen = nil, []
        MOST.times do |number|
          lay_repeat(first: number.zero?)
          seen << @laid[0]
          next if number < 3

          before, rises = rises, rise
          next unless before && steady?(before, rises)
          return read(rises) if rises.max - rises.min <= EVEN * rises.max

          leap(rises)
          rises, seen = nil, []
        end
        (seen.size > MEAN) ? mean(seen.last(MEAN + 1)) : read(rise)
      end

      def rise = Array.new(@size) { |i| @laid[0][i] - @laid[1][i] }
      def steady?(before, now) = before.each_index.all? { |i| (before[i] - now[i]).abs < SAME }

      # Parts that fall behind by less than can be seen may as well keep up: that leaves room between repeats, and takes
      # none.
      def read(rises)
        @advance = rises.max
        @heights = @laid[0].dup
      end

      # A mean of ways that can be is one that can be.
      def mean(repeats)
        count = repeats.size - 1
        @advance = Array.new(@size) { |i| repeats.last[i] - repeats.first[i] }.sum / @size / count
        @heights = Array.new(@size) { |i| (1..count).sum { |k| repeats[k][i] - ((k - count) * @advance) } / count }
      end

      # Lays one more repeat on what lies.
      def lay_repeat(first:)
        @laid = [Array.new(@size), *@laid.first(3)]
        here = @laid[0]
        @size.times do |i|
          y = resting(i)
          before = i.zero? ? @laid[1][-1] : here[i - 1]
          leant = before - (@lean * @steps[i - 1])
          y = leant if leant > y
          y = 0.0 if first && i.zero?
          here[i] = y
          draw_up(i) if before < y - (CLIMB * @steps[i - 1])
        end
      end

      # As low as what lies there lets it.
      def resting(station)
        y = -Float::INFINITY
        @contacts[station].each do |other, back, height|
          at = @laid[back][other] + height
          y = at if at > y
        end
        y
      end

      # The wire before a station that lies high climbs to it.
      def draw_up(station)
        back, i = 0, station
        while back < 3
          y = @laid[back][i]
          back, i = i.zero? ? [back + 1, @size - 1] : [back, i - 1]
          least = y - (CLIMB * @steps[i])
          break if @laid[back][i] >= least || @laid[back][i].infinite?

          @laid[back][i] = least
        end
      end

      # While parts rise unlike each other, and evenly, so many repeats go by until one holds the other: those are left
      # out.
      def leap(rises)
        many = [slack_of_contacts(rises), slack_of_wire(rises)].min.floor - 1
        return unless many.positive?

        @laid.each { |heights| heights.map!.with_index { |y, i| y + (many * rises[i]) } }
      end

      def slack_of_contacts(rises)
        here = @laid[0]
        @contacts.each_with_index.reduce(Float::INFINITY) do |least, (contacts, i)|
          contacts.reduce(least) do |most, (other, back, height)|
            nearing = rises[other] - rises[i]
            (nearing > SAME) ? [most, (here[i] - @laid[back][other] - height) / nearing].min : most
          end
        end
      end

      # Until the wire between two stations leans, or climbs, as far as it may.
      def slack_of_wire(rises)
        here = @laid[0]
        @size.times.reduce(Float::INFINITY) do |least, i|
          rate, climb = rises[i] - rises[i - 1], here[i] - (i.zero? ? @laid[1][-1] : here[i - 1])
          next least if rate.abs < SAME

          [least, (rate.positive? ? (CLIMB * @steps[i - 1]) - climb : (@lean * @steps[i - 1]) + climb) / rate.abs].min
        end
      end
    end
  end
end
