# frozen_string_literal: true

module Meander
  module Output
    # A planned piece as SVG at true size: the strip of a band, the finished piece of what is put together from sections.
    module Drawing
      # face: "front" or "back"; hand: "right" or "left".
      def self.call(plan, title:, face: "front", hand: "right")
        plan.piece.built? ? FinishedSvg.call(plan, title:, face:, hand:) : StripSvg.call(plan.picture, title:, face:, hand:)
      end
    end
  end
end
