# frozen_string_literal: true

module Meander
  module Crafts
    module Knotting
      module Advice
        # A panel that is wider than its mount; along a bent wire heads stand as far apart as the cords hang.
        module FansOut
          # Cords that hang this much farther apart than their heads pull to the sides.
          SPREAD = 1.3

          def self.call(knotted)
            layout = knotted.layout
            return if !layout.mounted? || layout.bar || layout.girth || knotted.base.size < 3

            heads = layout.heads_mm
            return if layout.spacing_mm * knotted.base.size <= SPREAD * heads

            AdviceItem.of("knot-wider-than-mount", "note", "/mount", "The knots are wider than what they hang from",
              "Heads side by side take #{Units::Text.length(heads)}, the knots below " \
              "#{Units::Text.length(knotted.width_mm)}: the panel fans out from its bar.",
              "Room between the heads, or more cords on the bar than are knotted.", heads_mm: heads,
              width_mm: knotted.width_mm)
          end
        end
      end
    end
  end
end
