# frozen_string_literal: true

module Meander
  module Advice
    # Values that can be read but look slipped by a decimal place or a unit.
    module Doubts
      def self.call(plan)
        plan.questions.map do |question|
          AdviceItem.new(id: "value-doubtful", severity: "warn", place: question[:path],
            title: "Is the #{question[:what]} really #{Units::Text.wire(question[:given].mm, 3)}?",
            why: "“#{question[:given].typed}” is unusual here; #{Units::Text.list(question[:likely], "or")} " \
                 "would be usual. A decimal place or a unit slips easily.",
            remedy: "Take the likely value, or leave it if it is meant.",
            figures: {given_mm: question[:given].mm}, offers: question[:likely])
        end
      end
    end
  end
end
