# frozen_string_literal: true

module Meander
  module Endings
    # A closing loop: the first wire goes round a mandrel and comes back to bind the neck it shares with the second wire
    # (its own neck, where it is the only one); any other wires end under the binding.
    #
    # The way is a neck, a tangent up to the circle, the circle the long way round, a tangent back down on the other
    # side, and wraps down the neck (an open belt round both wires, climbing one wire a turn).
    class ClosingLoop
      SENTENCE =
        Sentence.new("a closing loop",
          [Sentence.count("turns", "Turns of the closing loop", "of", "turns,"),
            Sentence.size("inside", "Inside of the closing loop", "", "inside,", 0.5),
            Sentence.count("wraps", "Wraps that bind the closing loop", "", "wraps")],
          {inside: Sentence.mm(5), wraps: 3, turns: 1}, wires: "all", holds: true, through: true)

      attr_reader :strands, :reach_mm

      def initialize(fields, seats)
        @former, partner, *@others = seats
        @partner = partner || @former
        @alone = partner.nil?
        @wraps = fields[:wraps]
        @turns = fields[:turns]
        @radius = (fields[:inside].mm + @former.mm) / 2
        @rise = @radius + @former.mm
        stubs = [partner, *@others].compact.to_h { |seat| [seat.id, stub(seat)] }
        @strands = {@former.id => Curve::Strand.new([Curve::Flat.new(Curve::Chain.new(bow)), binding]), **stubs}.freeze
        @reach_mm = neck_mm + @rise + (fields[:inside].mm / 2)
        freeze
      end

      def words
        "#{{2 => "double ", 3 => "triple "}[@turns]}#{@alone ? "wrapped" : "closing"} loop, " \
        "#{Units::Text.length((2 * @radius) - @former.mm)} inside"
      end

      def making(names, _all)
        neck = @alone ? "its own neck" : "the neck it shares with #{names[1]}"
        rod = Units::Text.length((2 * @radius) - @former.mm)
        "lead #{names.first} #{Units::Text.times(@turns)} round a rod of #{rod} and bind " \
          "#{neck} with #{Units::Text.count(@wraps, "wrap")} of its end#{Neck.others(names.drop(2))}"
      end

      # Where its middle lies, [across, outwards]; how many turns lie round that side by side.
      def middle_of_hole = [(@former.x + @partner.x) / 2, neck_mm + @rise]
      def turns_beside = 1

      private

      def neck_mm = @wraps * @former.mm
      def half_spread = (@partner.x - @former.x).abs / 2
      def outward = (@former.x <= @partner.x) ? -1.0 : 1.0

      # Where the wraps begin: at the outer side of the partner.
      def landing = [@partner.x - (outward * (@former.mm + @partner.mm) / 2), neck_mm]

      def bow
        up = [@former.x, neck_mm]
        start = tangent_angle(up, outward)
        sweep = (outward * (tangent_angle(landing, -outward) - start)) % (2 * Math::PI)
        arc = Curve::Arc.new(middle_of_hole, @radius, start, outward * (sweep + (2 * Math::PI * (@turns - 1))))
        [Curve::Line.new([@former.x, 0.0], up), Curve::Line.new(up, arc.point(0.0)), arc,
          Curve::Line.new(arc.point(1.0), landing)]
      end

      # Where a taut wire from a point below touches the circle, on the given side.
      def tangent_angle(point, side)
        across, along = point[0] - middle_of_hole[0], point[1] - middle_of_hole[1]
        Math.atan2(along, across) + (side * Math.acos(@radius / Math.hypot(across, along)))
      end

      def binding
        seats = [@former, @partner].uniq.sort_by(&:x)
        clear = seats.each_cons(2).map { |near, far| far.x - near.x - ((near.mm + far.mm) / 2) }
        frame = Weave::Frame.new(base_mm: seats.map(&:mm), wire_mm: @former.mm, clear_mm: clear, origin: seats.first.x)
        round = Weave::PassTable.new(frame).closed(outward.negative? ? [seats.size, 0] : [0, seats.size])
          .flat_map { |pass| pass.chain.pieces }
        Curve::Climb.new(Curve::Chain.new(round * @wraps), from: neck_mm, to: 0.0)
      end

      def stub(seat)
        line = Curve::Line.new([seat.x, 0.0], [seat.x, neck_mm])
        Curve::Strand.new([Curve::Flat.new(Curve::Chain.new([line]))])
      end
    end
  end
end
