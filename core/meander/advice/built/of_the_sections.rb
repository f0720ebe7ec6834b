# frozen_string_literal: true

module Meander
  module Advice
    module Built
      # What the checks of the weave and of its working lengths say about each section, at its own place.
      module OfTheSections
        def self.call(plan)
          plan.sections.each_with_index.flat_map do |section, i|
            section.woven? ? section.advice.reject { |item| item.id == "tightest-bend" }.map { |item| placed(item, i) } : []
          end
        end

        def self.placed(item, index)
          place = item.place.sub("/sections/0", "/sections/#{index}")
          Item.new(**item.to_h, place: item.place.start_with?("/allowances") ? "/sections/#{index}/weaving" : place)
        end
        private_class_method :placed
      end
    end
  end
end
