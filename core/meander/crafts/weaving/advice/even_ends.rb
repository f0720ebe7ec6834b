# frozen_string_literal: true

module Meander
  module Crafts
    module Weaving
      module Advice
        # Single coils at the two ends of the weave, which an eye compares.
        module EvenEnds
          def self.call(woven)
            pattern = woven.section.pattern
            return unless pattern[:kind] == "coils" && woven.layout.sides == 1 && woven.opening.nil?

            first = pattern[:anchor] + pattern[:single]
            last = pattern[:closing]
            return if first == last

            AdviceItem.new(id: "ends-uneven", severity: "note", place: "/pattern/closing",
              title: "The weave starts on #{Units::Text.count(first, "single coil")} and ends on #{last}",
              why: "The first repeat brings its own single coils, so the two ends of the strip differ.",
              remedy: (first <= 40) ? "Close with #{first} single coils to make both ends alike." :
                "Fewer anchor coils make both ends more alike.",
              figures: {first:, last:}, offers: (first <= 40) ? [first.to_s] : [])
          end
        end
      end
    end
  end
end
