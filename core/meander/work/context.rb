# frozen_string_literal: true

module Meander
  module Work
    # What a section's steps are told with: what sections are called, and where on its first base wire a weave begins.
    class Context
      def initialize(plan)
        @plan = plan
        @begun = plan.runs.to_h { |run| [run.wire.id, run] }
      end

      # "section 2", or what the only one is called.
      def called(section) = @plan.called(section) || "the piece"

      # How far from the end of its first base wire a section's weave begins; nil where other sections come before it on
      # that wire.
      def start_mark_mm(section) = @begun.fetch(section.base.first.id).start_mark_mm(section)
    end
  end
end
