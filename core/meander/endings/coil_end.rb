# frozen_string_literal: true

module Meander
  module Endings
    # A coil of the wire itself beyond its end, turn against turn, to glue over a cord or to thread through.
    class CoilEnd < Freed
      SENTENCE =
        Sentence.new("a coil of its own wire",
          [Sentence.count("turns", "Turns of the coil end", "of", "turns,"),
            Sentence.size("inside", "Inside of the coil end", "", "inside", 0.5)],
          {inside: Sentence.mm(2.5), turns: 6}, wires: "one", worked: true)

      def words = "coil of #{Units::Text.count(@fields[:turns], "turn")}, #{Units::Text.length(inside_mm)} inside"

      def making(_names, all)
        "wind #{all} on a rod of #{Units::Text.length(inside_mm)} to a coil of " \
          "#{Units::Text.count(@fields[:turns], "turn")}, turn against turn"
      end

      private

      def reach(seat) = @fields[:turns] * seat.mm

      # Turns of a helix: n sqrt((pi (m + D))^2 + D^2).
      def parts(seat, _index, _seats)
        circle = Curve::Arc.new([seat.x + radius(seat), 0.0], radius(seat), Math::PI, 2 * Math::PI * @fields[:turns])
        [Curve::Climb.new(Curve::Chain.new([circle]), from: 0.0, to: @fields[:turns] * seat.mm)]
      end
    end
  end
end
