# frozen_string_literal: true

module Meander
  module Weave
    # Ways to begin over n base wires: anchored on one, the others brought in afterwards. Each is a list of stretches to
    # weave before the repeats. Counts are common practice, no source: a few coils to anchor, two wraps to take in each
    # wire.
    module Beginnings
      ANCHOR = 3
      TAKING_IN = 2

      # From the maker's side outwards, a wire at a time.
      def self.one_by_one(wires) = stretches((1..wires).map { |far| [0, far] })

      # From the middle wire (or the middle two) outwards, a wire on either side at a time.
      def self.in_pairs(wires)
        middle = (wires - 1) / 2
        stretches((0..middle).map { |k| [middle - k, wires - middle + k] })
      end

      # Both ways for every number of base wires.
      def self.all(numbers)
        numbers.to_h { |wires| [wires, {one_by_one: one_by_one(wires), in_pairs: in_pairs(wires)}] }
      end

      def self.stretches(spans) = spans.each_with_index.map { |gaps, i| {gaps:, times: i.zero? ? ANCHOR : TAKING_IN} }
      private_class_method :stretches
    end
  end
end
