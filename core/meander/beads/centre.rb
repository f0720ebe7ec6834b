# frozen_string_literal: true

module Meander
  module Beads
    # A bead hung across a closed figure at its middle, on a wire that is wrapped round both sides.
    class Centre < Rule
      SENTENCE =
        Sentence.new("hung in the centre",
          [Sentence.count("wraps", "Wraps at each side", "with", "wraps at each side")], {wraps: 3}, thread: true)

      def words = "#{kind.words} in the centre, #{Units::Text.count(fields[:wraps], "wrap")} at each side"
      def wraps = 2 * fields[:wraps]
      # One that is wider than the opening lies over it, in front.
      def over = 0
      def above? = left_mm.negative?

      # From side to side, clear of wire and weave; below 0 where the bead lies over it.
      def left_mm = (2 * reach) - side_mm - (ground.woven? ? 2 * ground.cover_mm : 0.0) - kind.along_mm

      def gap_mm = left_mm + kind.along_mm
      def own_mm = (2 * reach) + (wraps * helix_mm(side_mm))

      # The wire from side to side as drawn.
      def threads
        x, y = ground.centre
        ends = ground.woven? ? [-reach, reach].map { |off| [x, y + off] } : [-reach, reach].map { |off| [x + off, y] }
        [[ends, 1]]
      end

      private

      def side_mm = ground.base.first.mm

      # From the middle of the figure to the middle line of the wire beside it.
      def reach
        if ground.woven? && ground.curvature.zero?
          return (ground.edges(ground.length_mm / 2)[1] - ground.edges(ground.length_mm / 2)[0]) / 2
        end
        return [(1 / ground.curvature.abs) - ground.edges(0.0)[1], 0.0].max if ground.woven?

        x, y, = ground.centre
        ground.points.map { |px, py| Math.hypot(px - x, py - y) }.min
      end

      def lay = [lie(ground.centre.first(2), ground.woven? ? [0.0, 1.0] : [1.0, 0.0], face: above? ? 1 : 0)]
    end
  end
end
