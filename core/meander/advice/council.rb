# frozen_string_literal: true

module Meander
  module Advice
    # Asks every check about a plan. A check answers an Item, a list of them, or nil.
    module Council
      CHECKS = [Doubts, PinConflicts, Closeness, Opening, BareEnds, Ease, Ring, OfTheWeave, EvenEnds, SharedCentre, Bending, HookTemper,
        WorkingLengths, SparesNothing, Threaded, BeadsOverlap, EvenBeads, Hanging, Ribbons, Toggles, Skin, Cutting].freeze
      ORDER = {"stop" => 0, "warn" => 1, "note" => 2}.freeze

      def self.call(plan)
        CHECKS.map { |check| check.call(plan) }.flatten.compact.each_with_index
              .sort_by { |item, i| [ORDER.fetch(item.severity), i] }.map(&:first)
      end
    end
  end
end
