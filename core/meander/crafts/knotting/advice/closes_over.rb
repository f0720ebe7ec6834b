# frozen_string_literal: true

module Meander
  module Crafts
    module Knotting
      module Advice
        # A net that goes round something is drawn together behind it: its cords reach the middle there.
        module ClosesOver
          def self.call(knotted)
            girth = knotted.layout.girth or return
            left = knotted.bare_mm + knotted.tail_mm
            return if left >= girth.half_mm || knotted.loose("end").empty?

            AdviceItem.of("knot-net-open", "note", "/bare/length", "The net does not close over what it holds",
              "Below its knots #{Units::Text.length(left)} of each cord is left, with its tail; to the middle behind " \
              "it they need up to #{Units::Text.length(girth.half_mm)}.",
              "More cord left unknotted below, or further rows of knots.", left_mm: left, needs_mm: girth.half_mm)
          end
        end
      end
    end
  end
end
