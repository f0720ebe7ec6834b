# frozen_string_literal: true

module Meander
  module Crafts
    module Knotting
      module Advice
        # Lengths come from simulated knots until a swatch says them.
        module Assumed
          def self.call(knotted)
            return unless knotted.assumed?

            AdviceItem.of("knot-assumed", "note", "/swatch",
              Weave::WireName.said(knotted.base, "How much wire this takes is assumed"),
              "Lengths are those of knots drawn tight without friction, and what hands add to that is a guess: no " \
              "swatch says how these cords lie.",
              "Tie some of the knots, measure how far they reach and what a working cord used; all lengths follow it.",
              longest_mm: knotted.base.each_index.map { |number| knotted.knotted_mm(number) }.max)
          end
        end
      end
    end
  end
end
