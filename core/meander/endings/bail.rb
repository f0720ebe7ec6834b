# frozen_string_literal: true

module Meander
  module Endings
    # A bail: the wires go over a cylinder to the back and down again, and the first of them binds the neck of them all:
    # round them, or between them, in front of one and behind the next, there and back, which of two is a figure-eight.
    # Wires that it goes between are spread as far as it takes to pass.
    class Bail < Freed
      SENTENCE =
        Sentence.new("a bail",
          [Sentence.size("inside", "Inside of the bail", "", "inside,", 0.5),
            Sentence.count("wraps", "Wraps that bind the bail", "", "wraps"),
            Sentence.choice("bound", "How the bail is bound",
              {"round" => "round all its wires", "between" => "in and out between its wires"})],
          {inside: Sentence.mm(4), wraps: 3, bound: "round"}, wires: "all", holds: true)

      def initialize(fields, seats)
        @first = seats.first
        @wraps = fields[:wraps]
        @across = seats.sort_by(&:x)
        @between = fields[:bound] == "between"
        @frame = frame
        @foot_mm = seats.map { |seat| (neck_x(seat) - seat.x).abs }.max
        @binding = @between ? Between.new(@frame, @wraps, far: far?, foot_mm: @foot_mm) : wrapped
        super
      end

      def words = "bail, #{Units::Text.length(inside_mm)} inside"

      def making(names, all)
        "lead #{all} over a rod of #{Units::Text.length(inside_mm)} to the back and down, and bind " \
          "the neck with #{binds(names.first)}"
      end

      private

      def binds(name)
        return "#{Units::Text.count(@wraps, "wrap")} of #{name}" unless @between
        if @across.size == 2
          return "#{Units::Text.count(@wraps, "figure-eight")} of #{name} round the two, crossing between them"
        end

        "#{name}: in front of one and behind the next to the far side and back, #{Units::Text.times(@wraps)}"
      end

      # The wires at the neck: where they stand, or spread with their middle where it was.
      def frame
        clear = @across.each_cons(2).map { |one, other| other.x - one.x - ((one.mm + other.mm) / 2) }
        wide = clear.map { |mm| [mm, @between ? @first.mm : 0.0].max }
        Weave::Frame.new(base_mm: @across.map(&:mm), wire_mm: @first.mm, clear_mm: wide,
          origin: @across.first.x - (@between ? (wide.sum - clear.sum) / 2 : 0.0))
      end

      # Where a wire stands at the neck, and how high that is bound.
      def neck_x(seat) = @between ? @frame.centres[@across.index(seat)] : seat.x
      def neck_mm = @between ? @binding.neck_mm : @wraps * @first.mm

      # Does the binding wire lie nearer to the far side, from where it binds then?
      def far? = neck_x(@first) > @frame.centres.sum / @frame.count

      # Round the hull of all of them, a wire a turn.
      def wrapped
        gaps = far? ? [@frame.count, 0] : [0, @frame.count]
        turns = Weave::PassTable.new(@frame).closed(gaps).flat_map { |pass| pass.chain.pieces } * @wraps
        Curve::Climb.new(Curve::Chain.new(turns), from: neck_mm, to: 0.0)
      end

      def parts(seat, index, _seats)
        x = neck_x(seat)
        places = [[seat.x, 0.0], [x, @foot_mm], [x, neck_mm]].uniq
        up = flat(places.each_cons(2).map { |from, to| Curve::Line.new(from, to) })
        over = OverCylinder.new(x, neck_mm, radius(seat))
        return [up, over] unless index.zero?

        [up, over, Lead.new([x, neck_mm, -radius(seat)], @binding.points.first), @binding]
      end

      def reach(seat) = neck_mm + inside_mm + (seat.mm / 2)
    end
  end
end
