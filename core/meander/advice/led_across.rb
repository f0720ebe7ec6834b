# frozen_string_literal: true

module Meander
  module Advice
    # Working wire that is led far from one section to the next along nothing.
    module LedAcross
      # Our choice, no source; as for lacings.
      LOOSE_MM = Crafts::Lacing::Laced::LOOSE_MM

      def self.call(plan)
        plan.going_on.leads.select { |led| led.across && led.mm > LOOSE_MM }.map do |led|
          index = plan.sections.index { |section| section.id == led.section }
          AdviceItem.of("wire-led-across", "warn", "/sections/#{index}",
            "Working wire is led #{Units::Text.length(led.mm)} straight across to section #{index + 1}",
            "No base wire runs from the one to the other; what is led along nothing stays loose and catches.",
            "A length of its own for that section, or another order of the sections.", led_mm: led.mm)
        end
      end
    end
  end
end
