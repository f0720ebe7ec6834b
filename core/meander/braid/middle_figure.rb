# frozen_string_literal: true

module Meander
  module Braid
    # A stitch of three strands with a bead on the one that comes to the middle: each strand takes the middle in turn,
    # so each carries a third of the beads. b: the bead, d: the strand; a = b + g d is the advance of a stitch, g how
    # many strands of room the bows take between beads.
    #   x = -k (b + d) / 2 (cos f - .10 cos 3f - .22 sin 2f), y even + .06 b cos 3f,
    #   z = .51 d (sin 2f - .19 sin 4f + .45 cos f), the bead at f = pi / 2;
    # k the smallest from .93 on with which beads and strands keep clear. The form was found by search; pulled hard the
    # bows take less (1.26 a mm for 1.33 at g = 1.5), so a swatch decides.
    class MiddleFigure
      STRANDS = 3
      # How much larger than the strand a bead may be, and how much room it needs at the least.
      BEADS = (4.0..10.0)
      LEAST_ROOM = 1.3
      USUAL_ROOM = 1.5
      # The bead's phase.
      PHASE = Math::PI / 2
      # k is tried from the first on, in such steps, up to the last.
      TRIED = (93..160)
      CHECKED = 96
      # The form was found with clearances good to half a per cent.
      CLEAR = 0.995

      attr_reader :advance_mm

      def initialize(d, bead_mm, room)
        @d = d
        @bead = bead_mm
        @advance_mm = bead_mm + (room * d)
        @k = TRIED.lazy.map { |hundredths| hundredths / 100.0 }.find { |k| clear?(k) } || (TRIED.last / 100.0)
        freeze
      end

      def strands = STRANDS
      def curvature = 0.0
      def at(_strand, f) = place(f, @k)

      private

      def place(f, k)
        [-k * (@bead + @d) / 2 * (Math.cos(f) - (0.1 * Math.cos(3 * f)) - (0.22 * Math.sin(2 * f))),
          0.06 * @bead * Math.cos(3 * f),
          0.51 * @d * (Math.sin(2 * f) - (0.19 * Math.sin(4 * f)) + (0.45 * Math.cos(f)))]
      end

      # Does a bead keep clear of the strands beside it, and do those of each other?
      def clear?(k)
        lines = [0, 1, 2].map do |i|
          (-CHECKED..CHECKED).map { |step| spot(k, i, 2 * Math::PI * step / CHECKED) }
        end
        bead = spot(k, 0, PHASE)
        own, *others = lines
        others.all? { |line| Clear.call(line, [bead], CLEAR * (@bead + @d) / 2) } &&
          Clear.call(own[CHECKED / 2, CHECKED], others.first, CLEAR * @d)
      end

      # A strand's place where the first one's phase is f.
      def spot(k, strand, f)
        x, ahead, z = place(f + (2 * Math::PI * strand / 3), k)
        [x, (3 * advance_mm * f / (2 * Math::PI)) + ahead, z]
      end
    end
  end
end
