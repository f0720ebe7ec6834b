# frozen_string_literal: true

module Meander
  module Findings
    # What is hung on an ending, bought or made: how far it reaches, what it weighs and takes of wire. Lengths in mm, mass in g.
    class Finding
      # fields: as read, see Document::Fields::FINDING.
      def self.of(fields) = KINDS.fetch(fields[:kind]).new(fields)

      attr_reader :fields

      def initialize(fields)
        @fields = fields
        freeze
      end

      def id = fields[:id]
      def side = fields[:side]
      def reach_mm = fields[:length].mm
      def mass_g = fields[:mass] || 0.0
      def material = nil

      # The wire a made one is cut from, nil for a bought one; how many there are.
      def wire_mm = nil
      def count = 1

      # How many of them a metre of wire makes, nil where they are not made one after the other.
      def per_metre = nil
      def to_h = {id:, kind: fields[:kind], side:, words:, reach_mm:, mass_g:, cut_mm: wire_mm&.ceil, per_metre:}

      # Its rings as they are drawn, from where it hangs: [[inside mm, wire mm], ...].
      def rings = []

      # The way of its wire where it is not rings: a Curve::Chain of places [across, outwards] from where it hangs; nil else.
      def way = nil
    end

    # A finding made of one wire, bent to a way of its own: what it takes of wire is the length of that way.
    class Bent < Finding
      def d = fields[:wire].mm
      def material = Materials::Metal.fetch(fields[:metal])
      def wire_mm = way.length
      def mass_g = material.mass_g(d, way.length)
      def made = "of #{Units::Text.wire(d)} #{material.name}"

      private

      def eye_radius = (fields[:eye].mm + d) / 2
    end

    # A hook of doubled wire with two eyes, which hang in two loops: an eye, the shank up and over, folded at its tip, back beside
    # itself, and the other eye.
    class TwoEyeHook < Bent
      # The way back as a share of the shank, as in a plain hook.
      RETURN = 0.6

      def words = "hook with two eyes, #{Units::Text.length(fields[:inside].mm)} inside, #{made}"
      def reach_mm = (fields[:eye].mm / 2) + fields[:shank].mm + (fields[:inside].mm / 2)

      # The eyes stand on either side of the doubled shank, their middles as high as it begins.
      def way
        low, high = fields[:eye].mm / 2, (fields[:eye].mm / 2) + fields[:shank].mm
        one, other, outer = -d / 2, d / 2, (fields[:inside].mm / 2) + (1.5 * d)
        centre, tip = [one + outer, high], high - (fields[:shank].mm * RETURN)
        far = one + (2 * outer)
        Curve::Chain.new([Curve::Arc.new([one - eye_radius, low], eye_radius, 0.0, 2 * Math::PI), Curve::Line.new([one, low], [one, high]), Curve::Arc.new(centre, outer, Math::PI, -Math::PI),
          Curve::Line.new([far, high], [far, tip]), Curve::Arc.new([far - (d / 2), tip], d / 2, 0.0, -Math::PI), Curve::Line.new([far - d, tip], [far - d, high]),
          Curve::Arc.new(centre, outer - d, 0.0, Math::PI), Curve::Line.new([other, high], [other, low]), Curve::Arc.new([other + eye_radius, low], eye_radius, Math::PI, 2 * Math::PI)])
      end
    end

    # The bar of a toggle with an eye at its middle; it goes through a ring or loop at the other end of the piece.
    class Toggle < Bent
      def words = "toggle bar, #{Units::Text.length(bar_mm)} long, #{made}"
      def bar_mm = fields[:bar].mm
      def reach_mm = fields[:eye].mm

      # Half the bar, once round the eye below it, the other half.
      def way
        half, high = bar_mm / 2, fields[:eye].mm + (d / 2)
        Curve::Chain.new([Curve::Line.new([-half, high], [0.0, high]), Curve::Arc.new([0.0, high - eye_radius], eye_radius, Math::PI / 2, -2 * Math::PI), Curve::Line.new([0.0, high], [half, high])])
      end
    end

    # Jump rings made over a mandrel, hung in each other: each reaches as far as it is wide inside.
    class JumpRings < Finding
      def inside_mm = fields[:inside].mm
      def d = fields[:wire].mm
      def count = fields[:count]
      def material = Materials::Metal.fetch(fields[:metal])
      def reach_mm = count * inside_mm
      def words = "#{Units::Text.count(count, "jump ring")} #{Units::Text.length(inside_mm)} inside, of #{Units::Text.wire(d)} #{material.name}#{", hammered flat" if flat?}"
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

    # A piece of chain, as an extender or on either side of a front.
    class Chain < Finding
      def words = "#{Units::Text.length(reach_mm)} of chain"
      def rings = Array.new([(reach_mm / 2.4).round, 1].max) { [2.4, 0.5] }
    end

    # A bought clasp, measured from inside to inside.
    class Clasp < Finding
      def words = "clasp, #{Units::Text.length(reach_mm)}"
      def rings = [[reach_mm * 0.7, 1.2], [reach_mm * 0.3, 1.0]]
    end

    # A bought ear wire, measured from its loop to the ear.
    class EarWire < Finding
      def words = "ear wire of #{material.name}, #{Units::Text.length(reach_mm)}"
      def material = Materials::Metal.fetch(fields[:metal])
    end

    KINDS = {"jump_rings" => JumpRings, "chain" => Chain, "clasp" => Clasp, "ear_wire" => EarWire, "two_eye_hook" => TwoEyeHook, "toggle" => Toggle}.freeze
  end
end
