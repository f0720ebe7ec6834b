# frozen_string_literal: true

module Meander
  module Endings
    # Rolled round the wire beside it: led over to that wire, then wrapped round it so many times, wrap against wrap. An
    # end of a base wire is rolled back towards the section, what is left of a weaving wire on from it: both on bare
    # wire. Wraps are turns of a helix of radius (D + d) / 2 and rise d.
    class Rolled < Freed
      SENTENCE =
        Sentence.new("wraps round the wire beside it",
          [Sentence.count("wraps", "Wraps round the wire beside it", "", "times")], {wraps: 3},
          wires: "one", worked: true)

      def words = "rolled #{Units::Text.times(@fields[:wraps])} round the wire beside it"

      def making(_names, all)
        "lead #{all} over to the wire beside it, wrap it #{Units::Text.times(@fields[:wraps])} round that, wrap " \
          "against wrap, and cut its tip close at the back"
      end

      private

      def reach(_seat) = 0.0

      def parts(seat, _index, _seats)
        other = @fields[:beside].fetch(seat.id)
        rho = (other.mm + seat.mm) / 2
        side = (other.x >= seat.x) ? -1.0 : 1.0
        landing = other.x + (side * rho)
        turns = Curve::Arc.new([other.x, 0.0], rho, side.positive? ? 0.0 : Math::PI,
          side * -2 * Math::PI * @fields[:wraps])
        lead = Curve::Line.new([seat.x, 0.0], [landing, 0.0])
        on = Curve::Climb.new(Curve::Chain.new([turns]), from: 0.0, to: along(seat))
        (lead.length > Tolerance::PACKING_MM) ? [flat([lead]), on] : [on]
      end

      def along(seat) = (@fields[:worked] ? 1 : -1) * @fields[:wraps] * seat.mm
    end
  end
end
