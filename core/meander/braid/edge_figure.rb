# frozen_string_literal: true

require "forwardable"

module Meander
  module Braid
    # A stitch of four strands with a bead on the strand that turns at one edge, each strand in turn: beads hold that
    # edge open, the other one is drawn down, and the braid curves. b: the bead, d: the strand; eo = b + g d is what a
    # stitch advances along the beads, ei along the inner edge, w = (b + d) / 2 + 2 d how far those lines are apart,
    # all found by search; a stitch turns by (eo - ei) / w. In the plane, A = w / 2.32 and x2 = min(.35, .13 + .05 (b
    # / d - 4)):
    #   x = -A (cos f + .16 cos 3f + x2 cos 2f), z = .62 d (sin 3f - .07 sin 5f + .04 sin 2f),
    #   y even + d (-.22 sin f + .28 sin 2f), the bead at f = 0,
    # then bent, so that its middle line lies on a radius r0 = R + A (1.16 - x2), R that of the inner edge.
    class EdgeFigure
      extend Forwardable

      STRANDS = 4
      BEADS = (4.0..7.0)
      USUAL_ROOM = 1.5

      # What a stitch advances along the beads; how far bead line and inner edge are apart; mm.
      def self.outer_mm(d, bead_mm, room) = bead_mm + (room * d)
      def self.apart_mm(d, bead_mm) = ((bead_mm + d) / 2) + (2 * d)

      def_delegators :@edge, :outer_mm, :inner_mm, :apart_mm, :turn, :radius_mm

      # side: 1 with the beads on the near edge, -1 on the far one; inner_mm: as much as outer_mm where it lies
      # straight.
      def initialize(d, bead_mm, room, inner_mm, side)
        @d = d
        @side = side
        outer_mm = self.class.outer_mm(d, bead_mm, room)
        @edge = Edge.new(outer_mm, [inner_mm, outer_mm].min, self.class.apart_mm(d, bead_mm)).freeze
        @x2 = [0.35, 0.13 + (0.05 * ((bead_mm / d) - 4))].min
        @a = apart_mm / 2.32
        freeze
      end

      def strands = STRANDS

      # The line that strands are told from; what a stitch advances along it, and its curvature towards the far side.
      def advance_mm = turn.zero? ? outer_mm : turn * ((inner_mm / turn) + (@a * (1.16 - @x2)))
      def curvature = turn.zero? ? 0.0 : @side * turn / advance_mm

      # On the far edge as its mirror image, so that the same strands lie over.
      def at(_strand, f)
        x, ahead, z = placed((@side == 1) ? f : f + Math::PI)
        [@side * x, ahead, z]
      end

      private

      def placed(f)
        [-@a * (Math.cos(f) + (0.16 * Math.cos(3 * f)) + (@x2 * Math.cos(2 * f))),
          @d * ((-0.22 * Math.sin(f)) + (0.28 * Math.sin(2 * f))),
          @side * 0.62 * @d * (Math.sin(3 * f) - (0.07 * Math.sin(5 * f)) + (0.04 * Math.sin(2 * f)))]
      end
    end
  end
end
