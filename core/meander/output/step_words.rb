# frozen_string_literal: true

module Meander
  module Output
    # The order of work as numbered lines of text.
    module StepWords
      def self.call(plan) = Work::Order.call(plan).each_with_index.map { |step, i| "#{i + 1}. #{step.words}" }
    end
  end
end
