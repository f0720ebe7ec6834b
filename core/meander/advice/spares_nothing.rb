# frozen_string_literal: true

module Meander
  module Advice
    # Weaving wire to hand that is only just enough, or that keeps the piece shorter than the wrist asks.
    module SparesNothing
      def self.call(plan)
        return unless plan.free && plan.spare_mm && plan.fit.conflicts.empty?

        wanted = plan.piece.pinned("wrist") && plan.fit.off_mm < -plan.free.advance_mm / 2
        return unless wanted

        AdviceItem.new(id: "wire-limits-length", severity: "warn", place: "/pins",
          title: "The weaving wire to hand ends #{Units::Text.length(plan.fit.off_mm.abs)} before the " \
                 "#{plan.piece.worn_on} is reached",
          why: "It makes #{Units::Text.count(plan.fit.repeats, "repeat")}; the bare ends take up the rest.",
          remedy: "More weaving wire, a pattern with fewer wraps, or the longer bare ends.",
          figures: {short_mm: plan.fit.off_mm.abs})
      end
    end
  end
end
