# frozen_string_literal: true

module Meander
  module Findings
    # A hook of doubled wire with two eyes, which hang in two loops: an eye, the shank up and over, folded at its tip,
    # back beside itself, and the other eye.
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

      def called = "hook with two eyes, #{Units::Text.length(fields[:inside].mm)} inside"
      def reach_mm = (fields[:eye].mm / 2) + fields[:shank].mm + (fields[:inside].mm / 2)

      # The eyes stand on either side of the doubled shank, their middles as high as it begins.
      def way
        low, high = fields[:eye].mm / 2, (fields[:eye].mm / 2) + fields[:shank].mm
        one, other, outer = -d / 2, d / 2, (fields[:inside].mm / 2) + (1.5 * d)
        centre, tip = [one + outer, high], high - (fields[:shank].mm * RETURN)
        far = one + (2 * outer)
        Curve::Chain.new(
          [Curve::Arc.new([one - eye_radius, low], eye_radius, 0.0, 2 * Math::PI),
            Curve::Line.new([one, low], [one, high]), Curve::Arc.new(centre, outer, Math::PI, -Math::PI),
            Curve::Line.new([far, high], [far, tip]), Curve::Arc.new([far - (d / 2), tip], d / 2, 0.0, -Math::PI),
            Curve::Line.new([far - d, tip], [far - d, high]),
            Curve::Arc.new(centre, outer - d, 0.0, Math::PI), Curve::Line.new([other, high], [other, low]),
            Curve::Arc.new([other + eye_radius, low], eye_radius, Math::PI, 2 * Math::PI)]
        )
      end
    end
  end
end
