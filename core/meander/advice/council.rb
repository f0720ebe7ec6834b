# frozen_string_literal: true

module Meander
  module Advice
    # Asks every check about a plan, and the crafts about their sections. A check answers an AdviceItem, a list of them,
    # or nil.
    module Council
      CHECKS = [Doubts, PinConflicts, StepsBroken, Closeness, Opening, BareEnds, RolledOver, LedThrough, FoldCover,
        Ease, Ring, OfSections, Lying, CrowdedRims, WaysOn, LedAcross, Meetings, Wearing, Bending, HookTemper,
        SparesNothing, WireShort, BeadFit, BeadsOverlap, EvenBeads, Hanging, Ribbons, Toggles, Skin, Cutting].freeze
      ORDER = {"stop" => 0, "warn" => 1, "note" => 2}.freeze

      # @return [Array<AdviceItem>] what cannot be made first
      def self.call(plan)
        found = CHECKS.map { |check| check.call(plan) }.flatten.compact.map { |item| named(item, plan) }
        found.each_with_index.sort_by { |item, i| [ORDER.fetch(item.severity), i] }.map(&:first)
      end

      # Where there are several sections, which of them it is about.
      def self.named(item, plan)
        index = item.place[%r{\A/sections/(\d+)}, 1]
        return item if index.nil? || plan.sections.size == 1 || item.title.match?(/\b[Ss]ections? \d/)

        AdviceItem.new(**item.to_h, title: "Section #{index.to_i + 1}: #{item.title[0].downcase}#{item.title[1..]}")
      end
      private_class_method :named
    end
  end
end
