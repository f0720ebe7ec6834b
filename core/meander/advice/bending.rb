# frozen_string_literal: true

module Meander
  module Advice
    # What bending the straight strip round the wrist does to tight coils. Wire cannot be compressed: the coils inside
    # the curve stay as close as they are, so the weave covers more of the base wires and opens outside by R_o/R_i - 1.
    module Bending
      def self.call(plan)
        fit, laid = plan.fit, plan.free
        return unless laid&.worked_round_mm&.positive?

        radius = fit.round_mm / (2 * Math::PI)
        reach = (laid.thickness_mm - laid.worked_round_mm) / 2
        return if radius <= reach * 2

        opens = ((radius + reach) / (radius - reach)) - 1
        grows = fit.woven_mm * reach / (radius - reach)
        AdviceItem.new(id: "coils-open-when-bent", severity: "note", place: laid.section.place,
          title: "Bent to the #{plan.piece.worn_on}, tight coils open by #{Units::Text.percent(opens)} on the " \
                 "outside",
          why: "They cannot close up inside the curve, so the weave runs up to #{Units::Text.length(grows)} " \
               "further along the base wires.",
          remedy: "Coil a little looser, or leave #{Units::Text.length(grows / 2)} more bare at each end " \
                  "for it.",
          figures: {radius_mm: radius, opens:, grows_mm: grows})
      end
    end
  end
end
