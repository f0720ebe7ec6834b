# frozen_string_literal: true

module Meander
  module Findings
    # A bought ear wire, measured from its loop to the ear.
    class EarWire < Finding
      SENTENCE =
        Sentence.new("an ear wire", [Sentence.size("length", "Ear wire", "", "long,")],
          {length: Sentence.mm(20), metal: "sterling", mass: nil}, metal: true)

      # As it is drawn only, it is bought: of 0.8 mm wire (common practice, no source), with a loop 2 mm inside.
      WIRE_MM = 0.8
      LOOP_MM = 2.0
      # The bow over the ear is no wider than this, and its back hangs down by this share of the front.
      BOW_MM = 4.5
      BACK = 0.7

      def words = "ear wire of #{material.name}, #{Units::Text.length(reach_mm)} long"
      def material = Materials::Metal.fetch(fields[:metal])
      def d = WIRE_MM

      # Once round its loop, up from the loop's side, over the ear, and down behind it.
      def way
        side, bow = (LOOP_MM + d) / 2, [reach_mm / 4, BOW_MM].min
        high = [reach_mm - bow, (2 * side) + d].max
        back = side + (2 * bow)
        Curve::Chain.new(
          [Curve::Arc.new([0.0, side], side, 0.0, 2 * Math::PI), Curve::Line.new([side, side], [side, high]),
            Curve::Arc.new([side + bow, high], bow, Math::PI, -Math::PI),
            Curve::Line.new([back, high], [back, high - (BACK * (high - side))])]
        )
      end
    end
  end
end
