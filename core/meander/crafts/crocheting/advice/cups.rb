# frozen_string_literal: true

module Meander
  module Crafts
    module Crocheting
      module Advice
        # A flat motif with too few or too many stitches more from round to round; within a ring of wire, fewer.
        module Cups
          # Beyond these shares it is seen; our choice, no source.
          RUFFLES, CUPS = 0.06, 0.2

          def self.call(crocheted)
            return unless %w[disc oval].include?(crocheted.layout.kind) && crocheted.repeats > 1

            over, deep = crocheted.cloth.ruffle, crocheted.cloth.deep_mm
            flat = Crochet::Rounds.flat_increase(crocheted.gauge, crocheted.layout.shape[:stitch]).round
            inwards = crocheted.layout.ring&.inwards
            return ruffles(over, flat, inwards) if over > RUFFLES

            cups(deep, flat, inwards) if deep > CUPS * crocheted.cloth.radius_mm
          end

          def self.ruffles(over, flat, inwards)
            AdviceItem.of("crochet-ruffles", "warn", "/fabric/more", "This motif ruffles",
              "A round has #{Units::Text.percent(over)} more stitches than have room on it.",
              inwards ? fewer(flat) : "Fewer more each round: about #{flat} lie flat.", share: over, flat:)
          end

          def self.cups(deep, flat, inwards)
            AdviceItem.of("crochet-cups", "warn", "/fabric/more", "This motif cups",
              "Its rounds #{inwards ? "shrink" : "grow"} too little to lie flat: it stands " \
              "#{Units::Text.length(deep)} deep.",
              "#{inwards ? fewer(flat) : "More stitches each round: about #{flat} lie flat."} Or a cup, where that " \
              "is wanted.", deep_mm: deep, flat:)
          end

          def self.fewer(flat) = "Fewer stitches in its first round, or about #{flat} fewer each round."
          private_class_method :ruffles, :cups, :fewer
        end
      end
    end
  end
end
