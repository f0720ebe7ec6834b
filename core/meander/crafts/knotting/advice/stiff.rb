# frozen_string_literal: true

module Meander
  module Crafts
    module Knotting
      module Advice
        # Wire in place of cord.
        module Stiff
          # Wire up to this is knotted by hand (our choice, no source); mm.
          THICK_MM = 0.6

          def self.call(knotted)
            wires = knotted.base.reject { |wire| wire.material.fibre? }
            stiff = wires.select { |wire| wire.mm > THICK_MM || wire.temper != "soft" }.max_by(&:mm) or return

            AdviceItem.of("knot-stiff", "warn", "/rows", "Wire so stiff does not lie close in knots",
              "#{stiff.words} keeps the bends it is given: it takes five to ten per cent more than cord " \
              "(reckoned), knots stand " \
              "farther apart, and what is undone hardens and breaks.",
              "Soft wire up to #{Units::Text.wire(THICK_MM)}, or cord.", wire_mm: stiff.mm, most_mm: THICK_MM)
          end
        end
      end
    end
  end
end
