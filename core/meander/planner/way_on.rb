# frozen_string_literal: true

module Meander
  module Planner
    # The way of a base wire from where it leaves one section to where it enters the next: an even curve that leaves and
    # enters straight on (a cubic whose ends pull as those of an arc would).
    module WayOn
      STEPS = 32
      NEAR_MM = 1e-6

      # from, to: [place [x, y, z], heading in radians from +y towards +x].
      # @return [Array] points [[x, y, z], ...], empty where there is nothing between
      def self.call((start, heading), (finish, onward))
        chord = Math.hypot(finish[0] - start[0], finish[1] - start[1])
        return [] if chord < NEAR_MM

        pull = pull_mm(chord, Math.atan2(Math.sin(onward - heading), Math.cos(onward - heading)))
        one, other = [heading, onward].map { |angle| [pull * Math.sin(angle), pull * Math.cos(angle)] }
        (0..STEPS).map { |i| cubic(i / STEPS.to_f, [start, finish], [one, other]) }
      end

      # How long the ends' tangents are on an arc of so much turn over a chord.
      def self.pull_mm(chord, turn)
        angle = turn.abs.clamp(1e-6, 1.9 * Math::PI)
        4 * Math.tan(angle / 4) * chord / (2 * Math.sin(angle / 2))
      end

      # Hermite's cubic in the plane; the depth changes evenly.
      def self.cubic(t, (from, to), (leave, enter))
        a, b, c, d = (2 * t**3) - (3 * t**2) + 1, t**3 - (2 * t**2) + t, (3 * t**2) - (2 * t**3), t**3 - t**2
        [0, 1].map { |i| (a * from[i]) + (b * leave[i]) + (c * to[i]) + (d * enter[i]) } << (from[2] +
          ((to[2] - from[2]) * t))
      end
      private_class_method :pull_mm, :cubic
    end
  end
end
