# frozen_string_literal: true

module Meander
  module Work
    # The first step: all that is cut before anything else, alike lengths together. What is made later, findings and
    # wires cut for something by themselves, is cut in its own step.
    module Cutting
      FIRST = %w[base weaving].freeze
      CALLED = {"base" => "", "weaving" => " to weave with"}.freeze

      # plan: Planner::Plan; marked: what is done to the base wires, in words.
      def self.call(plan, marked)
        first = plan.cut_list.select { |row| FIRST.include?(row.kind) }
        alike = first.group_by { |row| [row.kind, row.cut_mm, row.words] }
        told = alike.map { |(kind, _, _), rows| "#{Planner::CutList.together(rows).told}#{CALLED.fetch(kind)}" }
        Step.of("cut", "Cut #{Units::Text.list(told)}; #{marked}.", wires: first.flat_map(&:ids).uniq)
      end
    end
  end
end
