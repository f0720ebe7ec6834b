# frozen_string_literal: true

module Meander
  module Crafts
    module Knotting
      module Advice
        # Two half knots of one hand, where a square knot was meant.
        module Granny
          def self.call(knotted)
            found = HalfKnots.runs(knotted).count { |run| run == 2 }
            return if found.zero?

            AdviceItem.of("knot-granny", "warn", "/rows", "Two half knots from one side are a granny",
              "#{Units::Text.count(found, "pair")} of half knots begin from the same side both times: they lie " \
              "askew and slip, " \
              "where a square knot, begun from one side and then from the other, lies flat and holds.",
              "A square knot in their place; for a spiral more than two of them.", pairs: found)
          end
        end
      end
    end
  end
end
