# frozen_string_literal: true

module Meander
  module Braid
    # The middle line of a strand of a plain flat braid of n round strands.
    #
    # Every strand runs along one curve, each the nth part of a period before the next; f, its phase, grows by 2 pi / n
    # a stitch (from one bump of an edge to the next). In strand diameters D:
    #   x = -A (cos f + a3 cos 3f), z = B (sin((n - 1) f) + h sin((n + 1) f)), y grows evenly.
    # Crossings lie where f is a multiple of pi / n. A and B were found by search for the shortest path at full
    # clearance, by the advance of a stitch, e; between rows they are interpolated. Relaxed tubes take 1.5 to 3.3 %
    # less, n = 3.
    class PlainFigure
      Shape = Struct.new(:a3, :h, :tight, :usual, :rows)
      # By n: a3, h, tightest e / D that hands can braid, usual e / D, rows of [e / D, A / D, B / D].
      SHAPES = {
        3 => Shape.new(0.0, 0.0, 2.5, 3.5, [[2.5, 0.897, 0.815], [3.0, 0.934, 0.681], [3.5, 0.972, 0.637],
          [4.0, 0.999, 0.62], [4.5, 1.007, 0.614], [5.0, 1.011, 0.61], [7.0, 1.016, 0.606]]),
        4 => Shape.new(0.1, -0.25, 3.5, 4.0, [[3.5, 1.615, 0.661], [4.0, 1.636, 0.633], [4.5, 1.65, 0.619],
          [5.0, 1.652, 0.611], [5.5, 1.655, 0.611], [7.0, 1.671, 0.606]]),
        5 => Shape.new(0.13, -0.4, 3.5, 4.5, [[3.5, 2.129, 0.676], [4.0, 2.135, 0.653], [4.5, 2.133, 0.645],
          [5.0, 2.134, 0.64], [5.5, 2.135, 0.635], [7.0, 2.146, 0.63]]),
        6 => Shape.new(0.125, -0.47, 4.0, 5.0, [[4.0, 2.894, 0.742], [4.5, 2.903, 0.726], [5.0, 2.907, 0.719],
          [5.5, 2.91, 0.713], [7.0, 2.913, 0.708]]),
        7 => Shape.new(0.14, -0.55, 4.5, 5.5, [[4.5, 3.554, 0.788], [5.0, 3.525, 0.783], [5.5, 3.518, 0.782],
          [7.0, 3.5, 0.778]])
      }.freeze

      attr_reader :strands, :advance_mm

      # d: of a strand; thick: how thick it lies, in mm (less than d where wires lie side by side in it); shape: where
      # it is another than that of single round strands.
      def initialize(strands, d, advance_mm, thick: d, shape: SHAPES.fetch(strands))
        @strands = strands
        @advance_mm = advance_mm
        @shape = shape
        @a, @b = Rows.at(@shape.rows, advance_mm / d).zip([d, thick]).map { |share, mm| share * mm }
        freeze
      end

      def curvature = 0.0

      # Where a strand lies at a phase: [across, how far ahead of its stitch, height].
      def at(_strand, f)
        [-@a * (Math.cos(f) + (@shape.a3 * Math.cos(3 * f))), 0.0,
          @b * (Math.sin((strands - 1) * f) + (@shape.h * Math.sin((strands + 1) * f)))]
      end
    end
  end
end
