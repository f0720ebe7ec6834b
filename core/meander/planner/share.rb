# frozen_string_literal: true

module Meander
  module Planner
    # Strands of a weave that are cut alike: all of them where they lie side by side; each by itself where two take turns.
    class Share
      attr_reader :strands

      # The shares of the repeats of a half (0, or 1 for the second), or of a whole strip.
      def self.all(layout, repeats, half)
        return [Turn.new(layout, repeats, 0), Turn.new(layout, repeats, 1)] if layout.piece.in_turn?

        [new(layout, repeats, half)]
      end

      def initialize(layout, repeats, half)
        @layout = layout
        @repeats = repeats
        @less_mm = half.zero? ? 0.0 : layout.laid.shared(repeats).path_mm
        @beads_mm = layout.seats.sum { |seats| seats.extra_mm(repeats, half) }
        @strands = layout.piece.strands.each_index.to_a.freeze
        freeze
      end

      # What the beads of all repeats take more of one strand.
      attr_reader :beads_mm

      # What one strand weaves from one repeat to another, with what comes before the first and after the last of all, and its share
      # of what beads take more.
      def path_mm(first, last) = @layout.laid.path_mm(first, last, @repeats) - ((first == 1) ? @less_mm : 0.0) + (beads_mm * (last - first + 1) / @repeats)

      # The longest of so many lengths that share the repeats evenly.
      def longest_mm(lengths) = @layout.laid.longest_mm(@repeats, lengths) + (beads_mm * (@repeats / lengths.to_f).ceil / @repeats)
    end

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
        woven = mine.sum { |repeat| @layout.laid.path_mm(repeat, repeat, @repeats) } + beads_in(first, last)
        woven + others.sum { |repeat| rest_mm(repeat) }
      end

      def longest_mm(lengths)
        (0...lengths).map { |i| path_mm((@repeats * i / lengths) + 1, [@repeats * (i + 1) / lengths, (@repeats * i / lengths) + 1].max) }.max
      end

      private

      # What the beads on its own repeats take more: from one repeat to another, and up to each, [0.0, up to the first, ...].
      def beads_in(first, last) = @beads[last] - @beads[first - 1]

      def beads
        each = @layout.seats.each_with_object(Array.new(@repeats, 0.0)) { |seats, all| seats.each_extra(@repeats) { |round, mm| all[round] += mm if mine?(round + 1) } }
        each.reduce([0.0]) { |sums, mm| sums << (sums.last + mm) }
      end

      def mine?(repeat) = (repeat - 1) % 2 == @turn

      # Along a repeat of the other wire; not before its own first turn and not after its last.
      def rest_mm(repeat)
        return 0.0 if repeat == 1 || repeat == @repeats

        @layout.laid.repeat_from_mm(repeat + 1) - @layout.laid.repeat_from_mm(repeat)
      end
    end
  end
end
