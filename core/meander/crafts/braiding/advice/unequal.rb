# frozen_string_literal: true

module Meander
  module Crafts
    module Braiding
      module Advice
        # Strands that run short at different times.
        module Unequal
          # Of the longest.
          SHARE = 0.03

          def self.call(braided)
            short, long = braided.strand_mm.minmax
            return if short >= long * (1 - SHARE)

            most = braided.strand_mm.index(long) + 1
            AdviceItem.of("braid-unequal", "note", "/strands", "The strands are used up at different times",
              "Strand #{most} takes #{Units::Text.length(long)} in the braid, the shortest #{Units::Text.length(short)}.",
              "Cut each as it is told, and keep them apart until they are clamped.", longest_mm: long,
              shortest_mm: short)
          end
        end
      end
    end
  end
end
