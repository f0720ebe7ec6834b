# frozen_string_literal: true

module Meander
  module Endings
    # Ends wrapped over the band: each wire folds back over the band's front and goes so many times round all of it,
    # side by side with the others, from where the weave ends inwards.
    class Wrap
      SENTENCE =
        Sentence.new("wraps over the band", [Sentence.count("wraps", "Wraps over the band", "", "times")], {wraps: 2},
          wires: "all")

      # What is wrapped: x of its outermost base wires, how far their outsides lie from those (in mm, weaving wire and
      # all), and how much thicker and wider it is where the band's ends lie over or beside each other.
      Band = Struct.new(:low, :high, :outside_mm, :lift_mm, :slide_mm, keyword_init: true) do
        def middle = (low + high) / 2
      end

      attr_reader :strands, :reach_mm

      def initialize(fields, seats)
        @wraps = fields[:wraps]
        @band = fields[:band]
        wide = @wraps * seats.map(&:mm).max
        @strands = seats.each_with_index.to_h { |seat, i| [seat.id, strand(seat, i * wide)] }.freeze
        @reach_mm = 0.0
        freeze
      end

      def words = "wrapped over the band #{Units::Text.times(@wraps)}"

      def making(_names, all)
        "fold #{all} back over the front and wrap #{Units::Text.times(@wraps)} round the whole " \
          "band, side by side, the tip at the back"
      end

      private

      def strand(seat, back_mm)
        rho = @band.outside_mm + (seat.mm / 2)
        top = rho + @band.lift_mm
        parts = [FoldOver.new(seat.x, top / 2)]
        if back_mm.positive?
          parts << Curve::Flat.new(Curve::Chain.new([Curve::Line.new([seat.x, 0.0], [seat.x, -back_mm])]), height: top)
        end
        Curve::Strand.new(
          [*parts, Curve::Climb.new(Curve::Chain.new(round(seat.x, rho, top) * @wraps), from: -back_mm,
            to: -back_mm - (@wraps * seat.mm))]
        )
      end

      # Once round the band from its front and back to it: four straights and four quarter turns.
      def round(x, rho, top)
        low, high, lift = @band.low, @band.high + @band.slide_mm, @band.lift_mm
        quarter = ->(cx, cz, start) { Curve::Arc.new([cx, cz], rho, start, -Math::PI / 2) }
        line = ->(from, to) { Curve::Line.new(from, to) }
        pieces = [line.call([x, top], [high, top]), quarter.call(high, lift, Math::PI / 2),
          line.call([high + rho, lift], [high + rho, 0.0]), quarter.call(high, 0.0, 0.0),
          line.call([high, -rho], [low, -rho]), quarter.call(low, 0.0, -Math::PI / 2),
          line.call([low - rho, 0.0], [low - rho, lift]), quarter.call(low, lift, Math::PI),
          line.call([low, top], [x, top])]
        pieces.reject { |piece| piece.length < Tolerance::PACKING_MM }
      end
    end
  end
end
