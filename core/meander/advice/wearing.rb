# frozen_string_literal: true

module Meander
  module Advice
    # How the finished piece is worn: its weight on an ear, its pair, its bail and its length round the wrist.
    module Wearing
      # An earring heavier than this pulls. Common practice, from memory.
      EAR_G = 7.0

      def self.call(plan) = [heavy(plan), alone(plan), bail(plan), row(plan), open_row(plan)].flatten.compact

      def self.heavy(plan)
        return unless plan.piece.kind == "earring" && plan.mass_g > EAR_G

        AdviceItem.of("ear-heavy", "warn", "/worn", "#{Units::Text.number(plan.mass_g, 1)} g is heavy for an ear",
          "Past about #{Units::Text.number(EAR_G, 0)} g (common practice) an earring pulls.",
          "Thinner wire, an opener weave, or a smaller frame.", mass_g: plan.mass_g)
      end

      def self.alone(plan)
        return if plan.piece.kind != "earring" || plan.pair?

        AdviceItem.of("pair-not-mirrored", "note", "/pair", "This is planned as a single earring",
          "A second one made from the same plan is its copy, not its mirror image.",
          "Plan it as a pair.")
      end

      def self.bail(plan)
        plan.piece.endings.each_with_index.filter_map do |ending, i|
          chain = plan.piece.worn[:chain]&.mm
          next unless ending.kind == "bail" && chain && ending[:inside].mm < chain

          AdviceItem.of("bail-too-small", "warn", "/endings/#{i}/inside", "The chain does not pass the bail",
            "The bail is #{Units::Text.length(ending[:inside].mm)} inside, " \
            "the chain #{Units::Text.length(chain)} at its widest.",
            "A wider bail, or a finer chain.", inside_mm: ending[:inside].mm, chain_mm: chain)
        end
      end

      # Of frames another number comes nearer, or a row without them is visibly off.
      def self.row(plan)
        fit = plan.fit
        return if fit.found.any? || !fit.worn? || plan.piece.pinned("wrist").nil?
        return unless fit.frames ? plan.sections.none? { |section| section.copies == fit.frames } :
          fit.off_mm.abs > Closeness::VISIBLE_MM

        way = fit.off_mm.negative? ? "short of" : "over"
        AdviceItem.of("row-off", "warn", "/pins",
          "The row is #{Units::Text.length(fit.off_mm.abs)} #{way} what the #{plan.piece.worn_on} asks",
          "It reaches #{Units::Text.length(fit.strip_mm)}; #{plan.piece.worn_on}, ease and thickness ask for " \
          "#{Units::Text.length(fit.wanted_mm)}.",
          fit.frames ? "#{Units::Text.count(fit.frames, "frame")} come nearest." :
            "Change its lengths, or the ease.", off_mm: fit.off_mm, frames: fit.frames)
      end

      # A row of links needs something at each end to close it.
      def self.open_row(plan)
        return unless plan.piece.kind == "links" && plan.piece.endings.reject(&:worked?).map(&:side).uniq.size < 2

        AdviceItem.of("row-not-closed", "warn", "/endings", "Nothing closes the row",
          "One end or both have no hook, loop or eye.", "Add a loop at one end and a hook at the other.")
      end
      private_class_method :heavy, :alone, :bail, :row, :open_row
    end
  end
end
