# frozen_string_literal: true

module Meander
  module Endings
    # A bail: the wires go over a cylinder to the back and down again, and the first of them binds the neck of them all.
    class Bail < Freed
      SENTENCE =
        Sentence.new("a bail",
          [Sentence.size("inside", "Inside of the bail", "", "inside,", 0.5),
            Sentence.count("wraps", "Wraps that bind the bail", "", "wraps")],
          {inside: Sentence.mm(4), wraps: 3}, wires: "all", holds: true)

      def words = "bail, #{Units::Text.length(inside_mm)} inside"

      def making(names, all)
        "lead #{all} over a rod of #{Units::Text.length(inside_mm)} to the back and down, and bind " \
          "the neck with #{Units::Text.count(@fields[:wraps], "wrap")} of #{names.first}"
      end

      private

      def neck_mm(seats) = @fields[:wraps] * seats.first.mm

      def parts(seat, index, seats)
        neck = neck_mm(seats)
        up = flat([Curve::Line.new([seat.x, 0.0], [seat.x, neck])])
        return [up, OverCylinder.new(seat.x, neck, radius(seat))] unless index.zero?

        bound = binding(seats, neck)
        [up, OverCylinder.new(seat.x, neck, radius(seat)), Lead.new([seat.x, neck, -radius(seat)], bound.points.first),
          bound]
      end

      # Round the hull of all the wires, a wire a turn, from the side that the binding wire lies nearer to.
      def binding(seats, neck)
        across = seats.sort_by(&:x)
        far = seats.first.x > across.sum(&:x) / across.size
        gaps = far ? [seats.size, 0] : [0, seats.size]
        clear = across.each_cons(2).map { |one, other| [other.x - one.x - ((one.mm + other.mm) / 2), 0.0].max }
        frame = Weave::Frame.new(base_mm: across.map(&:mm), wire_mm: seats.first.mm, clear_mm: clear,
          origin: across.first.x)
        turns = Weave::PassTable.new(frame).closed(gaps)
          .flat_map { |pass| pass.chain.pieces } * @fields[:wraps]
        Curve::Climb.new(Curve::Chain.new(turns), from: neck, to: 0.0)
      end

      def reach(seat) = (@fields[:wraps] * seat.mm) + inside_mm + (seat.mm / 2)
    end
  end
end
