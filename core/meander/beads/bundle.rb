# frozen_string_literal: true

module Meander
  module Beads
    # How wide a hole must be for wires that go through it together. All in mm.
    module Bundle
      # Room to move, on the diameter (common practice, no source).
      CLEARANCE_MM = 0.05
      # The smallest circle round k equal circles of diameter 1, k = 1 to 9 (published packings: Graham, Lubachevsky,
      # Nurmela, Ostergard, "Dense packings of congruent circles in a circle", 1998; figures from memory).
      EQUAL = [1.0, 2.0, 2.1547005, 2.4142136, 2.7013016, 3.0, 3.0, 3.3047648, 3.6131259].freeze

      # The narrowest hole that lets wires of these diameters through with room to move.
      def self.needs_mm(wires) = bare_mm(wires) + CLEARANCE_MM

      # The smallest circle round the wires: from the table where they are equal, else searched (see Packed).
      def self.bare_mm(wires)
        return 0.0 if wires.empty?
        return EQUAL[wires.size - 1] * wires.first if wires.uniq.size == 1 && wires.size <= EQUAL.size
        return wires.sum if wires.size == 2

        2 * Packed.radius(wires.map { |mm| mm / 2.0 }.sort)
      end

      # Circles pushed together in a round hole: from many places they may lie at, the hole is made smaller as long as
      # they can be pushed apart in it. Never less than what is possible, by a ten thousandth; the same every time, as
      # the places are.
      module Packed
        # Overlaps smaller than this share of the radius are none.
        CLOSE = 1e-4
        # Sifted from coarse to fine: [how many of the places are kept, rounds of pushing apart, least step the hole is
        # made smaller by].
        SIEVES = [[10, 24, 0.01], [4, 90, 2e-3], [1, 400, 1e-4]].freeze
        STARTS_EACH = 6
        FIRST = 0.1

        # @param radii [Array<Float>]
        def self.radius(radii)
          chance = Random.new(1)
          found = Array.new(STARTS_EACH * radii.size) do
            [radii.sum, radii.map { |r| [chance.rand(-1.0..1.0) * radii.sum, chance.rand(-1.0..1.0) * radii.sum, r] }]
          end
          SIEVES.each do |kept, rounds, least|
            found = found.map { |radius, circles| shrunk(circles, radius, rounds, least) }.min_by(kept, &:first)
          end
          found.first.first * (1 + CLOSE)
        end

        # The smallest radius that was found from these places within a first one, and the places then: [radius,
        # circles].
        def self.shrunk(circles, radius, rounds, least)
          step = FIRST
          while step > least
            tried = apart(circles, radius * (1 - step), rounds)
            tried ? (circles, radius = tried, radius * (1 - step)) : step /= 2
          end
          [radius, circles]
        end

        # The circles pushed apart within a radius, each pair by halves; nil where some still overlap.
        def self.apart(circles, radius, rounds)
          places = circles.map(&:dup)
          rounds.times { return places if [pushed(places), drawn_in(places, radius)].max < CLOSE * radius }
          nil
        end

        def self.pushed(places)
          worst = 0.0
          places.each_with_index do |one, i|
            (i + 1...places.size).each do |j|
              other = places[j]
              dx, dy, both = other[0] - one[0], other[1] - one[1], one[2] + other[2]
              far = Math.hypot(dx, dy)
              next unless far < both

              worst = both - far if both - far > worst
              dx, far = 1.0, 1.0 if far < 1e-12
              half = (both - far) / far / 2
              one[0] -= dx * half
              one[1] -= dy * half
              other[0] += dx * half
              other[1] += dy * half
            end
          end
          worst
        end

        def self.drawn_in(places, radius)
          places.map { |one|
            far = Math.hypot(one[0], one[1])
            over = far + one[2] - radius
            next 0.0 unless over.positive?

            one[0], one[1] = [one[0], one[1]].map { |at| at * (far - over) / far } if far > 1e-12
            over
          }.max
        end
        private_class_method :shrunk, :apart, :pushed, :drawn_in
      end
    end
  end
end
