# frozen_string_literal: true

module Meander
  module Crafts
    module Weaving
      module Advice
        # Coils in the middle that both halves were to share, and cannot.
        module SharedCentre
          def self.call(woven)
            return unless woven.section.shares_centre? && woven.layout.skipped(1).zero?

            AdviceItem.new(id: "centre-not-shared", severity: "note", place: "/centre",
              title: "The halves share no coils in the middle", why: reason(woven),
              remedy: "Each half is planned with its own; or take a weave that begins with wraps and goes on to " \
                      "others.")
          end

          def self.reason(woven)
            return "Two wires that take turns have each their own." if woven.section.in_turn?
            return "Over gaps that change each half is woven whole." unless woven.layout.weave.straight?

            "This weave does not begin with wraps that something else follows."
          end
          private_class_method :reason
        end
      end
    end
  end
end
