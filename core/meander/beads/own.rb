# frozen_string_literal: true

module Meander
  module Beads
    # The wires that placements have of their own: Planner::OwnLength values.
    module Own
      def self.call(piece, rules, calibration)
        rules.select { |rule| rule.own_mm&.positive? }.map do |rule|
          Planner::OwnLength.new("beads", piece, rule.thread, rule.ground.copies * rule.own_mm, use: "carries #{rule.words}", wraps: rule.ground.copies * rule.wraps, slack: calibration.slack)
        end
      end
    end
  end
end
