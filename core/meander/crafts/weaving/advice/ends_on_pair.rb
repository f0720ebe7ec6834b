# frozen_string_literal: true

module Meander
  module Crafts
    module Weaving
      module Advice
        # The last wrap: on one wire it can be secured, round several it makes a lump and is hard to tie into.
        module EndsOnPair
          def self.call(woven)
            last = woven.strip.last_span
            return if last == 1

            AdviceItem.new(id: "ends-on-pair", severity: "warn", place: "/pattern",
              title: "The weave ends round #{last} wires",
              why: "A wrap round several wires makes a lump at the end and is hard to tie into.",
              remedy: "End on single coils: three wraps round one wire secure it.",
              figures: {wires: last})
          end
        end
      end
    end
  end
end
