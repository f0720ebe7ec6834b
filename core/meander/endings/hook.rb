# frozen_string_literal: true

module Meander
  module Endings
    # A plain hook: the first wire runs on as a shank, bends half round a mandrel and comes back to a tip that is turned
    # away from the shank; the second wire binds its neck, and any others end under the binding.
    class Hook
      SENTENCE =
        Sentence.new("a hook",
          [Sentence.size("inside", "Inside of the hook", "", "inside,", 0.5),
            Sentence.size("shank", "Shank of the hook", "shank"),
            Sentence.count("wraps", "Wraps that bind the hook", ",", "wraps")],
          {inside: Sentence.mm(4), shank: Sentence.mm(9), wraps: 3}, wires: "all", holds: true)

      # The way back as a share of the shank, and the tip's bend; common practice, no source.
      RETURN = 0.6
      TIP_ANGLE = Math::PI / 4

      attr_reader :strands, :reach_mm

      def initialize(fields, seats)
        @former, @partner, *others = seats
        @wraps = fields[:wraps]
        @shank = fields[:shank].mm
        @radius = (fields[:inside].mm + @former.mm) / 2
        @strands = {@former.id => Curve::Strand.new([Curve::Flat.new(Curve::Chain.new(bend))]),
                     **(@partner ? {@partner.id => Curve::Strand.new(binding)} : {}),
                     **others.to_h { |seat| [seat.id, stub(seat)] }}.freeze
        @reach_mm = top_mm + (fields[:inside].mm / 2)
        freeze
      end

      def words = "hook, #{Units::Text.length((2 * @radius) - @former.mm)} inside"

      def making(names, _all)
        bound = @partner ? ", and bind its neck with #{Units::Text.count(@wraps, "wrap")} of #{names[1]}" : ""
        "bend #{names.first} to a hook #{Units::Text.length((2 * @radius) - @former.mm)} inside on a shank of " \
          "#{Units::Text.length(@shank)}, its tip turned outwards#{bound}#{Neck.others(names.drop(2))}"
      end

      private

      def neck_mm = @partner ? @wraps * @partner.mm : 0.0
      def top_mm = neck_mm + @shank
      def inward = (@partner && @partner.x < @former.x) ? -1.0 : 1.0

      def stub(seat)
        line = Curve::Line.new([seat.x, 0.0], [seat.x, neck_mm])
        Curve::Strand.new([Curve::Flat.new(Curve::Chain.new([line]))])
      end

      def bend
        foot = [@former.x, 0.0]
        shoulder = [@former.x, top_mm]
        half = Curve::Arc.new([@former.x + (inward * @radius), top_mm], @radius, inward.positive? ? Math::PI : 0.0,
          -inward * Math::PI)
        low = [half.point(1.0)[0], top_mm - (@shank * RETURN)]
        [Curve::Line.new(foot, shoulder), half, Curve::Line.new(half.point(1.0), low), tip(low)]
      end

      # Turned outwards on a radius of twice the wire.
      def tip(low)
        radius = 2 * @former.mm
        Curve::Arc.new([low[0] + (inward * radius), low[1]], radius, inward.positive? ? Math::PI : 0.0,
          inward * TIP_ANGLE)
      end

      # Over to the hook wire, then a helix round it.
      def binding
        rho = (@former.mm + @partner.mm) / 2
        lead = Curve::Line.new([@partner.x, 0.0], [@former.x + (inward * rho), 0.0])
        turns = Curve::Arc.new([@former.x, 0.0], rho, inward.positive? ? 0.0 : Math::PI, inward * 2 * Math::PI * @wraps)
        [Curve::Flat.new(Curve::Chain.new([lead])), Curve::Climb.new(Curve::Chain.new([turns]), from: 0.0, to: neck_mm)]
      end
    end
  end
end
