# frozen_string_literal: true

module Meander
  module Output
    # The plan of a built piece as lines of text, for the command line.
    module BuiltWords
      def self.call(plan)
        sections = plan.sections.map { |section| "#{section.id}: #{section.words}" }
        cuts = plan.cuts.map { |cut| "cut #{cut.cut_mm} mm of #{cut.words}: #{cut.marks.map { |mark| "#{Units::Text.length(mark.at_mm)} #{mark.words}" }.join(", ")}" }
        cuts += plan.own_lengths.map { |own| "cut #{own.cut_mm} mm of #{own.wire.words}: #{own.use}" }
        order = Work::OfSections.call(plan).each_with_index.map { |step, i| "#{i + 1}. #{step.words}" }
        ["#{plan.piece.name}: #{Units::Text.number(plan.mass_g, 2)} g", *sections, *cuts, *order, *plan.advice.map { |item| "#{item.severity}: #{item.title} [#{item.id}]" }]
      end
    end
  end
end
