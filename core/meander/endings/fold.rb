# frozen_string_literal: true

module Meander
  module Endings
    # Two wires that are one: it is folded here, round from the one to the other: half a turn where they lie side by
    # side, less where they lean together, straight on where they meet head on. lean: how far each leans to the other,
    # in radians.
    class Fold
      SENTENCE = Sentence.new("a fold that joins two wires", wires: "all")

      # A coil of weaving wire slid over the fold: of which wire, how many turns, and the wire they take.
      Cover = Struct.new(:wire, :coils, :path_mm)

      # From here on they meet head on.
      HEAD_ON = 85 * Math::PI / 180

      # middle_of_hole: of its ring, [across, outwards], nil where it has none; cover: nil where the fold is bare.
      attr_reader :strands, :reach_mm, :middle_of_hole, :cover

      # fields[:cover]: the weaving wire that covers it (a Materials::Wire), or nil.
      def initialize(fields, seats)
        one, other = seats.sort_by(&:x)
        @radius = (other.x - one.x) / 2
        @ring, @mounted, @lean = fields[:ring], fields[:mounted] == true, fields[:lean] || 0.0
        @middle_of_hole = @ring && [(one.x + other.x) / 2, ring_mm(one) + one.mm].freeze
        @strands =
          {one.id => Curve::Strand.new(bent(one, other)), other.id => Curve::Strand.new([])}.freeze
        @reach_mm = reach(one)
        @cover = fields[:cover] && coil(fields[:cover], one.mm)
        freeze
      end

      # Is it looped over a bar by its section, which then says what it takes?
      def mounted? = @mounted

      # Is it bent with its section, as the round end of a frame is?
      def head_on? = @lean >= HEAD_ON

      def words = @ring ? "folded round a ring, #{Units::Text.length(@ring.mm)} inside" : "folded"

      def making(names, _all)
        over = @ring ? "once round a rod of #{Units::Text.length(@ring.mm)}" : "so that its two halves lie side by side"
        "fold #{names.first} at its fold mark #{over}"
      end

      # How many turns lie round the middle of its ring side by side.
      def turns_beside = 1

      private

      def bent(one, other) = mounted? ? [] : [Curve::Flat.new(Curve::Chain.new(over(one, other)))]

      def reach(one)
        return 0.0 if mounted?
        return @ring.mm + (1.5 * one.mm) if @ring

        (head_on? ? 0.0 : @radius * (1 - Math.sin(@lean)) / Math.cos(@lean)) + (one.mm / 2)
      end

      # Straight on where the wires meet head on, on the circle that touches both at their ends, or up and once round a
      # ring between them.
      def over(one, other)
        return ring(one, other) if @ring
        return [Curve::Line.new([one.x, 0.0], [other.x, 0.0])] if head_on?

        [Curve::Arc.new([one.x + @radius, -@radius * Math.tan(@lean)], @radius / Math.cos(@lean), Math::PI - @lean,
          (2 * @lean) - Math::PI)]
      end

      def ring_mm(one) = (@ring.mm + one.mm) / 2

      # A tangent up to the ring, the long way round it and down again to the other wire.
      def ring(one, other)
        r, centre = ring_mm(one), middle_of_hole
        far = Math.hypot(one.x - centre[0], centre[1])
        below, off = Math.atan2(-centre[1], one.x - centre[0]), Math.acos([r / far, 1.0].min)
        from = below - off
        to = (-Math::PI - from)
        arc = Curve::Arc.new(centre, r, from, -((from - to) % (2 * Math::PI)))
        [Curve::Line.new([one.x, 0.0], arc.point(0.0)), arc, Curve::Line.new(arc.point(1.0), [other.x, 0.0])]
      end

      # Turns that touch on the inside of the bend; each is a turn of a helix. Nil where not one has room.
      def coil(wire, base_mm)
        coils = (strands.values.sum(&:length) / wire.mm).floor
        return if coils.zero?

        Cover.new(wire.id, coils, coils * Math.hypot(Math::PI * (base_mm + wire.mm), wire.mm)).freeze
      end
    end
  end
end
