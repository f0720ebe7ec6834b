# frozen_string_literal: true

module Meander
  module Crafts
    module Bundling
      # A bundle of wires cut across where it is bound: circles in a plane, x across, z towards the maker. All in mm.
      class Bundle
        # Steps round it.
        STEPS = 720

        # wires: [[x, z, thickness], ...]; wire_mm: of what binds them.
        def initialize(wires, wire_mm)
          @wires = wires
          @circles = wires.map { |x, z, mm| [x, z, (mm + wire_mm) / 2] }
          freeze
        end

        # Once round the hull of all: the integral of its support function over all directions (Cauchy's formula, any
        # book on convex figures).
        # @example
        #   one = Bundle.new([[0.0, 0.0, 0.8]], 0.3)
        #   (one.round_mm / Math::PI).round(9) #=> 1.1
        def round_mm
          angles.sum { |angle| support(angle).then { |x, z, r| (x * Math.cos(angle)) + (z * Math.sin(angle)) + r } } *
            2 * Math::PI / STEPS
        end

        # The middle line of one turn: [[x, z], ...], closed.
        def outline
          [*angles, 0.0].map do |angle|
            x, z, r = support(angle)
            [x + (r * Math.cos(angle)), z + (r * Math.sin(angle))]
          end
        end

        # The widest gap that its wraps pull together: the longest link of the shortest tree that joins all (Prim's).
        def gap_mm
          inside, outside, widest = @wires.first(1), @wires.drop(1), 0.0
          until outside.empty?
            gap, nearest = outside.map { |one|
              [inside.map { |other|
                between_mm(one, other)
              }.min, one]
            }.min_by(&:first)
            widest = [widest, gap].max
            inside << outside.delete(nearest)
          end
          widest
        end

        private

        def angles = Array.new(STEPS) { |i| 2 * Math::PI * i / STEPS }
        def between_mm(one, other) = Math.hypot(one[0] - other[0], one[1] - other[1]) - ((one[2] + other[2]) / 2)

        # The circle that reaches farthest in a direction.
        def support(angle)
          @circles.max_by { |x, z, r| (x * Math.cos(angle)) + (z * Math.sin(angle)) + r }
        end
      end
    end
  end
end
