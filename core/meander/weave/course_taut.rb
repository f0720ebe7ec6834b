# frozen_string_literal: true

module Meander
  module Weave
    # Pulls a course taut: every station towards the straight between those before and after it, and apart again where
    # that brings stretches too near (see Taut). Heights in mm.
    class CourseTaut
      # Rounds of drawing stations to the straight between those so many before and after, and of parting alone.
      REACHES = [8, 4, 2, 1, 4, 2, 1, 4, 2, 1, 1, 1].freeze
      PARTING = 16

      # heights: of all stations; pairs: [upper stations, lower ones, how much higher the first must lie]; runs: the
      # wire before each station; giving: how far each gives way at once, as a share; seen: what cannot be seen, in mm.
      def initialize(heights, pairs, runs, giving, seen)
        @pulled = heights.dup
        @upper, @lower, @least = pairs
        @runs = runs
        @giving = giving
        @seen = seen
      end

      # The heights, those of stations from one up to another pulled taut.
      def call(from, to)
        REACHES.each do |reach|
          draw(reach, from, to)
          part(from)
        end
        PARTING.times { part(from) || break }
        (from...to).each { |i| @pulled[i] = @pulled[i - 1] if @runs[i] - @runs[i - 1] < CourseLaying::SAME }
        @pulled
      end

      private

      def draw(reach, from, to)
        still, runs, giving = @pulled.dup, @runs, @giving
        i, last = [from, reach].max - 1, to - reach
        while (i += 1) < last
          before, after = runs[i] - runs[i - reach], runs[i + reach] - runs[i]
          whole = before + after
          next if whole < CourseLaying::SAME

          y = still[i]
          line = ((still[i - reach] * after) + (still[i + reach] * before)) / whole
          @pulled[i] = y + (Taut::PULL * giving[i] * (line - y))
        end
      end

      # Each by half, but for what is held.
      # @return whether any had to give way by more than can be seen
      def part(from)
        pulled, upper, lower, least = @pulled, @upper, @lower, @least
        most, i = 0.0, -1
        while (i += 1) < upper.size
          up, low = upper[i], lower[i]
          short = least[i] - pulled[up] + pulled[low]
          next unless short > 0.0

          most = short if short > most
          held = low < from
          pulled[up] += held ? short : short / 2
          pulled[low] -= short / 2 unless held
        end
        most > @seen
      end
    end
  end
end
