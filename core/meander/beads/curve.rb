# frozen_string_literal: true

module Meander
  module Beads
    # Beads along the inside or the outside of a woven strip, bent or not, with a wrap round its outermost wire between neighbours.
    class Curve < Rule
      def words = "#{kind.words} along the #{fields[:side]}, #{Units::Text.count(fields[:wraps], "wrap")} between"

      # Where their middles lie, at R_i - D/2 - d - b/2 inside of a radius R_i: how long that line is.
      def line_mm = ground.length_mm * (1 - (ground.curvature * across))
      def most = [(line_mm / kind.along_mm).floor, 0].max
      def over = short(fields[:count])
      def pitch_mm = count.zero? ? nil : line_mm / count

      def needs
        return unless over.positive? && line_mm.positive?

        longer = ground.length_mm * wanted * kind.along_mm / line_mm
        "a strip #{Units::Text.length(longer)} long holds #{wanted}"
      end

      def left_mm = line_mm - (count * kind.along_mm)
      def wraps = count.zero? ? 0 : fields[:wraps] * (count + 1)

      # Through every bead, down to the wire between two and up again, and its wraps there.
      def own_mm
        return 0.0 if count.zero?

        dip = Math.hypot((pitch_mm - kind.along_mm) / 2, (kind.across_mm + edge.mm) / 2)
        (count * (kind.along_mm + (2 * dip))) + (wraps * helix_mm(edge.mm))
      end

      # From bead to bead with a dip to the wire between.
      def threads
        return [] if count.zero?

        edge_at = ground.edges(ground.length_mm / 2)[far? ? 1 : 0]
        each = ground.length_mm / lying.size
        [[(0..(2 * lying.size)).map { |i| [i * each / 2, i.even? ? edge_at : across] }, 1]]
      end

      private

      def far? = (fields[:side] == "inside") ^ ground.curvature.negative?
      def edge = far? ? ground.base.last : ground.base.first

      def across
        side = far? ? 1 : -1
        ground.edges(ground.length_mm / 2)[far? ? 1 : 0] + (side * ((edge.mm / 2) + ground.cover_mm + (kind.across_mm / 2)))
      end

      def lay
        wanted = fields[:count].zero? ? most : [fields[:count], most].min
        Array.new(wanted) { |i| lie([ground.length_mm * (i + 0.5) / wanted, across], [1.0, 0.0]) }
      end
    end
  end
end
