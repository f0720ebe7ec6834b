# frozen_string_literal: true

module Meander
  module Output
    # A plan as lines of text, for the command line.
    class PlanWords
      def self.call(plan) = new(plan).call

      def initialize(plan)
        @plan = plan
      end

      def call = ["#{@plan.piece.name}: #{Weave::Samples.words(@plan.piece.pattern, @plan.layout.frame.count, @plan.piece.document[:weaves])}", fit, *CutWords.call(@plan), weaving, mass, *advice]

      private

      def len(length_mm) = Units::Text.length(length_mm)

      def fit
        fit = @plan.fit
        on = @plan.piece.worn_on
        wrist = fit.wrist_mm ? "#{on} #{len(fit.wrist_mm)}, ease #{len(fit.ease_mm)}" : "no #{on}"
        "#{Units::Text.count(fit.repeats, "repeat")}: #{len(fit.woven_mm)} woven, #{len(fit.bare_mm)} bare at each end, strip #{len(fit.strip_mm)}; #{wrist}"
      end

      # Each reason for weaving wire apart.
      def weaving
        account = @plan.account
        reasons = {path: account.path_mm, slack: account.slack_mm, tails: account.tails_mm, waste: account.waste_mm, margin: account.margin_mm, "kept for later": account.reserve_mm}
        told = reasons.reject { |reason, mm| reason == :"kept for later" && mm.zero? }.map { |reason, mm| "#{reason} #{len(mm)}" }
        "weaving wire: #{told.join(", ")}, in all #{len(account.total_mm)}"
      end

      def mass = "finished mass #{Units::Text.number(@plan.mass[:finished_g], 2)} g"
      def advice = @plan.advice.map { |item| "#{item.severity}: #{item.title} [#{item.id}]" }
    end
  end
end
