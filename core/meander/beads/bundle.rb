# frozen_string_literal: true

module Meander
  module Beads
    # How wide a hole must be for wires that go through it together. All in mm.
    module Bundle
      # Room to move, on the diameter (common practice, no source).
      CLEARANCE_MM = 0.05
      # The smallest circle round k equal circles of diameter 1, k = 1 to 7 (published packings: Graham, Lubachevsky, Nurmela,
      # Ostergard, "Dense packings of congruent circles in a circle", 1998; figures from memory).
      EQUAL = [1.0, 2.0, 2.1547005, 2.4142136, 2.7013016, 3.0, 3.0].freeze

      # The narrowest hole that lets wires of these diameters through with room to move.
      def self.needs_mm(wires) = bare_mm(wires) + CLEARANCE_MM

      # The smallest circle round the wires: from the table where they are equal; else the best of building them up one by one, each
      # against two that lie already (never less than what is possible).
      def self.bare_mm(wires)
        return 0.0 if wires.empty?
        return EQUAL[wires.size - 1] * wires.first if wires.uniq.size == 1 && wires.size <= EQUAL.size

        sorted = wires.map { |mm| mm / 2 }.sort.reverse
        return wires.sum if wires.size == 2

        2 * build([[0.0, 0.0, sorted[0]], [sorted[0] + sorted[1], 0.0, sorted[1]]], sorted.drop(2))
      end

      # The radius round circles [[x, y, r], ...] and those still to be laid, tried in every order of places.
      def self.build(laid, rest)
        return enclosing(laid) if rest.empty?

        laid.combination(2).flat_map { |one, other| against(one, other, rest.first) }.select { |circle| clear?(circle, laid) }
          .sort_by { |circle| enclosing([*laid, circle]) }.first(2).map { |circle| build([*laid, circle], rest.drop(1)) }.min
      end

      # The two places of a circle that touches two others.
      def self.against((ax, ay, ar), (bx, by, br), radius)
        far, one, other = Math.hypot(bx - ax, by - ay), ar + radius, br + radius
        return [] if far > one + other || far < 1e-12

        along = ((one**2) - (other**2) + (far**2)) / (2 * far)
        across = Math.sqrt([(one**2) - (along**2), 0.0].max)
        ux, uy = (bx - ax) / far, (by - ay) / far
        [across, -across].map { |side| [ax + (ux * along) - (uy * side), ay + (uy * along) + (ux * side), radius] }
      end

      def self.clear?((x, y, r), laid) = laid.all? { |ox, oy, other| Math.hypot(x - ox, y - oy) >= r + other - 1e-9 }

      # The radius of the smallest circle round circles, by walking towards the one that reaches farthest in ever smaller steps
      # (Badoiu and Clarkson, 2003).
      def self.enclosing(circles)
        x, y = [0, 1].map { |axis| circles.sum { |circle| circle[axis] } / circles.size }
        farthest = ->(cx, cy) { circles.max_by { |ox, oy, r| Math.hypot(ox - cx, oy - cy) + r } }
        (1..400).each do |i|
          ox, oy, r = farthest.call(x, y)
          far = Math.hypot(ox - x, oy - y)
          break if far < 1e-12

          reach = far + r
          step = (reach - r).clamp(0, reach) / far / (i + 1)
          x += (ox - x) * step
          y += (oy - y) * step
        end
        ox, oy, r = farthest.call(x, y)
        Math.hypot(ox - x, oy - y) + r
      end
      private_class_method :build, :against, :clear?, :enclosing
    end
  end
end
