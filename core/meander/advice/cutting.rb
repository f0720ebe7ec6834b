# frozen_string_literal: true

module Meander
  module Advice
    # The usual caution before wire is cut; thick wire asks for more.
    module Cutting
      STURDY_MM = 1.25

      def self.call(plan)
        thickest = plan.piece.base_wires.reject { |wire| wire.material.fibre? }.map(&:mm).max or return

        sturdy = (thickest >= STURDY_MM) ? " #{Units::Text.wire(thickest)} wire needs sturdy cutters and a firm hand." :
          ""
        AdviceItem.new(id: "caution-cutting", severity: "note", place: "/kinds",
          title: "Wear eye protection when cutting",
          why: "Offcuts fly and lie about; keep them from children and pets.#{sturdy}",
          remedy: "Hold the wire on both sides of the cutter, and gather the ends.",
          figures: {thickest_mm: thickest})
      end
    end
  end
end
