# frozen_string_literal: true

module Meander
  module Output
    # A planned piece as SVG at true size: as a strip where it is one, else as it will look.
    module Drawing
      # face: "front" or "back"; hand: "right" or "left".
      def self.call(plan, title:, face: "front", hand: "right")
        plan.band ? StripSvg.call(plan.strip_picture, title:, face:, hand:) :
          FinishedSvg.call(plan, title:, face:, hand:)
      end
    end
  end
end
