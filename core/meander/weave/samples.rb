# frozen_string_literal: true

module Meander
  module Weave
    # A short list of weaves to begin from, each a walk over so many base wires with the coils that close it.
    module Samples
      Sample = Struct.new(:key, :name, :base, :gaps, :after, keyword_init: true)

      def self.pairs(*spans) = spans.flat_map { |from, to| [from, to, from, to] }
      private_class_method :pairs

      RAY = ([0, 1] * 8) + [0, 2, 1, 3, 2, 3, 1, 4, 3, 4, 1, 5, 4, 5, 1, 4, 3, 4, 1, 3, 2, 3, 1, 2]
      WALKS = [
        ["plain-coil", "a plain coil", 1, [0, 1]],
        ["figure-eight-2", "a figure-eight, two a side", 2, [1, 2, 1, 2, 1, 0, 1, 0]],
        ["stagger-3", "a stagger over three", 3, [0, 2, 0, 2, 1, 3, 1, 3]],
        ["diamond-5", "diamonds over five", 5, pairs([2, 3], [1, 4], [0, 5], [1, 4])],
        ["diamond-7", "diamonds over seven", 7, pairs([3, 4], [2, 5], [1, 6], [0, 7], [1, 6], [2, 5])],
        ["ray-5", "stepped rays over five", 5, RAY],
        ["panel-4", "a panel, in and out", 4, [0, 1, 2, 3, 4, 3, 2, 1]],
        ["coiled-panel-4", "a panel, a coil on each wire", 4, [0, 1, 0, 1, 2, 1, 2, 3, 2, 3, 4, 3, 4, 3, 2, 3, 2, 1, 2, 1]]
      ].freeze
      ALL = WALKS.map do |key, name, base, gaps|
        first = gaps.first
        closing = {gaps: [first, (first < base) ? first + 1 : first - 1].freeze, times: 3}.freeze
        Sample.new(key:, name:, base:, gaps: gaps.freeze, after: [closing].freeze).freeze
      end.freeze

      # What a section's pattern is called: its counts, its name here, or what kind of walk it is.
      def self.words(pattern, base)
        return "#{pattern[:single]} + #{pattern[:both]}" if pattern[:kind] == "coils"

        named = ALL.find { |sample| sample.base == base && sample.gaps == pattern[:gaps] }
        named ? named.name : "a walk of #{Units::Text.count(pattern[:gaps].size, "pass", "passes")}"
      end
    end
  end
end
