# frozen_string_literal: true

module Meander
  module Endings
    # A simple loop: once round a mandrel, centred over its wire: pi (m + D).
    class Eye < Freed
      SENTENCE =
        Sentence.new("a simple loop", [Sentence.size("inside", "Inside of the loop", "", "inside", 0.5)],
          {inside: Sentence.mm(2.5)}, wires: "one", worked: true, holds: true, through: true)

      def words = "simple loop, #{Units::Text.length(inside_mm)} inside"

      def making(_names, all)
        "roll #{all} to a loop #{Units::Text.length(inside_mm)} inside, centred over its wire, " \
          "and close it"
      end

      def middle_of_hole = [@seats.first.x, radius(@seats.first)]

      private

      def parts(seat, _index, _seats)
        [flat([Curve::Arc.new([seat.x, radius(seat)], radius(seat), -Math::PI / 2, 2 * Math::PI)])]
      end

      def reach(seat) = inside_mm + (seat.mm / 2)
    end
  end
end
