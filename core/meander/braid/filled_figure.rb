# frozen_string_literal: true

module Meander
  module Braid
    # A stitch of three strands, the first of which is filled with beads like a tube: b its beads, d all three strands.
    # The advance is .82 b + 1.45 d, times how loose it is braided. With f the phase of the first strand, and g = f +
    # 2 pi i / 3, s = 1 of the second and -1 of the third, in strand diameters:
    #   first: x = -A0 cos f, z = B0 sin 2f, y even + c0 sin 2f
    #   others: x = -A1 cos(g + s delta), z = s z0 + B1 (sin(2g + s psi) + h4 sin(4g + s chi)),
    #   y even + c1 sin(2g - .6 s)
    # Coefficients were found by search for 2.5 to 5 diameters of beads. Larger ones are drawn by the last row, and
    # their wire is reckoned from relaxed tubes with 3 % more.
    class FilledFigure
      STRANDS = 3
      # Beads so many strands large; up to the second of these the path is the drawn one.
      BEADS = (2.5..7.5)
      DRAWN = 5.0
      # By b / d: A1 B1 A0 B0 z0 delta psi c1 c0 h4 chi.
      ROWS = [
        [2.5, 1.634, 0.998, 1.451, 0.532, 0.47, 0.168, 0.16, 0.202, 0.339, -0.152, -0.26],
        [3.75, 2.031, 1.349, 1.749, 0.567, 0.761, 0.287, 0.126, 0.371, 0.385, -0.043, -0.291],
        [5.0, 2.36, 1.516, 2.446, 0.783, 1.119, 0.144, 0.179, 0.477, 0.446, -0.111, -0.643]
      ].freeze
      # Relaxed tubes, by b / d: wire a mm of braid, of the filled strand and of the bare ones.
      TAUT = [[5.0, 1.22, 1.45], [7.5, 1.18, 1.42]].freeze
      MORE = 1.03

      # The advance of a stitch as tight as it goes.
      def self.tight_mm(d, bead_mm) = (0.82 * bead_mm) + (1.45 * d)

      attr_reader :advance_mm

      # loose: 1 for as tight as it goes.
      def initialize(d, bead_mm, loose)
        @d = d
        @times = bead_mm / d
        @advance_mm = self.class.tight_mm(d, bead_mm) * loose
        @scale = d * [@times / DRAWN, 1.0].max
        @c = Rows.at(ROWS, @times)
        freeze
      end

      def strands = STRANDS
      def curvature = 0.0

      # A strand's own phase: that of the first with i / 3 of a period on, as `at` of the other figures.
      def at(strand, f)
        a1, b1, a0, b0, z0, delta, psi, c1, c0, h4, chi = @c
        s = (strand == 1) ? 1 : -1
        place = if strand.zero?
          [-a0 * Math.cos(f), c0 * Math.sin(2 * f), b0 * Math.sin(2 * f)]
        else
          [-a1 * Math.cos(f + (s * delta)), c1 * Math.sin((2 * f) - (0.6 * s)),
            (s * z0) + (b1 * (Math.sin((2 * f) + (s * psi)) + (h4 * Math.sin((4 * f) + (s * chi)))))]
        end
        place.map { |share| share * @scale }
      end

      # Wire a mm of braid that a strand takes where that is told apart from how it is drawn; nil else.
      def taut(strand)
        return if @times <= DRAWN

        MORE * Rows.at(TAUT, @times).fetch(strand.zero? ? 0 : 1)
      end
    end
  end
end
