# frozen_string_literal: true

module Meander
  module Beads
    # What beads are placed on where it is woven: a strip or a frame before it is bent. Places on it are [along, across]: mm from where
    # the section begins, and from its middle line towards its far side.
    class Ground
      attr_reader :plan, :length_mm, :from_mm, :opening

      # plan: the strip's Planner::Plan; length_mm: of the section; from_mm: where on it the weave begins; opening: of a frame, or nil;
      # turned: 1 / radius of its middle line, above 0 where it turns towards the far side; copies: of a frame in its chain.
      def initialize(plan, length_mm:, from_mm: 0.0, opening: nil, turned: 0.0, copies: 1)
        @plan = plan
        @length_mm = length_mm
        @from_mm = from_mm
        @opening = opening
        @turned = turned
        @copies = copies
        freeze
      end

      attr_reader :turned, :copies

      # The same of a bent strip; a frame's beads lie by its opening.
      def curvature = opening ? 0.0 : turned
      def woven? = true
      def frame = plan.layout.frame
      def cover_mm = frame.wire_mm
      def to_mm = from_mm + plan.fit.woven_mm
      def base = plan.piece.base_wires

      # The clear width between the outermost of two base wires at a place along it; 0 where more of them fill it.
      def clear_mm(along)
        return opening.clear_mm(along) if opening

        (base.size == 2) ? frame.clear(1) || 0.0 : 0.0
      end

      # Middle lines of the two outermost base wires at a place: [near, far] across.
      def edges(along)
        return [-1, 1].zip([base.first, base.last]).map { |side, wire| side * (opening.clear_mm(along) + wire.mm) / 2 } if opening

        half = (frame.centres.last - frame.centres.first) / 2
        [-half, half]
      end

      # The middle of the figure it makes: of an opening half-way along, of a bent strip the point it turns about.
      def centre = curvature.zero? ? [length_mm / 2, 0.0] : [length_mm / 2, 1 / curvature]

      # The same beads in each of its copies: where each of them begins, from the first.
      def repeated_mm(pitch) = Array.new(copies) { |k| k * pitch }
    end

    # The same where it is a single bent wire: places on it are those of the section itself.
    class BentGround
      attr_reader :points, :length_mm, :wire, :centre

      def initialize(points, length_mm, wire, centre)
        @points = points
        @length_mm = length_mm
        @wire = wire
        @centre = centre
        freeze
      end

      def woven? = false
      def copies = 1
      def base = [wire]

      # The place so far along the wire, and which way it leads there.
      def at(along)
        here, onward = Form::Trace.places(points, [along, [along + 0.05, length_mm].min].sort, length_mm)
        here, onward = Form::Trace.places(points, [along - 0.05, along], length_mm) if here == onward
        [here, Built::TurnsPicture.direction(here, onward)]
      end
    end
  end
end
