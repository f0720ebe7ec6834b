# frozen_string_literal: true

module Meander
  module Planner
    # How long the strip must be to be worn, and who can wear a strip of a given length.
    #
    # Centre line of a band round a wrist or finger = its circumference + ease + pi * thickness; it is shorter by an
    # opening, which is measured along the curve between its ends, and longer by what the ends of a ring lie over each
    # other. Ends that lie side by side make the band a turn of a helix as wide as itself. All in mm.
    class Wearing
      # Ease that can be worn: below it pinches, above it slips off or turns. Common practice, no source.
      EASE_MM = (0.0..45.0)
      # A ring is another size beyond this: a quarter of a US size round.
      RING_EASE_MM = (-0.64..0.64)
      # Words for ease, in mm over the wrist: common practice, from memory; a maker types their own.
      EASES = {"snug" => 5, "easy" => 12, "loose" => 20}.freeze
      # The smallest wrist, or finger, that is called one.
      SMALLEST_WRIST_MM = 20.0

      # width_mm: of the band.
      def initialize(piece, thickness_mm:, width_mm:)
        @opening = piece.cuff? ? piece.worn[:opening] : nil
        @closing = piece.ring? ? piece.worn[:closing] : nil
        @thickness_mm = thickness_mm
        @width_mm = width_mm
        freeze
      end

      def strip_mm(wrist_mm, ease_mm)
        round = round_mm(wrist_mm, ease_mm)
        return round - opening_mm(wrist_mm) unless lapped?

        Math.hypot(round, slide_mm) + lap_mm
      end

      # The centre line once round.
      def round_mm(wrist_mm, ease_mm) = wrist_mm + ease_mm + (Math::PI * @thickness_mm)

      def opening_mm(wrist_mm)
        return open_ring_mm unless @opening

        (@opening[:kind] == "share") ? @opening[:share] * wrist_mm : @opening[:length].mm
      end

      # The wrist a strip of this length fits; below nothing where it goes round none.
      def wrist_mm(strip_mm, ease_mm)
        once = lapped? ? once_round_mm(strip_mm - lap_mm) : strip_mm
        round = once - ease_mm - (Math::PI * @thickness_mm)
        return round + opening_mm(0.0) unless @opening && @opening[:kind] == "share"

        round / (1 - @opening[:share])
      end

      def ease_range = @closing ? RING_EASE_MM : EASE_MM

      # How far one end of a ring lies outside the other, and beside it.
      def lift_mm = (@closing && @closing[:kind] == "over") ? @thickness_mm : 0.0
      def slide_mm = (@closing && @closing[:kind] == "beside") ? @width_mm : 0.0

      private

      def lapped? = @closing && @closing[:kind] != "open"
      def lap_mm = lapped? ? @closing[:length].mm : 0.0
      def open_ring_mm = (@closing && !lapped?) ? @closing[:length].mm : 0.0
      def once_round_mm(turn_mm) = (turn_mm > slide_mm) ? Math.sqrt((turn_mm**2) - (slide_mm**2)) : 0.0
    end
  end
end
