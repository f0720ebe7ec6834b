# frozen_string_literal: true

module Meander
  module Output
    # A plan as lines of text, for the command line.
    class PlanWords
      def self.call(plan) = new(plan).call

      def initialize(plan)
        @plan = plan
      end

      def call = ["#{@plan.piece.name}: #{Weave::Samples.words(@plan.piece.pattern, @plan.layout.frame.count, @plan.piece.document[:weaves])}", fit, *cuts, *weaving, mass, *advice]

      private

      def len(length_mm) = Units::Text.length(length_mm)

      def fit
        fit = @plan.fit
        on = @plan.piece.worn_on
        wrist = fit.wrist_mm ? "#{on} #{len(fit.wrist_mm)}, ease #{len(fit.ease_mm)}" : "no #{on}"
        "#{Units::Text.count(fit.repeats, "repeat")}: #{len(fit.woven_mm)} woven, #{len(fit.bare_mm)} bare at each end, strip #{len(fit.strip_mm)}; #{wrist}"
      end

      def cuts
        @plan.bars.map do |bar|
          "cut #{bar.cut_mm} mm of #{bar.wire.words} (base), start the weave at #{len(bar.start_mark_mm)}, middle at #{len(bar.middle_mark_mm)}"
        end
      end

      def weaving
        account = @plan.account
        words = @plan.piece.strands.map(&:words)
        cuts = account.lengths.flat_map { |length|
          length.strands.map { |strand|
            [length, words[strand]]
          }
        }.map { |length, wire| "cut #{length.cut_mm.ceil} mm of #{wire} (weaving), repeats #{length.first} to #{length.last}" }
        reasons = %i[path slack tails waste margin].map { |reason| "#{reason} #{len(account.public_send(:"#{reason}_mm"))}" }
        cuts + ["weaving wire: #{reasons.join(", ")}, in all #{len(account.total_mm)}"]
      end

      def mass = "finished mass #{Units::Text.number(@plan.mass[:finished_g], 2)} g"
      def advice = @plan.advice.map { |item| "#{item.severity}: #{item.title} [#{item.id}]" }
    end
  end
end
