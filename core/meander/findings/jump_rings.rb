# frozen_string_literal: true

module Meander
  module Findings
    # Jump rings made over a mandrel, hung in each other: each reaches as far as it is wide inside.
    class JumpRings < Finding
      SENTENCE =
        Sentence.new("jump rings",
          [Sentence.count("count", "Jump rings", ",", "of them,"),
            Sentence.size("inside", "Inside of the jump rings", "", "inside,", 0.5),
            Sentence.size("wire", "Wire of the jump rings", "of", "", 0.1),
            Sentence.flag("flat", "How the jump rings are left", "", "hammered flat,", "left round,")],
          {inside: Sentence.mm(4), wire: Sentence.mm(0.8), metal: "copper", count: 1, flat: false}, metal: true)

      def inside_mm = fields[:inside].mm
      def d = fields[:wire].mm
      def count = fields[:count]
      def material = Materials::Metal.fetch(fields[:metal])
      def reach_mm = count * inside_mm

      def called = "#{Units::Text.count(count, "jump ring")} #{Units::Text.length(inside_mm)} inside"
      def words = "#{called}, of #{Units::Text.wire(d)} #{material.name}#{", hammered flat" if flat?}"

      def flat? = fields[:flat]
      def per_metre = self.class.from_mm(1000.0, inside_mm, d)

      # One closed ring: pi (m + D), the same as pi (o - D) of its outside diameter.
      def ring_mm = Math::PI * (inside_mm + d)

      # The coil they are sawn from: a turn more than there are rings, each turn of a helix.
      def wire_mm = (count + 1) * Math.hypot(ring_mm, d)
      def mass_g = material.mass_g(d, count * ring_mm)
      def rings = Array.new(count) { [inside_mm, d] }

      # How many rings so much wire makes.
      def self.from_mm(wire_mm, inside_mm, d) = [(wire_mm / Math.hypot(Math::PI * (inside_mm + d), d)).floor - 1, 0].max
    end
  end
end
