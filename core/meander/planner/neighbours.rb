# frozen_string_literal: true

module Meander
  module Planner
    # What one repeat fewer and one more of the section whose repeats were found would do to the length reached and to the weaving wire.
    module Neighbours
      def self.call(laid, fit)
        woven, wire = laid.woven_mm(fit.repeats), laid.working_mm(fit.repeats)
        [fit.repeats - laid.sides, fit.repeats + laid.sides].select { |repeats| repeats.between?(1, laid.class::MOST_REPEATS) }.map do |repeats|
          change = laid.woven_mm(repeats) - woven
          {repeats:, woven_mm: woven + change, strip_mm: fit.strip_mm + change, change_mm: change, off_mm: fit.strip_mm + change - fit.wanted_mm, weaving_change_mm: laid.working_mm(repeats) - wire}
        end
      end
    end
  end
end
