# frozen_string_literal: true

module Meander
  module Advice
    # Checks of pieces built from sections.
    module Built
      # Asks every check about a built plan. A check answers an Item, a list of them, or nil.
      module Council
        CHECKS = [Doubts, Bend, Joining, Lying, Wearing, OfTheSections, Threaded, BeadsOverlap, EvenBeads, HookTemper, Hanging, Ribbons, Toggles, Skin, Cutting].freeze

        def self.call(plan)
          found = CHECKS.map { |check| check.call(plan) }.flatten.compact.map { |item| named(item, plan) }
          found.each_with_index.sort_by { |item, i| [Advice::Council::ORDER.fetch(item.severity), i] }.map(&:first)
        end

        # Where there are several sections, which of them it is about.
        def self.named(item, plan)
          index = item.place[%r{\A/sections/(\d+)}, 1]
          return item if index.nil? || plan.sections.size == 1 || item.title.match?(/\b[Ss]ections? \d/)

          Item.new(**item.to_h, title: "Section #{index.to_i + 1}: #{item.title[0].downcase}#{item.title[1..]}")
        end
        private_class_method :named
      end
    end
  end
end
