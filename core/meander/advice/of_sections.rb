# frozen_string_literal: true

module Meander
  module Advice
    # What the crafts say about each section, told at its place in the document.
    module OfSections
      # What is not said of a section by itself.
      WHOLE = %w[/kinds /allowances].freeze

      def self.call(plan)
        plan.sections.each_with_index.flat_map do |section, i|
          section.advice(plan).map do |item|
            item.place.start_with?(*WHOLE) ? item : AdviceItem.new(**item.to_h, place: "/sections/#{i}#{item.place}")
          end
        end
      end
    end
  end
end
