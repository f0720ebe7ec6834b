# frozen_string_literal: true

module Meander
  module Advice
    # Coils in the middle that both halves were to share, and cannot.
    module SharedCentre
      def self.call(plan)
        return unless plan.piece.shares_centre? && plan.layout.skipped(1).zero?

        Item.new(id: "centre-not-shared", severity: "note", place: "/sections/0/centre", title: "The halves share no coils in the middle", why: reason(plan),
          remedy: "Each half is planned with its own; or take a weave that begins with wraps and goes on to others.")
      end

      def self.reason(plan)
        return "Two wires that take turns have each their own." if plan.piece.in_turn?
        return "Over gaps that change each half is woven whole." unless plan.layout.laid.straight?

        "This weave does not begin with wraps that something else follows."
      end
      private_class_method :reason
    end
  end
end
