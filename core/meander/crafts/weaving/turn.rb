# frozen_string_literal: true

module Meander
  module Crafts
    module Weaving
      # One of two wires that take turns, repeat by repeat. While the other one weaves it runs along at the back.
      class Turn < Share
        # turn: 0 weaves the first repeat, the third, ...; 1 the second, the fourth, ...
        def initialize(layout, repeats, turn)
          @turn = turn
          @strands = [turn].freeze
          @layout = layout
          @repeats = repeats
          @beads = beads.freeze
          @beads_mm = beads_in(1, repeats)
          freeze
        end

        def path_mm(first, last)
          mine, others = (first..last).partition { |repeat| mine?(repeat) }
          woven = mine.sum { |repeat| @layout.weave.path_mm(repeat, repeat, @repeats) } + beads_in(first, last)
          woven + others.sum { |repeat| rest_mm(repeat) }
        end

        def longest_mm(lengths)
          (0...lengths).map { |i|
            path_mm((@repeats * i / lengths) + 1,
              [@repeats * (i + 1) / lengths, (@repeats * i / lengths) + 1].max)
          }.max
        end

        private

        # What the beads on its own repeats take more: from one repeat to another, and up to each, [0.0, up to the
        # first, ...].
        def beads_in(first, last) = @beads[last] - @beads[first - 1]

        def beads
          each = @layout.seats.each_with_object(Array.new(@repeats, 0.0)) do |seats, all|
            seats.each_extra(@repeats) { |round, mm| all[round] += mm if mine?(round + 1) }
          end
          each.reduce([0.0]) { |sums, mm| sums << (sums.last + mm) }
        end

        def mine?(repeat) = (repeat - 1) % 2 == @turn

        # Along a repeat of the other wire; not before its own first turn and not after its last.
        def rest_mm(repeat)
          return 0.0 if repeat == 1 || repeat == @repeats

          @layout.weave.repeat_from_mm(repeat + 1) - @layout.weave.repeat_from_mm(repeat)
        end
      end
    end
  end
end
