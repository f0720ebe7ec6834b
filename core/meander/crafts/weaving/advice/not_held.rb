# frozen_string_literal: true

module Meander
  module Crafts
    module Weaving
      module Advice
        # Base wires that no wrap goes round.
        module NotHeld
          def self.call(woven)
            loose = (0...woven.frame.count).to_a - woven.strip.held
            return if loose.empty?

            named = Units::Text.list(loose.map { |wire| wire + 1 })
            AdviceItem.new(id: "wire-not-held", severity: "warn", place: "/base",
              title: "Base #{(loose.size == 1) ? "wire" : "wires"} #{named} " \
                     "#{(loose.size == 1) ? "is" : "are"} not held",
              why: "No wrap of this weave goes over #{(loose.size == 1) ? "it" : "them"}.",
              remedy: "Fewer base wires, or a walk that reaches gap #{loose.max + 1}.",
              figures: {wires: loose.map { |wire| wire + 1 }})
          end
        end
      end
    end
  end
end
