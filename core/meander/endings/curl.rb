# frozen_string_literal: true

module Meander
  module Endings
    # A flat curl wound up from its outside, each turn lying against the one before.
    class Curl < Freed
      SENTENCE =
        Sentence.new("a curl",
          [Sentence.count("turns", "Turns of the curl", "of", "turns,"),
            Sentence.size("inside", "Inside of the curl", "", "inside", 0.5)],
          {inside: Sentence.mm(1.5), turns: 2}, wires: "one", worked: true, holds: true)

      STEPS = 48

      def words = "curl of #{Units::Text.count(@fields[:turns], "turn")}, #{Units::Text.length(inside_mm)} inside"

      def making(_names, all)
        "roll #{all} up flat to a curl of #{Units::Text.count(@fields[:turns], "turn")}, " \
          "#{Units::Text.length(inside_mm)} inside; trim the straight stub at its tip first"
      end

      private

      # Outwards from the middle of the strip, so that curls of a pair turn away from each other.
      # Rolled outwards: from the middle of those that are rolled, or from that of the band.
      def parts(seat, _index, seats)
        middle = (seats.size > 1) ? Freed.middle(seats) : @fields[:band].middle
        side = (seat.x < middle - 1e-9) ? -1.0 : 1.0
        outer = radius(seat) + (@fields[:turns] * seat.mm)
        points = (0..(STEPS * @fields[:turns])).map { |k| place(seat, side, outer, 2 * Math::PI * k / STEPS) }
        [flat(points.each_cons(2).map { |from, to| Curve::Line.new(from, to) })]
      end

      def place(seat, side, outer, angle)
        r = outer - (seat.mm * angle / (2 * Math::PI))
        [seat.x + (side * (outer - (r * Math.cos(angle)))), r * Math.sin(angle)]
      end

      def reach(seat) = radius(seat) + (@fields[:turns] * seat.mm)
    end
  end
end
