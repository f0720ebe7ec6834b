# frozen_string_literal: true

module Meander
  module Endings
    # A flat curl wound up from its outside, each turn lying against the one before.
    class Curl < Freed
      SENTENCE =
        Sentence.new("a curl",
          [Sentence.count("turns", "Turns of the curl", "of", "turns,"),
            Sentence.size("inside", "Inside of the curl", "", "inside", 0.5)],
          {inside: Sentence.mm(1.5), turns: 2}, wires: "one", worked: true, holds: true, through: true)

      STEPS = 48

      def words = "curl of #{Units::Text.count(@fields[:turns], "turn")}, #{Units::Text.length(inside_mm)} inside"

      def making(_names, all)
        "roll #{all} up flat to a curl of #{Units::Text.count(@fields[:turns], "turn")}, " \
          "#{Units::Text.length(inside_mm)} inside; trim the straight stub at its tip first"
      end

      def middle_of_hole = @seats.first.then { |seat| [seat.x + (side(seat, @seats) * outer(seat)), 0.0] }
      def turns_beside = @fields[:turns] + 1

      private

      # Outwards: from the middle of those that are rolled, or from that of the band, so that curls of a pair turn away
      # from each other.
      def side(seat, seats)
        middle = (seats.size > 1) ? Freed.middle(seats) : @fields[:band].middle
        (seat.x < middle - 1e-9) ? -1.0 : 1.0
      end

      def outer(seat) = radius(seat) + (@fields[:turns] * seat.mm)

      def parts(seat, _index, seats)
        points = (0..(STEPS * @fields[:turns])).map do |k|
          place(seat, side(seat, seats), outer(seat), 2 * Math::PI * k / STEPS)
        end
        [flat(points.each_cons(2).map { |from, to| Curve::Line.new(from, to) })]
      end

      def place(seat, side, outer, angle)
        r = outer - (seat.mm * angle / (2 * Math::PI))
        [seat.x + (side * (outer - (r * Math.cos(angle)))), r * Math.sin(angle)]
      end

      def reach(seat) = outer(seat)
    end
  end
end
