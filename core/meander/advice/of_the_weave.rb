# frozen_string_literal: true

module Meander
  module Advice
    # What the checks of the weave say about a piece's strip.
    module OfTheWeave
      def self.call(plan)
        said = Weave::Council.call(woven(plan))
        # Uneven ends of a coil pattern are told by EvenEnds, with the count that would even them; those of a ring meet and are not seen.
        (plan.piece.pattern[:kind] == "coils" || plan.piece.ring?) ? said.reject { |item| item.id == "sides-unequal" } : said
      end

      def self.woven(plan)
        layout, rise = plan.layout, plan.piece.section[:rise]
        Weave::Woven.new(frame: layout.frame, repeat: layout.pattern, strip: layout.strip(plan.fit.repeats), cover: layout.cover,
                         pitch_mm: (rise[:kind] == "open") ? rise[:pitch].mm : nil, sides: layout.sides, repeats: plan.fit.repeats, profile: layout.laid.profile)
      end
      private_class_method :woven
    end
  end
end
