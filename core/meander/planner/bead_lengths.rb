# frozen_string_literal: true

module Meander
  module Planner
    # The wires that placements of beads have of their own: Crafts::SeparateLength values.
    module BeadLengths
      def self.call(piece, rules, calibration)
        rules.select { |rule| rule.own_mm&.positive? }.map do |rule|
          Crafts::SeparateLength.new("beads", piece, rule.thread, rule.site.copies * rule.own_mm,
            use: "carries #{rule.words}", wraps: rule.site.copies * rule.wraps, slack: calibration.slack)
        end
      end
    end
  end
end
