# frozen_string_literal: true

module Meander
  module Making
    # What a piece, or both of a pair, takes: time, wire and beads.
    module Needed
      # @param plan [Planner::Plan]
      # @return [Hash] minutes:, wire: how much of which, beads: how many of which, in words
      def self.call(plan)
        {minutes: plan.minutes * plan.pieces, wire: wire(plan), beads: beads(plan)}
      end

      def self.wire(plan)
        rows = plan.cut_list.group_by { |row| "#{Units::Text.wire(row.mm)} #{row.metal}" }
        rows.map do |words, some|
          "#{Units::Text.length(plan.pieces * some.sum { |row| row.count * row.cut_mm }.to_f)} of #{words}"
        end
      end

      # How many of each kind, in words.
      def self.beads(plan)
        plan.beads.group_by { |rule| rule.kind.words }.map do |words, rules|
          "#{plan.pieces * rules.sum(&:count)} #{words}"
        end
      end
      private_class_method :wire
    end
  end
end
