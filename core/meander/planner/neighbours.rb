# frozen_string_literal: true

module Meander
  module Planner
    # What one repeat fewer and one more would do to the length reached and to the weaving wire.
    module Neighbours
      def self.call(layout, fit, account)
        [fit.repeats - layout.sides, fit.repeats + layout.sides].select { |repeats| repeats.between?(1, SolveFit::MOST_REPEATS) }.map do |repeats|
          change = layout.woven_mm(repeats) - fit.woven_mm
          {repeats:, woven_mm: fit.woven_mm + change, strip_mm: fit.strip_mm + change,
            change_mm: change, off_mm: fit.strip_mm + change - fit.wanted_mm,
            weaving_change_mm: WeavingAccount.new(layout, repeats).total_mm - account.total_mm}
        end
      end
    end
  end
end
