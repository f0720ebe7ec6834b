# frozen_string_literal: true

module Meander
  module Crafts
    module Braiding
      module Advice
        # Wire that hands hardly draw down: thick by itself, or side by side. Common practice, no source.
        module Thick
          SINGLE_MM = 1.1
          TOGETHER_MM = 0.85

          def self.call(braided)
            strand = braided.strands.max_by(&:wire_mm)
            most = (strand.size > 1) ? TOGETHER_MM : SINGLE_MM
            return if strand.wire_mm <= most

            wire = Units::Text.wire(strand.wire_mm)
            said = (strand.size > 1) ? "#{strand.words} of #{wire}" : wire
            AdviceItem.of("braid-thick", "warn", "/strands", "Strands so thick are hard to braid evenly",
              "The thickest strand is #{said}; beyond #{Units::Text.wire(most)} hands no longer draw the crossings " \
              "down alike.",
              "Thinner or softer wire, or one wire to a strand.", wire_mm: strand.wire_mm, most_mm: most)
          end
        end
      end
    end
  end
end
