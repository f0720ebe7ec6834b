# frozen_string_literal: true

module Meander
  module Crafts
    module Weaving
      module Advice
        # Coils counted on each base wire, left and right of the middle of the strip. A frame narrows to its ends as it
        # will, so its halves are not compared.
        module SidesUnequal
          def self.call(woven)
            return if woven.sides == 2 || woven.profile

            left, right = woven.strip.wraps_by_half
            wire = left.each_index.max_by { |i| (left[i] - right[i]).abs }
            return if left == right

            AdviceItem.new(id: "sides-unequal", severity: "note", place: "/pattern",
              title: "#{left[wire]} wraps on wire #{wire + 1} left of the middle, #{right[wire]} right of it",
              why: "The strip does not read the same from both ends, so the halves cannot be counted against " \
                   "each other.",
              remedy: "Begin and end on the same coils, or weave from the middle outwards.",
              figures: {left:, right:})
          end
        end
      end
    end
  end
end
