# frozen_string_literal: true

module Meander
  module Curve
    # A piece of wire bent round a centre, in a plane: radius in mm (of the wire's own centre line), angles in radians,
    # counted from the first axis of the plane towards the second. A negative sweep runs the other way.
    class Arc
      attr_reader :centre, :radius, :start, :sweep

      def initialize(centre, radius, start, sweep)
        @centre = centre
        @radius = radius
        @start = start
        @sweep = sweep
        freeze
      end

      def length = radius * sweep.abs
      def steps(max_turn) = [(sweep.abs / max_turn).ceil, 1].max

      # The point at the share t (0..1) of the length.
      def point(share)
        angle = start + (sweep * share)
        [centre[0] + (radius * Math.cos(angle)), centre[1] + (radius * Math.sin(angle))]
      end
    end
  end
end
