# frozen_string_literal: true

module Meander
  module Endings
    # Swept over the band: folded over its end to the front and led in an arc to the far edge from where it stands,
    # which it reaches so far along the band; cut short of that edge.
    #
    # The arc leaves along the band, so that through a place dx across and L along it runs on r = (dx^2 + L^2) / 2 dx
    # through twice the angle whose tangent is dx / L.
    class Swept < Freed
      SENTENCE =
        Sentence.new("an arc over the front",
          [Sentence.size("length", "How far the arc comes over the front", "reaching", "back")],
          {length: Sentence.mm(8)}, wires: "one", worked: true)

      def words = "swept over the front in an arc of #{Units::Text.length(length_mm)}"

      def making(_names, all)
        "fold #{all} over to the front, sweep it in an arc to the other edge, " \
          "#{Units::Text.length(length_mm)} back from the end, and cut it short of that edge, its tip rounded"
      end

      private

      def length_mm = @fields[:length].mm
      def front(seat) = @fields[:band].outside_mm + (seat.mm / 2)
      def reach(seat) = front(seat) / 2

      # Across the band to a wire short of the edge that is further away.
      def across(seat)
        band = @fields[:band]
        near, far = seat.x - band.low + band.outside_mm, band.high + band.outside_mm - seat.x
        over = [[near, far].max - seat.mm, seat.mm].max
        (near > far) ? -over : over
      end

      def parts(seat, _index, _seats)
        dx, height = across(seat), front(seat)
        radius = ((dx**2) + (length_mm**2)) / (2 * dx.abs)
        side = (dx <=> 0.0).to_f
        arc = Curve::Arc.new([seat.x + (side * radius), 0.0], radius, side.positive? ? Math::PI : 0.0,
          side * 2 * Math.atan2(dx.abs, length_mm))
        [FoldOver.new(seat.x, height / 2), Curve::Flat.new(Curve::Chain.new([arc]), height:)]
      end
    end
  end
end
