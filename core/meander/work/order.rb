# frozen_string_literal: true

module Meander
  # The order a maker works in, step by step in words.
  module Work
    # The order of work of a piece: section by section its wires are cut, marked and folded, its beads strung, and it is
    # worked; then sections are joined, beads set, and it is bent to what it is worn on and ended. Every length to cut
    # is in the step that first needs it.
    class Order
      # plan: Planner::Plan.
      # @return [Array<Step>]
      def self.call(plan) = new(plan).call

      def initialize(plan)
        @plan = plan
        @context = Context.new(plan)
        @laid = []
      end

      def call
        [*sections, *Beading.set(@plan), *Wearing.call(@plan), *Finishing.call(@plan), *pair,
          Finishing.look(@plan.band ? "the printed page" : "the printed template")]
      end

      private

      # What is made on other sections comes once all of them lie ready.
      def sections
        own, on_others = @plan.sections.partition { |section| section.joins.empty? }
        [*own, *on_others].flat_map { |section|
          [*added(section), *Leading.call(@plan, section), *Folding.call(@plan, section),
            *Beading.strung(@plan, section), *section.steps(@context), *freed(section)]
        }
      end

      def added(section)
        fresh = section.base.uniq - @laid
        first = @laid.empty?
        @laid |= section.base
        fresh.empty? ? [] : Cutting.call(@plan, fresh, section, caution: first)
      end

      # Base wires that only led from other sections to here, or on to them, are cut away once the later one holds.
      def freed(section)
        ids = @plan.sections.map(&:id)
        here = @plan.piece.routes.ways_of_section(section.id).select do |way|
          way.cut_away && way.sections.max_by { |id| ids.index(id) } == section.id
        end
        here.group_by { |way| (way.sections - [section.id]).first }.map { |id, ways| gone(section, id, ways) }
      end

      def gone(section, from, ways)
        numbers = ways.map { |way| way.at(section.id).number - 1 }
        named = Units::Text.list(numbers.map { |number| Weave::WireName.call(number, section.base.size) })
        other = @context.called(@plan.placed.section(from))
        said = "Cut #{named} away between #{@context.called(section)} and #{other}; file the stubs, no end may " \
               "stand out."
        Step.of("secure", said, section.id, wires: numbers.map { |number| section.base[number].id })
      end

      def pair
        @plan.pair? ?
          [Step.of("pair",
            "Make the second one as its mirror image: same counts, same marks, what turns to the left now turns to " \
            "the right.")] : []
      end
    end
  end
end
