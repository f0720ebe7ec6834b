# frozen_string_literal: true

module Meander
  module Crafts
    module Crocheting
      module Advice
        # Lengths lie between two limits until a swatch says them.
        module Assumed
          def self.call(crocheted)
            return unless crocheted.assumed?

            used = crocheted.used
            least, most = used.least_mm(0), used.wire_mm(0)
            AdviceItem.of("crochet-assumed", "note", "/swatch", "How much wire this takes is assumed",
              "Drawn tight it takes #{Units::Text.length(least)} of each wire, as the hook forms the loops " \
              "#{Units::Text.length(most)}, which is planned with; stitch and row are a share of the hook.",
              "Make a swatch of the same stitches: count stitches and rows, and measure what it used.", least_mm: least,
              most_mm: most)
          end
        end
      end
    end
  end
end
