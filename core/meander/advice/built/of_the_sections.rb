# frozen_string_literal: true

module Meander
  module Advice
    module Built
      # What the checks of the weave say about each section, at its own place.
      module OfTheSections
        def self.call(plan)
          plan.sections.each_with_index.flat_map do |section, i|
            section.woven? ? section.advice.reject { |item| item.id == "tightest-bend" }.map { |item| placed(item, i) } : []
          end
        end

        def self.placed(item, index) = Item.new(**item.to_h, place: item.place.sub("/sections/0", "/sections/#{index}"))
        private_class_method :placed
      end
    end
  end
end
