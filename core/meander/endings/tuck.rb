# frozen_string_literal: true

module Meander
  module Endings
    # Tucked in: folded over to the back and led along it.
    class Tuck < Freed
      SENTENCE =
        Sentence.new("a tuck to the back", [Sentence.size("length", "Length tucked in", "of", "", 0.5)],
          {length: Sentence.mm(5)}, wires: "all", worked: true)

      def words = "tucked in at the back, #{Units::Text.length(@fields[:length].mm)}"

      def making(_names, all)
        "fold #{all} over to the back, lead #{Units::Text.length(@fields[:length].mm)} along it " \
          "under the weave, and press flat"
      end

      private

      def reach(seat) = behind(seat) / 2
      def behind(seat) = @fields[:band].outside_mm + (seat.mm / 2)

      def parts(seat, _index, _seats)
        back = behind(seat)
        [FoldOver.new(seat.x, back / 2, -1),
          Curve::Flat.new(Curve::Chain.new([Curve::Line.new([seat.x, 0.0], [seat.x, -@fields[:length].mm])]),
            height: -back)]
      end
    end
  end
end
