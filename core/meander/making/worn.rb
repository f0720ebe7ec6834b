# frozen_string_literal: true

module Meander
  module Making
    # Whom a piece fits that became longer or shorter than planned.
    module Worn
      # Less is not told, in mm.
      LEAST_MM = 0.5

      # What is kept of a plan for it.
      # @param plan [Planner::Plan]
      # @return [Hash, nil] section: whose length counts, round: wrist or finger, mm: what it was planned for, each: how
      #   much that is for a mm of length; nil of what is not measured round something
      def self.kept(plan)
        fit = plan.fit
        return unless fit.worn? && fit.free && fit.wrist_mm

        laid = plan.free
        wearing = Planner::Wearing.new(plan.piece, thickness_mm: laid.thickness_mm, width_mm: laid.width_mm)
        reach = [0, 1].map { |mm| wearing.wrist_mm(fit.strip_mm + mm, fit.ease_mm) }
        {section: fit.free, round: plan.piece.ring? ? "finger" : "wrist", mm: fit.wrist_mm, each: reach[1] - reach[0]}
      end

      # kept: see above; longer_mm: of its section.
      # @return [String, nil] nil where it fits as planned
      def self.words(kept, longer_mm)
        return if kept.nil? || longer_mm.abs < LEAST_MM

        now, planned = [kept[:mm] + (longer_mm * kept[:each]), kept[:mm]].map { |mm| Units::Text.length(mm) }
        "It now fits a #{kept[:round]} of #{now} instead of #{planned}, worn as it was planned."
      end
    end
  end
end
