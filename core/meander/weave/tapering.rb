# frozen_string_literal: true

require "forwardable"

module Meander
  module Weave
    # Repeats of one walk that open or close one after another: each of the first ones has a pitch of its own, all that
    # follow have that of the last. Stands where a Repeat does; what is said of one repeat is of the one half-way.
    class Tapering
      extend Forwardable

      def_delegators :@middle, :frame, :walk, :passes, :heights, :places, :packed_mm, :advance_mm, :wire_mm, :lean,
        :loosest_mm

      # steps: Repeat values, those that differ in their order.
      def initialize(steps)
        @steps = steps.freeze
        @middle = steps[steps.size / 2]
        @ends_mm = sums(&:advance_mm)
        @wires_mm = sums(&:wire_mm)
        freeze
      end

      # How many repeats are unlike the one after them.
      def unlike = @steps.size - 1

      # One of them, counted from 0.
      def copy(number) = @steps[[number, unlike].min]

      # How far so many reach, and what wire some take from one on, in mm.
      def from_mm(copies) = up_to(@ends_mm, copies, @steps.last.advance_mm)
      def some_wire_mm(first, count) = wire_to_mm(first + count) - wire_to_mm(first)

      # Some from one on, those together that are alike: [[Repeat, first, count], ...].
      def runs(first, count)
        own = (first...[first + count, unlike].min).map { |number| [@steps[number], number, 1] }
        alike = first + count - [first, unlike].max
        alike.positive? ? [*own, [@steps.last, [first, unlike].max, alike]] : own
      end

      private

      def sums = @steps.each_with_object([0.0]) { |step, found| found << (found.last + yield(step)) }.freeze
      def wire_to_mm(copies) = up_to(@wires_mm, copies, @steps.last.wire_mm)

      def up_to(sums, copies, each)
        (copies < sums.size) ? sums[copies] : sums.last + ((copies - sums.size + 1) * each)
      end
    end
  end
end
