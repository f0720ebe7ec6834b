# frozen_string_literal: true

module Meander
  module Crafts
    module Knotting
      module Advice
        # Ends that nothing holds.
        module EndsLoose
          def self.call(knotted)
            return unless knotted.section[:finish] == "cut"

            loose = knotted.loose.size
            return if loose.zero? || goes_on?(knotted)

            AdviceItem.of("knot-ends-loose", "warn", "/finish", "Ends are only cut",
              "Nothing holds the ends of #{Units::Text.count(loose, "cord")}, and the last knots work loose.",
              "Knot, glue or tuck them, or lead them into an ending.", loose:)
          end

          # Do its cords go on into other sections?
          def self.goes_on?(knotted)
            ids = knotted.base.map(&:id)
            knotted.section.piece.sections.any? { |one| one.id != knotted.id && (one.base.map(&:id) & ids).any? }
          end
          private_class_method :goes_on?
        end
      end
    end
  end
end
