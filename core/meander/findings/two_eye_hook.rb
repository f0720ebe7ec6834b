# frozen_string_literal: true

module Meander
  module Findings
    # A hook of doubled wire with two eyes, which hang in two loops: an eye, the shank up and over, folded at its tip,
    # back beside itself, and the other eye. Where the loops stand farther apart than its eyes would by themselves, the
    # lower part of its shank is spread to them.
    class TwoEyeHook < Bent
      SENTENCE =
        Sentence.new("a hook with two eyes",
          [Sentence.size("inside", "Inside of the hook with two eyes", ",", "inside,", 0.5),
            Sentence.size("shank", "Shank of the hook with two eyes", "shank", ",", 0.5),
            Sentence.size("eye", "Inside of its eyes", "eyes", "inside,", 0.5),
            Sentence.size("wire", "Wire of the hook with two eyes", "of", "", 0.1)],
          {inside: Sentence.mm(4), shank: Sentence.mm(9), eye: Sentence.mm(2.5), wire: Sentence.mm(1), metal: "copper"},
          metal: true)

      # The way back as a share of the shank, as in a plain hook.
      RETURN = 0.6
      # So much of the shank is spread.
      SPREAD = 0.5

      # apart_mm: from the middle of the one loop to that of the other.
      def initialize(fields, apart_mm = 0.0)
        @apart = apart_mm
        super(fields)
      end

      def in_loops(apart_mm) = self.class.new(fields, apart_mm)

      def called = "hook with two eyes, #{Units::Text.length(fields[:inside].mm)} inside"
      def reach_mm = (fields[:eye].mm / 2) + fields[:shank].mm + (fields[:inside].mm / 2)

      # The eyes stand on either side of the doubled shank, their middles as high as it begins. A leg leaves its eye on
      # the tangent to where the shank is straight.
      def way
        low, high = fields[:eye].mm / 2, (fields[:eye].mm / 2) + fields[:shank].mm
        split, off = low + (SPREAD * fields[:shank].mm), [@apart / 2, (d / 2) + eye_radius].max
        turned = tangent(off - (d / 2), split - low)
        eyes = [Curve::Arc.new([-off, low], eye_radius, turned, 2 * Math::PI),
          Curve::Arc.new([off, low], eye_radius, Math::PI - turned, 2 * Math::PI)]
        one, other, outer = -d / 2, d / 2, (fields[:inside].mm / 2) + (1.5 * d)
        centre, tip = [one + outer, high], high - (fields[:shank].mm * RETURN)
        far = one + (2 * outer)
        Curve::Chain.new(
          [eyes[0], Curve::Line.new(eyes[0].point(1.0), [one, split]), Curve::Line.new([one, split], [one, high]),
            Curve::Arc.new(centre, outer, Math::PI, -Math::PI),
            Curve::Line.new([far, high], [far, tip]), Curve::Arc.new([far - (d / 2), tip], d / 2, 0.0, -Math::PI),
            Curve::Line.new([far - d, tip], [far - d, high]),
            Curve::Arc.new(centre, outer - d, 0.0, Math::PI), Curve::Line.new([other, high], [other, split]),
            Curve::Line.new([other, split], eyes[1].point(0.0)), eyes[1]]
        )
      end

      private

      # At which angle of an eye the line to a place so far beside its middle and above it touches it.
      def tangent(beside, above)
        Math.atan2(above, beside) - Math.acos([eye_radius / Math.hypot(beside, above), 1.0].min)
      end
    end
  end
end
