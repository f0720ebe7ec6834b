# frozen_string_literal: true

module Meander
  module Crafts
    module Braiding
      module Advice
        # A curve that goes round further than a circle, or nearly.
        module FullCircle
          FROM_DEGREES = 300

          def self.call(braided)
            curve = braided.curve
            return unless curve && curve[:turn] > FROM_DEGREES

            turn = Units::Text.number(curve[:turn], 0)
            AdviceItem.of("braid-full-circle", "warn", "/form", "The beads curve it #{turn}° round",
              "On a radius of #{Units::Text.length(curve[:radius_mm])} its ends come together or cross.",
              "A larger radius, or fewer beads.", turn: curve[:turn], radius_mm: curve[:radius_mm])
          end
        end
      end
    end
  end
end
