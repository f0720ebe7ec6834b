# frozen_string_literal: true

module Meander
  module Findings
    # The bar of a toggle with an eye at its middle; it goes through a ring or loop at the other end of the piece.
    class Toggle < Bent
      SENTENCE =
        Sentence.new("a toggle bar",
          [Sentence.size("bar", "Bar of the toggle", ",", "long,"),
            Sentence.size("eye", "Inside of the toggle's eye", "its eye", "inside,", 0.5),
            Sentence.size("wire", "Wire of the toggle", "of", "", 0.1)],
          {bar: Sentence.mm(16), eye: Sentence.mm(2.5), wire: Sentence.mm(1), metal: "copper"}, metal: true)

      def called = "toggle bar, #{Units::Text.length(bar_mm)} long"
      def bar_mm = fields[:bar].mm
      def reach_mm = fields[:eye].mm

      # Half the bar, once round the eye below it, the other half.
      def way
        half, high = bar_mm / 2, fields[:eye].mm + (d / 2)
        Curve::Chain.new(
          [Curve::Line.new([-half, high], [0.0, high]),
            Curve::Arc.new([0.0, high - eye_radius], eye_radius, Math::PI / 2, -2 * Math::PI),
            Curve::Line.new([0.0, high], [half, high])]
        )
      end
    end
  end
end
