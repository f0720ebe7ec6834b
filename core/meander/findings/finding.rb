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

      # The wire a made one is cut from, nil for a bought one.
      def wire_mm = nil
      def to_h = {id:, kind: fields[:kind], side:, words:, reach_mm:, mass_g:, cut_mm: wire_mm&.ceil}

      # Its rings as they are drawn, from where it hangs: [[inside mm, wire mm], ...].
      def rings = []
    end

    # Jump rings made over a mandrel, hung in each other: each reaches as far as it is wide inside.
    class JumpRings < Finding
      def inside_mm = fields[:inside].mm
      def d = fields[:wire].mm
      def count = fields[:count]
      def material = Materials::Metal.fetch(fields[:metal])
      def reach_mm = count * inside_mm
      def words = "#{Units::Text.count(count, "jump ring")} #{Units::Text.length(inside_mm)} inside, of #{Units::Text.wire(d)} #{material.name}"

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

    KINDS = {"jump_rings" => JumpRings, "chain" => Chain, "clasp" => Clasp, "ear_wire" => EarWire}.freeze
  end
end
