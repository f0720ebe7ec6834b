# frozen_string_literal: true

module Meander
  module Output
    # The plan of a built piece as lines of text, for the command line.
    module BuiltWords
      def self.call(plan)
        sections = plan.sections.map { |section| "#{section.id}: #{section.words}" }
        order = Work::OfSections.call(plan).each_with_index.map { |step, i| "#{i + 1}. #{step.words}" }
        ["#{plan.piece.name}: #{Units::Text.number(plan.mass_g, 2)} g", *sections, *CutWords.call(plan), *order, *plan.advice.map { |item| "#{item.severity}: #{item.title} [#{item.id}]" }]
      end
    end
  end
end
