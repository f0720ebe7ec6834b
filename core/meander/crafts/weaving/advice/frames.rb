# frozen_string_literal: true

module Meander
  module Crafts
    module Weaving
      module Advice
        # Frames in a chain that cross unlike each other, and weaves that are longer than their frame.
        module Frames
          def self.call(woven) = [crossing(woven), longer(woven)].compact

          def self.crossing(woven)
            return unless woven.form[:crossing] == "in_turn" && woven.copies > 2

            AdviceItem.of("waists-differ", "warn", "/form/crossing", "The waists do not all cross the same way over",
              "Wires that cross now one way, now the other untwist against each other and look uneven.",
              "Let the same side lie over at every waist.", crossings: woven.copies - 1)
          end

          def self.longer(woven)
            return unless woven.opening

            from, to = woven.layout.stretch
            over = woven.strip.woven_mm - (to - from)
            return if over <= woven.layout.pattern.advance_mm / 2

            AdviceItem.of("section-too-long", "stop", "/extent",
              "The weave is #{Units::Text.length(over)} longer than its frame",
              "The frame has room for #{Units::Text.length(to - from)}.", "Fewer repeats, or a longer frame.",
              over_mm: over, room_mm: to - from)
          end
          private_class_method :crossing, :longer
        end
      end
    end
  end
end
