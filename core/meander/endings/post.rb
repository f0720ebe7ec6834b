# frozen_string_literal: true

module Meander
  module Endings
    # A straight ear post, its end rounded.
    class Post < Freed
      SENTENCE =
        Sentence.new("an ear post", [Sentence.size("length", "Length of the ear post", "of")],
          {length: Sentence.mm(14)}, wires: "one")

      def words = "ear post, #{Units::Text.length(@fields[:length].mm)}"

      def making(_names, all)
        "leave #{Units::Text.length(@fields[:length].mm)} of #{all} straight as the ear post, " \
          "round its tip and file it smooth"
      end

      private

      def parts(seat, _index, _seats) = [flat([Curve::Line.new([seat.x, 0.0], [seat.x, @fields[:length].mm])])]
      def reach(_seat) = @fields[:length].mm
    end
  end
end
