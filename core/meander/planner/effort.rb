# frozen_string_literal: true

module Meander
  module Planner
    # Bounds what is drawn: in a piece put together from sections every pass is a line of its own. Limits are our own,
    # from how long that takes; see also Document::EffortChecks.
    module Effort
      # Passes of all sections and their copies together.
      DRAWN = 100_000

      # placed: Placed.
      # @raise [InvalidInput] where there are more, naming the section that has most
      def self.call(placed)
        return if placed.band

        passes = placed.sections.select(&:strip).to_h do |one|
          [one, one.layout.passes(one.repeats) * one.copies]
        end
        return if passes.values.sum <= DRAWN

        most = passes.max_by(&:last).first
        raise InvalidInput.new([Fault.new(path: "#{most.section.place}/extent", code: "too_much",
          message: "this is more than can be planned at once", given: "#{passes.values.sum} passes in all sections",
          accepted: "at most #{DRAWN} passes in all")])
      end
    end
  end
end
