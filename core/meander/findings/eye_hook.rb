# frozen_string_literal: true

module Meander
  module Findings
    # A hook made by itself, as of an offcut: an eye that hangs in a loop, the shank, the bend over the eye and back,
    # and a tip turned outwards, as a plain hook has it.
    class EyeHook < Bent
      SENTENCE =
        Sentence.new("a hook with an eye",
          [Sentence.size("inside", "Inside of the hook with an eye", ",", "inside,", 0.5),
            Sentence.size("shank", "Shank of the hook with an eye", "shank", ",", 0.5),
            Sentence.size("eye", "Inside of the hook's eye", "its eye", "inside,", 0.5),
            Sentence.size("wire", "Wire of the hook with an eye", "of", "", 0.1)],
          {inside: Sentence.mm(4), shank: Sentence.mm(9), eye: Sentence.mm(2.5), wire: Sentence.mm(1), metal: "copper"},
          metal: true)

      def called = "hook with an eye, #{Units::Text.length(fields[:inside].mm)} inside"
      def reach_mm = (fields[:eye].mm / 2) + fields[:shank].mm + (fields[:inside].mm / 2)

      # Once round the eye, up the shank beside its middle, over it and back.
      def way
        low, radius = fields[:eye].mm / 2, (fields[:inside].mm + d) / 2
        high, far = low + fields[:shank].mm, eye_radius - (2 * radius)
        back = high - (fields[:shank].mm * Endings::Hook::RETURN)
        Curve::Chain.new(
          [Curve::Arc.new([0.0, low], eye_radius, 0.0, 2 * Math::PI),
            Curve::Line.new([eye_radius, low], [eye_radius, high]),
            Curve::Arc.new([eye_radius - radius, high], radius, 0.0, Math::PI),
            Curve::Line.new([far, high], [far, back]),
            Curve::Arc.new([far - (2 * d), back], 2 * d, 0.0, -Endings::Hook::TIP_ANGLE)]
        )
      end
    end
  end
end
