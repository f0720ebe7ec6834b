# frozen_string_literal: true

module Meander
  module Advice
    # Repeats so long that the nearest whole number leaves a visible difference.
    module Closeness
      VISIBLE_MM = 3.0

      def self.call(plan)
        off = plan.fit.off_mm
        return if plan.free.nil? || off.abs <= VISIBLE_MM || !plan.fit.floats.empty?

        side = off.positive? ? "longer" : "shorter"
        AdviceItem.new(id: "length-far-off", severity: "warn", place: "#{plan.free.section.place}/pattern",
          title: "The nearest whole repeats end #{Units::Text.length(off.abs)} #{side} than asked",
          why: "One repeat is #{Units::Text.length(plan.free.advance_mm)} long, so the length comes " \
               "in steps of that.",
          remedy: "Pin the repeats as well and let the bare ends take it up, or choose a shorter repeat.",
          figures: {off_mm: off, advance_mm: plan.free.advance_mm})
      end
    end
  end
end
