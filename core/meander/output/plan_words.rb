# frozen_string_literal: true

module Meander
  module Output
    # A plan as lines of text, for the command line.
    module PlanWords
      # plan: Planner::Plan.
      def self.call(plan)
        ["#{plan.piece.name}: #{Units::Text.number(plan.mass_g, 2)} g", *sections(plan), *worn(plan),
          *CutWords.call(plan), *working(plan), *StepWords.call(plan), *advice(plan)]
      end

      # Each reason for working wire apart.
      def self.working(plan)
        PlanJson.working(plan).map do |wire|
          reasons = PlanJson::WORKING.filter_map do |key, words|
            "#{words} #{Units::Text.length(wire[key])}" unless wire[key].zero?
          end
          "#{wire[:words]} to work with: #{reasons.join(", ")}, in all #{Units::Text.length(wire[:total_mm])}"
        end
      end

      def self.sections(plan) = plan.sections.map { |section| [plan.called(section), section.told].compact.join(": ") }

      # How it is worn, where it is measured round something.
      def self.worn(plan)
        fit = plan.fit
        return [] unless fit.worn?

        worn = fit.wrist_mm ?
          "#{plan.piece.worn_on} #{Units::Text.length(fit.wrist_mm)}, ease #{Units::Text.length(fit.ease_mm)}" :
            "no #{plan.piece.worn_on}"
        ["reaches #{Units::Text.length(fit.strip_mm)}; #{worn}"]
      end

      def self.advice(plan) = Advice::Council.call(plan).map { |item| "#{item.severity}: #{item.title} [#{item.id}]" }
      private_class_method :working, :sections, :worn, :advice
    end
  end
end
