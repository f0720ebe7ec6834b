# frozen_string_literal: true

module Meander
  module Crafts
    module Weaving
      module Advice
        # The weaving wire against the thinnest and thickest base wire: usual pairs lie between 2:1 and 4:1 (common
        # practice, no source).
        module WireRatio
          USUAL = (1.75..4.5)

          def self.call(woven)
            ratios = woven.frame.base_mm.map { |mm| mm / woven.frame.wire_mm }
            return thick(ratios.min) if ratios.min < USUAL.min

            thin(ratios.max) if ratios.max > USUAL.max
          end

          def self.thick(ratio)
            item("weaving-wire-thick", ratio, "The weaving wire is thick for its base",
              "It is hard to lead round a base wire only #{Units::Text.number(ratio, (ratio < 1) ? 2 : 1)} times its " \
              "size, and bends the base out of line.",
              "A weaving wire of half the base or less.")
          end

          def self.thin(ratio)
            item("weaving-wire-thin", ratio, "The weaving wire is fine for its base",
              "The base is #{Units::Text.number(ratio, 1)} times as thick: many wraps, many hours, and fine wire " \
              "breaks sooner.",
              "A weaving wire of a quarter of the base or more.")
          end

          def self.item(id, ratio, title, why, remedy)
            AdviceItem.new(id:, severity: "warn", place: "/kinds", title:, why:, remedy:, figures: {ratio:})
          end
          private_class_method :thick, :thin, :item
        end
      end
    end
  end
end
