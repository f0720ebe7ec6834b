# frozen_string_literal: true

module Meander
  module Output
    # A plan as lines of text, for the command line.
    module PlanWords
      # plan: of a piece of any kind.
      def self.call(plan)
        ["#{plan.piece.name}: #{Units::Text.number(plan.mass_g, 2)} g", *plan.told, *CutWords.call(plan), *working(plan), *StepWords.call(plan), *advice(plan)]
      end

      # Each reason for working wire apart.
      def self.working(plan)
        PlanJson.working(plan).map do |wire|
          reasons = PlanJson::WORKING.filter_map { |key, words| "#{words} #{Units::Text.length(wire[key])}" unless wire[key].zero? }
          "#{wire[:words]} to work with: #{reasons.join(", ")}, in all #{Units::Text.length(wire[:total_mm])}"
        end
      end

      def self.advice(plan) = plan.advice.map { |item| "#{item.severity}: #{item.title} [#{item.id}]" }
      private_class_method :working, :advice
    end
  end
end
