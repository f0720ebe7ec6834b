# frozen_string_literal: true

module Meander
  module Advice
    # A cuff's opening against its wrist. Common practice leaves up to about a third open; the limits are ours.
    module Opening
      USUAL = (0.12..0.38)

      def self.call(plan)
        wrist = plan.fit.wrist_mm
        return unless plan.piece.cuff? && wrist

        share = plan.fit.opening_mm / wrist
        return if USUAL.cover?(share)

        small = share < USUAL.min
        AdviceItem.new(id: "opening-unusual", severity: "warn", place: "/worn/opening",
          title: "The opening is #{Units::Text.percent(share)} of the wrist",
          why: small ?
            "The wrist must be turned through it; a narrow opening is forced wider each time and the wires " \
            "harden there." : "A cuff this open slips off sideways.",
          remedy: small ? "Open it to a fifth or more of the wrist." :
            "Open it by about a third of the wrist at the most.",
          figures: {opening_mm: plan.fit.opening_mm, share:})
      end
    end
  end
end
