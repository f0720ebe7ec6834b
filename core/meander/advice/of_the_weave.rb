# frozen_string_literal: true

module Meander
  module Advice
    # What the checks of the weave say about a piece's strip.
    module OfTheWeave
      def self.call(plan)
        layout = plan.layout
        rise = plan.piece.section[:rise]
        Weave::Council.call(Weave::Woven.new(frame: layout.frame, repeat: layout.pattern, strip: layout.strip(plan.fit.repeats),
                                             pitch_mm: (rise[:kind] == "open") ? rise[:pitch].mm : nil, sides: layout.sides, cover: layout.cover, profile: layout.laid.profile))
      end
    end
  end
end
