# frozen_string_literal: true

module Meander
  module Making
    # What a making keeps of the plan it is made from.
    module Planned
      # @param plan [Planner::Plan]
      # @return [Hash] steps: (see Steps), mirrored: whether the second one's are those of its mirror image, laid_out:
      #   (see LaidOut), inspection: (see Inspection), worn: (see Worn), paces: moves a minute, by craft
      def self.call(plan)
        second = Second.call(plan)
        {steps: Steps.call(plan, second), mirrored: !second.nil?, laid_out: LaidOut.call(plan),
          inspection: Inspection.call(plan),
          worn: Worn.kept(plan),
          paces: plan.sections.map { |one| one.section.craft }.uniq.to_h { |craft|
            [craft, plan.calibration.pace_of(craft)]
          }}
      end
    end
  end
end
