# frozen_string_literal: true

module Meander
  module Crafts
    module Crocheting
      module Advice
        # Loops so wide for their wire that they do not keep their form.
        module Loose
          # From so many wires on; our choice, no source.
          WIDE = 16.0

          def self.call(crocheted)
            gauge = crocheted.gauge
            return if gauge.hook_mm < WIDE * gauge.bundle_mm

            AdviceItem.of("crochet-loose", "note", "/hook", "The loops are wide for this wire",
              "A loop is #{Units::Text.number(gauge.hook_mm / gauge.bundle_mm, 0)} wires wide; wire so fine is drawn " \
              "out of shape easily.",
              "A thinner hook, or two wires held together, where the fabric should keep its form.",
              hook_mm: gauge.hook_mm, wire_mm: gauge.bundle_mm)
          end
        end
      end
    end
  end
end
