# frozen_string_literal: true

module Meander
  module Crafts
    module Knotting
      module Advice
        # Fillers and working cords that could take turns.
        module Exchange
          # Not told of less, and where working cords take this many times as much as fillers.
          LEAST_MM, TIMES = 300.0, 2.0

          def self.call(knotted)
            works, fills = knotted.base.each_index.partition { |number|
              knotted.roles(number).fetch("works", 0).positive?
            }
            return if works.empty? || fills.empty? || works.any? { |number| knotted.roles(number).key?("fills") }

            most, least = [works, fills].map { |own| own.map { |number| knotted.knotted_mm(number) }.max }
            return if most < LEAST_MM || most < TIMES * least

            AdviceItem.of("knot-exchange", "note", "/rows", "The same cords work all along",
              "Working cords take #{Units::Text.length(most)}, fillers #{Units::Text.length(least)}. Exchanged " \
              "half-way, each " \
              "would take about #{Units::Text.length((most + least) / 2)}, and offcuts of all cords are alike.",
              "An exchange (e4) half-way, where the pattern may show it.", works_mm: most, fills_mm: least)
          end
        end
      end
    end
  end
end
