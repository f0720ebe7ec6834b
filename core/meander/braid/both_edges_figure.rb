# frozen_string_literal: true

module Meander
  module Braid
    # A stitch of four strands with a bead at both edges: it lies straight. The form is that of EdgeFigure without its
    # curve, as wide as beads and strands need to keep clear of each other; nobody has relaxed or measured it, so its
    # lengths are assumed.
    class BothEdgesFigure
      STRANDS = 4
      # In strands and beads, the amplitude is tried from the first of these on, in such steps, up to the last.
      TRIED = (40..160)
      CHECKED = 48

      attr_reader :advance_mm

      # advance_mm: of a stitch, as the larger of its beads asks.
      def initialize(d, bead_mm, advance_mm)
        @d = d
        @bead = bead_mm
        @advance_mm = advance_mm
        @a = (TRIED.find { |share| clear?(wide(share)) } || TRIED.last).then { |share| wide(share) }
        freeze
      end

      def strands = STRANDS
      def curvature = 0.0
      def at(_strand, f) = place(f, @a)

      private

      def wide(share) = (@bead + @d) * share / 100.0

      def place(f, a)
        [-a * (Math.cos(f) + (0.16 * Math.cos(3 * f))), 0.0, 0.62 * @d * (Math.sin(3 * f) - (0.07 * Math.sin(5 * f)))]
      end

      # Of all strands those of one half against the bead at that edge.
      def clear?(a)
        own, *others = Array.new(STRANDS) do |strand|
          (-CHECKED..CHECKED).map { |step| spot(a, strand, Math::PI * step / CHECKED) }
        end
        bead = spot(a, 0, 0.0)
        others.all? { |line| Clear.call(line, [bead], (@bead + @d) / 2) } &&
          others.all? { |line| Clear.call(own[CHECKED / 2, CHECKED], line, 0.99 * @d) }
      end

      def spot(a, strand, f)
        x, _, z = place(f + (2 * Math::PI * strand / STRANDS), a)
        [x, STRANDS * advance_mm * f / (2 * Math::PI), z]
      end
    end
  end
end
