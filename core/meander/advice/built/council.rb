# frozen_string_literal: true

module Meander
  module Advice
    # Checks of pieces built from sections.
    module Built
      # Asks every check about a built plan. A check answers an Item, a list of them, or nil.
      module Council
        CHECKS = [Doubts, Bend, Joining, Wearing, OfTheSections, Threaded, EvenBeads, HookTemper, Hanging, Ribbons, Toggles, Skin, Cutting].freeze

        def self.call(plan)
          CHECKS.map { |check| check.call(plan) }.flatten.compact.each_with_index.sort_by { |item, i| [Advice::Council::ORDER.fetch(item.severity), i] }.map(&:first)
        end
      end
    end
  end
end
