# frozen_string_literal: true

module Meander
  module Planner
    # How long the strip must be to be worn, and who can wear a strip of a given length.
    #
    # Centre line of a band round a wrist = wrist + ease + pi * thickness; a cuff is shorter by its opening, which is
    # measured along the curve between its ends. All in mm.
    class Wearing
      # Ease that can be worn: below it pinches, above it slips off or turns. Common practice, no source.
      EASE_MM = (0.0..45.0)
      # Words for ease, in mm over the wrist: common practice, from memory; a maker types their own.
      EASES = {"snug" => 5, "easy" => 12, "loose" => 20}.freeze
      # The smallest wrist that is called one.
      SMALLEST_WRIST_MM = 20.0

      def initialize(piece, thickness_mm:)
        @opening = piece.cuff? ? piece.body[:opening] : nil
        @thickness_mm = thickness_mm
        freeze
      end

      def strip_mm(wrist_mm, ease_mm) = wrist_mm + ease_mm + (Math::PI * @thickness_mm) - opening_mm(wrist_mm)

      def opening_mm(wrist_mm)
        return 0.0 unless @opening

        (@opening[:kind] == "share") ? @opening[:share] * wrist_mm : @opening[:length].mm
      end

      # The wrist a strip of this length fits.
      def wrist_mm(strip_mm, ease_mm)
        round = strip_mm - ease_mm - (Math::PI * @thickness_mm)
        return round + opening_mm(0.0) unless @opening && @opening[:kind] == "share"

        round / (1 - @opening[:share])
      end
    end
  end
end
