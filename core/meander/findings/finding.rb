# frozen_string_literal: true

module Meander
  module Findings
    # What is hung on an ending, bought or made: how far it reaches, what it weighs and takes of wire. Lengths in mm,
    # mass in g.
    class Finding
      # As read, see Document::Fields::FINDING.
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

      # What it is; a made one without what it is made of.
      def called = words

      # The same as it hangs in loops whose middles are so far apart.
      def in_loops(_apart_mm) = self

      # The wire a made one is cut from, nil for a bought one; how many there are.
      def wire_mm = nil
      def count = 1

      # How many of them a metre of wire makes, nil where they are not made one after the other.
      def per_metre = nil
      def to_h = {id:, kind: fields[:kind], side:, words:, reach_mm:, mass_g:, cut_mm: wire_mm&.ceil, per_metre:}

      # Its rings as they are drawn, from where it hangs: [[inside mm, wire mm], ...].
      def rings = []

      # The way of its wire where it is not rings: a Curve::Chain of places [across, outwards] from where it hangs; nil
      # else.
      def way = nil
    end
  end
end
