# frozen_string_literal: true

module Meander
  module Beads
    # A bead hung across a closed figure at its middle, on a wire that is wrapped round both sides.
    class Centre < Rule
      SENTENCE =
        Sentence.new("hung in the centre",
          [Sentence.count("wraps", "Wraps at each side", "with", "wraps at each side")], {wraps: 3}, thread: true)

      def words = "#{kind.words} in the centre, #{Units::Text.count(fields[:wraps], "wrap")} at each side"

      def making
        "wrap it #{Units::Text.times(fields[:wraps])} round one side at the middle, lead it across through " \
          "#{kind.words}, and wrap it as often round the other side"
      end

      def wraps = 2 * fields[:wraps]
      # One that is wider than the opening lies over it, in front.
      def over = 0
      def above? = left_mm.negative?

      # From side to side, clear of wire and weave; below 0 where the bead lies over it.
      def left_mm = (2 * reach) - side_mm - (site.woven? ? 2 * site.cover_mm : 0.0) - kind.along_mm

      def gap_mm = left_mm + kind.along_mm
      def own_mm = (2 * reach) + (wraps * helix_mm(side_mm))

      # The wire from side to side as drawn.
      def wire_uses
        x, y = site.centre
        ends = site.woven? ? [-reach, reach].map { |off| [x, y + off] } : [-reach, reach].map { |off| [x + off, y] }
        [[ends, 1]]
      end

      private

      def side_mm = site.base.first.mm

      # From the middle of the figure to the middle line of the wire beside it.
      def reach
        if site.woven? && site.curvature.zero?
          return (site.edges(site.length_mm / 2)[1] - site.edges(site.length_mm / 2)[0]) / 2
        end
        return [(1 / site.curvature.abs) - site.edges(0.0)[1], 0.0].max if site.woven?

        x, y, = site.centre
        site.points.map { |px, py| Math.hypot(px - x, py - y) }.min
      end

      def lay = [lie(site.centre.first(2), site.woven? ? [0.0, 1.0] : [1.0, 0.0], face: above? ? 1 : 0)]
    end
  end
end
