# frozen_string_literal: true

module Meander
  module Advice
    # Bare ends that show more than they should.
    module BareEnds
      LONG_SHARE = 0.15

      def self.call(plan)
        return unless plan.free

        share = plan.fit.bare_mm / plan.fit.strip_mm
        return if share <= LONG_SHARE

        AdviceItem.new(id: "bare-ends-long", severity: "warn", place: "#{plan.free.section.place}/bare/length",
          title: "#{Units::Text.length(plan.fit.bare_mm)} of each end stay bare",
          why: "The woven part covers only #{Units::Text.length(plan.fit.woven_mm)} of " \
               "#{Units::Text.length(plan.fit.strip_mm)}.",
          remedy: "More repeats, or closing coils that run on over the bare wire.",
          figures: {bare_mm: plan.fit.bare_mm, share:})
      end
    end
  end
end
