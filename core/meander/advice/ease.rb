# frozen_string_literal: true

module Meander
  module Advice
    # How the piece would sit, where that differs from what was asked or can be worn.
    module Ease
      def self.call(plan)
        ease = plan.fit.ease_mm
        if plan.piece.ring? || plan.free.nil? || plan.fit.wrist_mm.nil? ||
            ease.between?(0, Planner::Wearing::EASE_MM.max)
          return
        end
        return unless plan.fit.conflicts.empty?

        tight = ease.negative?
        AdviceItem.new(id: "ease-unwearable", severity: "warn", place: "/worn/ease",
          title: tight ? "It would be #{Units::Text.length(ease.abs)} smaller than the wrist" :
            "It would hang #{Units::Text.length(ease)} loose",
          why: "Snug is about 5 mm over the wrist, easy about 12, loose about 20 (common practice, no source).",
          remedy: tight ? "One repeat more, or more ease." :
            "Less ease, or a hand measured as well as the wrist.",
          figures: {ease_mm: ease})
      end
    end
  end
end
