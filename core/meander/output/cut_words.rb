# frozen_string_literal: true

module Meander
  module Output
    # What is cut, as lines of text.
    module CutWords
      # plan: Planner::Plan.
      def self.call(plan)
        plan.cut_list.map do |row|
          marks = row.marks.map { |at_mm, words| "#{Units::Text.length(at_mm)} #{words}" }
          "cut #{row.told} (#{row.use})#{": #{marks.join(", ")}" if marks.any?}"
        end
      end
    end
  end
end
