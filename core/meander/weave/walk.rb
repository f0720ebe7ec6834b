# frozen_string_literal: true

module Meander
  module Weave
    # A weave as the list of gaps its wire goes through, in turn across the front and across the back. The list is
    # cyclic: the last pass returns to the first gap. With an odd number of passes the second time round runs on the
    # other face, so such a walk only closes when it is run twice.
    class Walk
      attr_reader :gaps

      # @raise [Error] when two neighbours in the list are equal or the list is shorter than two gaps
      def initialize(gaps)
        raise Error, "a walk needs at least two gaps, given #{gaps.inspect}" if gaps.size < 2

        gaps.each_index do |i|
          next unless gaps[i] == gaps[i - 1]

          raise Error, twice(gaps[i], i)
        end
        @gaps = gaps.dup.freeze
        freeze
      end

      def twice(gap, index)
        return "the walk returns to its first gap #{gap} by itself: leave out the last #{gap}" if index.zero?

        "gap #{gap} stands twice in a row (places #{index} and #{index + 1}): a pass must lead to another gap"
      end
      private :twice

      # a wraps round the first base wire alone, then b wraps round the first two together.
      # @example
      #   Walk.coils(1, 2).gaps #=> [0, 1, 0, 2, 0, 2]
      def self.coils(single, both) = new(([0, 1] * single) + ([0, 2] * both))

      # The mirror image across n base wires: the first becomes the last.
      def across(wires) = Walk.new(gaps.map { |gap| wires - gap })

      # The mirror image along the strip: the same gaps the other way round, from the same first one.
      def along = Walk.new([gaps.first, *gaps.drop(1).reverse])

      # The other face: what was woven behind comes to the front.
      def turned = Walk.new(gaps.rotate(1))

      def runs_twice? = gaps.size.odd?

      # The gaps of one full repeat, twice through where the walk runs twice.
      def closed_gaps = runs_twice? ? gaps + gaps : gaps

      def visited = gaps.uniq
    end
  end
end
