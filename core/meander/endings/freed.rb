# frozen_string_literal: true

module Meander
  module Endings
    # Endings a freed wire is bent to by itself; each of the wires they name is bent alike.
    class Freed
      attr_reader :strands, :reach_mm

      def initialize(fields, seats)
        @fields = fields
        @strands = seats.each_with_index.to_h { |seat, i| [seat.id, Curve::Strand.new(parts(seat, i, seats))] }.freeze
        @reach_mm = seats.map { |seat| reach(seat) }.max
        freeze
      end

      private

      def flat(pieces) = Curve::Flat.new(Curve::Chain.new(pieces))
      def inside_mm = @fields[:inside].mm
      def radius(seat) = (inside_mm + seat.mm) / 2
    end

    # A simple loop: once round a mandrel, centred over its wire: pi (m + D).
    class Eye < Freed
      def words = "simple loop, #{Units::Text.length(inside_mm)} inside"

      private

      def parts(seat, _index, _seats) = [flat([Curve::Arc.new([seat.x, radius(seat)], radius(seat), -Math::PI / 2, 2 * Math::PI)])]
      def reach(seat) = inside_mm + (seat.mm / 2)
    end

    # A flat curl wound up from its outside, each turn lying against the one before.
    class Curl < Freed
      STEPS = 48

      def words = "curl of #{Units::Text.count(@fields[:turns], "turn")}, #{Units::Text.length(inside_mm)} inside"

      private

      # Outwards from the middle of the strip, so that curls of a pair turn away from each other.
      def parts(seat, index, seats)
        side = (index < seats.size / 2.0 && seats.size > 1) ? -1.0 : 1.0
        outer = radius(seat) + (@fields[:turns] * seat.mm)
        points = (0..(STEPS * @fields[:turns])).map { |k| place(seat, side, outer, 2 * Math::PI * k / STEPS) }
        [flat(points.each_cons(2).map { |from, to| Curve::Line.new(from, to) })]
      end

      def place(seat, side, outer, angle)
        r = outer - (seat.mm * angle / (2 * Math::PI))
        [seat.x + (side * (outer - (r * Math.cos(angle)))), r * Math.sin(angle)]
      end

      def reach(seat) = radius(seat) + (@fields[:turns] * seat.mm)
    end

    # A straight ear post, its end rounded.
    class Post < Freed
      def words = "ear post, #{Units::Text.length(@fields[:length].mm)}"

      private

      def parts(seat, _index, _seats) = [flat([Curve::Line.new([seat.x, 0.0], [seat.x, @fields[:length].mm])])]
      def reach(_seat) = @fields[:length].mm
    end

    # A bail: the wires go over a cylinder to the back and down again, and the first of them binds the neck of them all.
    class Bail < Freed
      def words = "bail, #{Units::Text.length(inside_mm)} inside"

      private

      def neck_mm(seats) = @fields[:wraps] * seats.first.mm

      def parts(seat, index, seats)
        neck = neck_mm(seats)
        up = flat([Curve::Line.new([seat.x, 0.0], [seat.x, neck])])
        return [up, OverCylinder.new(seat.x, neck, radius(seat))] unless index.zero?

        bound = binding(seats, neck)
        [up, OverCylinder.new(seat.x, neck, radius(seat)), Lead.new([seat.x, neck, -radius(seat)], bound.points.first), bound]
      end

      # Round the hull of all the wires, a wire a turn.
      def binding(seats, neck)
        across = seats.sort_by(&:x)
        clear = across.each_cons(2).map { |one, other| [other.x - one.x - ((one.mm + other.mm) / 2), 0.0].max }
        frame = Weave::Frame.new(base_mm: across.map(&:mm), wire_mm: seats.first.mm, clear_mm: clear, origin: across.first.x)
        turns = Weave::PassTable.new(frame).closed([0, seats.size]).flat_map { |pass| pass.chain.pieces } * @fields[:wraps]
        Curve::Climb.new(Curve::Chain.new(turns), from: neck, to: 0.0)
      end

      def reach(seat) = (@fields[:wraps] * seat.mm) + inside_mm + (seat.mm / 2)
    end

    # A way over a cylinder that lies across the work: up at the front, over, and down at the back to where it began to rise.
    class OverCylinder
      STEPS = 32

      def initialize(x, from, radius)
        @x = x
        @from = from
        @radius = radius
        freeze
      end

      # Up to the cylinder's front, half a turn over it and the straight down to the neck at its back.
      def length = (Math.sqrt(2) * @radius) + (Math::PI * @radius) + @radius

      def points
        over = (0..STEPS).map { |k| (Math::PI * k / STEPS).then { |t| [@x, @from + @radius + (@radius * Math.sin(t)), @radius * Math.cos(t)] } }
        [[@x, @from, 0.0], *over, [@x, @from, -@radius]]
      end
    end

    # Two wires that are one: it is folded here, half a turn from the one to the other, or straight on where they meet head on (rounded).
    class Fold
      # A coil of weaving wire slid over the fold: of which wire, how many turns, and the wire they take.
      Cover = Struct.new(:wire, :coils, :path_mm)

      # cover: nil where the fold is bare.
      attr_reader :strands, :reach_mm, :cover

      # fields[:cover]: the weaving wire that covers it (a Materials::Wire), or nil.
      def initialize(fields, seats)
        one, other = seats.sort_by(&:x)
        @radius = (other.x - one.x) / 2
        @ring = fields[:ring]
        @strands = {one.id => Curve::Strand.new([Curve::Flat.new(Curve::Chain.new(over(fields, one, other)))]), other.id => Curve::Strand.new([])}.freeze
        @reach_mm = reach(fields, one)
        @cover = fields[:cover] && coil(fields[:cover], one.mm)
        freeze
      end

      def words = @ring ? "folded round a ring, #{Units::Text.length(@ring.mm)} inside" : "folded"

      private

      def reach(fields, one)
        return (fields[:rounded] ? 0.0 : @radius) + (one.mm / 2) unless @ring

        @ring.mm + (1.5 * one.mm)
      end

      # Straight on where the wires meet head on, half a turn from the one to the other, or up and once round a ring between them.
      def over(fields, one, other)
        return ring(one, other) if @ring
        return [Curve::Line.new([one.x, 0.0], [other.x, 0.0])] if fields[:rounded]

        [Curve::Arc.new([one.x + @radius, 0.0], @radius, Math::PI, -Math::PI)]
      end

      # A tangent up to the ring, the long way round it and down again to the other wire.
      def ring(one, other)
        r = (@ring.mm + one.mm) / 2
        centre = [(one.x + other.x) / 2, r + one.mm]
        far = Math.hypot(one.x - centre[0], centre[1])
        below, off = Math.atan2(-centre[1], one.x - centre[0]), Math.acos([r / far, 1.0].min)
        from = below - off
        to = (-Math::PI - from)
        arc = Curve::Arc.new(centre, r, from, -((from - to) % (2 * Math::PI)))
        [Curve::Line.new([one.x, 0.0], arc.point(0.0)), arc, Curve::Line.new(arc.point(1.0), [other.x, 0.0])]
      end

      # Turns that touch on the inside of the bend; each is a turn of a helix.
      def coil(wire, base_mm)
        coils = (strands.values.sum(&:length) / wire.mm).floor
        Cover.new(wire.id, coils, coils * Math.hypot(Math::PI * (base_mm + wire.mm), wire.mm)).freeze
      end
    end
  end
end
