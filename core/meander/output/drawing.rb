# frozen_string_literal: true

module Meander
  module Output
    # A planned piece as SVG at true size: as a strip where it is one, else as it will look.
    module Drawing
      # face: "front" or "back"; hand: "right" or "left"; units: mm or in.
      def self.call(plan, title:, face: "front", hand: "right", units: "mm")
        plan.band ? StripSvg.call(plan.strip_picture, title:, face:, hand:, units:) :
          FinishedSvg.call(plan, title:, face:, hand:, units:)
      end
    end
  end
end
