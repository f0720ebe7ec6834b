# frozen_string_literal: true

module Meander
  module Endings
    # Cut flush and rounded: the tip is a half round, so it takes half the wire's diameter.
    class Plain
      SENTENCE = Sentence.new("cut flush", wires: "all")

      attr_reader :strands, :reach_mm

      def initialize(_fields, seats)
        @strands = seats.to_h { |seat| [seat.id, tip(seat)] }.freeze
        @reach_mm = seats.map { |seat| seat.mm / 2 }.max
        freeze
      end

      def words = "plain rounded end"

      def making(_names, all) = "cut #{all} flush and round the tips with a file"

      private

      def tip(seat)
        line = Curve::Line.new([seat.x, 0.0], [seat.x, seat.mm / 2])
        Curve::Strand.new([Curve::Flat.new(Curve::Chain.new([line]))])
      end
    end
  end
end
