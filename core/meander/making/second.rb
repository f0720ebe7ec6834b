# frozen_string_literal: true

module Meander
  module Making
    # The plan of the second one of a pair: that of the mirror image of the first, made step by step like it.
    module Second
      # @param plan [Planner::Plan]
      # @return [Planner::Plan, nil] nil where there is no second one, or where something in the piece has no mirror
      #   image that can be said, or none that is made alike
      def self.call(plan)
        image = plan.pair? && Document::MirrorImage.call(plan.piece) or return
        second = Planner::PlanPiece.call(image, calibration: plan.calibration)
        second if made(plan) == made(second)
      rescue InvalidInput
        nil
      end

      # What each step makes and cuts.
      def self.made(plan)
        Work::Order.new(plan).steps.map do |step|
          [step.kind, step.section, step.makes.map { |one| one.to_h.values_at(:id, :of, :from, :to, :all) }.sort,
            step.cuts.map { |cut| [cut.of, cut.mm] }]
        end
      end
      private_class_method :made
    end
  end
end
