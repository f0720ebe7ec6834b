# frozen_string_literal: true

module Meander
  module Crafts
    module Braiding
      module Advice
        # Lengths that no table has.
        module Assumed
          def self.call(braided)
            return unless braided.assumed?

            AdviceItem.of("braid-assumed", "warn", "/swatch",
              Weave::WireName.said(braided.base, "How much wire this braid takes is assumed"),
              "#{why(braided)}; no table or swatch confirms what a strand takes.",
              "Braid a few centimetres of scrap, and say how long it is and how much of a strand it used.",
              take_up: braided.take_up)
          end

          def self.why(braided)
            layout = braided.layout
            return "Its strands differ much in thickness" if layout.unlike?
            return "Nobody has measured such a braid with beads" if layout.threading.any?

            "Its path was laid from its crossings and drawn tight like tubes"
          end
          private_class_method :why
        end
      end
    end
  end
end
