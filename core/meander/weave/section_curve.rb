# frozen_string_literal: true

module Meander
  module Weave
    # The way of one pass in the cross-section: from the middle of the turn it starts with, over the base wires on one
    # face, to the middle of the turn it ends with. Both middles lie in the plane of the base wires (z = 0).
    #
    # A turn back round the same wire (a coil) starts and ends at that wire's side; a turn on to the neighbour (a
    # crossing) passes half-way along the inner tangent of the two wires it touches. Over several wires the way is the
    # outer hull.
    class SectionCurve
      # Wires that leave no more room than this share of what lies between them are tight, whatever the arithmetic
      # rounds to.
      TIGHT = 1e-9

      # frame: Frame; from, to: gaps; before, after: the gaps it comes from and goes on to where it crosses there, nil
      # where it turns back round its own wire.
      def initialize(frame, from:, to:, face:, before: nil, after: nil)
        @frame = frame
        @side = (to > from) ? 1.0 : -1.0
        @face = face
        own = gone_over(from, to)
        @start_lead, @first = before ? crossing(gone_over(before, from), own) : [nil, own.first]
        @last, @end_lead = after ? crossing(own, gone_over(to, after)) : [own.last, nil]
      end

      # Length of the part that belongs to the turn it starts with.
      def lead_mm = half_turn(@first, @start_lead)

      # Length of the part that belongs to the turn it ends with.
      def trail_mm = half_turn(@last, @end_lead)

      # Length of the whole turn it ends with: its own part and that of the pass it meets there.
      def turn_after_mm = trail_mm + (@end_lead ? half_turn(@end_lead, @last) : trail_mm)

      # The drawn way, axes [x, z].
      def chain = Curve::Chain.new([lead_line, *over_the_wires, trail_line].compact)

      private

      # The wires between two gaps, in the order of travel.
      def gone_over(from, to) = (to > from) ? (from...to).to_a : (to...from).to_a.reverse

      # Between which wires a taut wire crosses from a pass on to the next, on the other face: those whose inner tangent
      # is the steepest, as any flatter one would cut into them. Of equal wires it is the two neighbours.
      def crossing(these, those)
        return [these.last, those.first] if @frame.level?

        these.product(those).max_by { |one, other| (@frame.rho(one) + @frame.rho(other)) / spread(one, other) }
      end

      # Quarter of a circle when coiling; when crossing, the arc down to the inner tangent and its share of the tangent.
      def half_turn(wire, neighbour)
        rho = @frame.rho(wire)
        return Math::PI * rho / 2 unless neighbour

        (rho * crossing_angle(wire, neighbour)) + tangent_share(wire, neighbour)
      end

      def spread(wire, neighbour) = (@frame.centres[wire] - @frame.centres[neighbour]).abs

      # How steeply the inner tangent leaves the plane of the base wires; a quarter turn where there is no slack.
      def crossing_angle(wire, neighbour)
        tight?(wire, neighbour) ? Math::PI / 2 :
          Math.asin((@frame.rho(wire) + @frame.rho(neighbour)) / spread(wire, neighbour))
      end

      def tight?(wire, neighbour) = spread(wire, neighbour) <= (@frame.rho(wire) + @frame.rho(neighbour)) * (1 + TIGHT)

      def tangent_share(wire, neighbour)
        return 0.0 if tight?(wire, neighbour)

        both = @frame.rho(wire) + @frame.rho(neighbour)
        Math.sqrt((spread(wire, neighbour)**2) - (both**2)) * @frame.rho(wire) / both
      end

      def over_the_wires
        hull = HullWires.call(@frame, @first, @last)
        angles = hull.each_cons(2).map { |a, b| tangent_angle(a, b) }
        enter = [start_angle, *angles]
        leave = [*angles, end_angle]
        hull.each_index.flat_map do |i|
          [arc(hull[i], enter[i], leave[i]), (line(hull[i], hull[i + 1], angles[i]) if i < angles.size)].compact
        end
      end

      # Angles here are counted from the top of a wire, positive in the direction of travel.
      def tangent_angle(wire, other)
        -Math.asin((@frame.rho(other) - @frame.rho(wire)) / spread(wire, other))
      end

      def start_angle = -(@start_lead ? crossing_angle(@first, @start_lead) : Math::PI / 2)
      def end_angle = @end_lead ? crossing_angle(@last, @end_lead) : Math::PI / 2

      def arc(wire, from, to)
        return if (to - from).abs < 1e-12

        Curve::Arc.new([@frame.centres[wire], 0.0], @frame.rho(wire), plane_angle(from),
          plane_angle(to) - plane_angle(from))
      end

      # From the top and along the travel, to the plane's own angle (from x towards z).
      def plane_angle(angle) = @face * ((Math::PI / 2) - (@side * angle))

      def line(wire, other, angle) = Curve::Line.new(point(wire, angle), point(other, angle))

      def point(wire, angle)
        turned = plane_angle(angle)
        [@frame.centres[wire] + (@frame.rho(wire) * Math.cos(turned)), @frame.rho(wire) * Math.sin(turned)]
      end

      def lead_line = crossing_line(@first, @start_lead, start_angle)&.then { |far, near| Curve::Line.new(far, near) }
      def trail_line = crossing_line(@last, @end_lead, end_angle)&.then { |far, near| Curve::Line.new(near, far) }

      def crossing_line(wire, neighbour, angle)
        return unless neighbour && tangent_share(wire, neighbour) > 1e-12

        share = @frame.rho(wire) / (@frame.rho(wire) + @frame.rho(neighbour))
        middle = @frame.centres[wire] + ((@frame.centres[neighbour] - @frame.centres[wire]) * share)
        [[middle, 0.0], point(wire, angle)]
      end
    end
  end
end
