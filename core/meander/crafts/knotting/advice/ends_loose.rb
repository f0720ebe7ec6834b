# frozen_string_literal: true

module Meander
  module Crafts
    module Knotting
      module Advice
        # Ends that nothing holds.
        module EndsLoose
          def self.call(knotted)
            return unless knotted.section[:finish] == "cut"

            loose = (knotted.loose("start") | knotted.loose("end")).size
            return if loose.zero?

            AdviceItem.of("knot-ends-loose", "warn", "/finish", "Ends are only cut",
              "Nothing holds the ends of #{Units::Text.count(loose, "cord")}, and the last knots work loose.",
              "Knot, glue or tuck them, or lead them into an ending.", loose:)
          end
        end
      end
    end
  end
end
