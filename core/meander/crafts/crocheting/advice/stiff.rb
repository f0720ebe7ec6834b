# frozen_string_literal: true

module Meander
  module Crafts
    module Crocheting
      module Advice
        # Wire that does not follow the hook.
        module Stiff
          def self.call(crocheted)
            gauge = crocheted.gauge
            most = Crochet::Gauge::STIFF * gauge.hook_mm
            return if gauge.bundle_mm <= most + 1e-9

            AdviceItem.of("crochet-stiff", "warn", "/hook", "Wire so thick hardly follows the hook",
              "#{(gauge.wires > 1) ? "Held together the wires are like one of" : "The wire is"} " \
              "#{Units::Text.wire(gauge.bundle_mm)}; on this hook #{Units::Text.wire(most)} still bends with it, and " \
              "wire that is undone and bent again hardens and breaks.",
              "A thicker hook, thinner wire, or fewer wires at once.", wire_mm: gauge.bundle_mm, most_mm: most)
          end
        end
      end
    end
  end
end
