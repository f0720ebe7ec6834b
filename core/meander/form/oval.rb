# frozen_string_literal: true

module Meander
  module Form
    # An ellipse, followed all the way round. Its axes and all that is told in mm.
    class Oval
      # Its table has so many places; between them the angle runs even: within 1e-5 of the way round.
      PLACES = 720

      # All the way round an ellipse, by the arithmetic-geometric mean (Abramowitz and Stegun 17.6).
      # long, wide: its whole axes.
      def self.round_mm(long, wide)
        a, b = [long, wide].max / 2.0, [long, wide].min / 2.0
        x, y, sum, power = a, b, (a**2) - (((a**2) - (b**2)) / 2), 0.5
        12.times do
          x, y, c = (x + y) / 2, Math.sqrt(x * y), (x - y) / 2
          sum -= (power *= 2) * (c**2)
        end
        4 * Math::PI * sum / (x + y)
      end

      attr_reader :round_mm

      # across, deep: its whole axes.
      def initialize(across, deep)
        @a, @b = across / 2.0, deep / 2.0
        @round_mm = Oval.round_mm(across, deep)
        @far = reached
        freeze
      end

      # So far round it, from its front (0, b) over its right side: [x, z], off: so far outside it.
      def at(mm, off = 0.0)
        angle = angle(mm % round_mm)
        sin, cos = Math.sin(angle), Math.cos(angle)
        long = Math.hypot(@b * sin, @a * cos)
        [(@a * sin) + (off * @b * sin / long), (@b * cos) + (off * @a * cos / long)]
      end

      private

      # How far it is to every place of the table, the last of them the first again.
      def reached
        far = (1..PLACES).each_with_object([0.0]) do |i, all|
          middle = 2 * Math::PI * (i - 0.5) / PLACES
          all << (all.last + Math.hypot(@a * Math.cos(middle), @b * Math.sin(middle)))
        end
        far.map { |mm| mm * round_mm / far.last }.freeze
      end

      def angle(mm)
        place = (@far.bsearch_index { |far| far > mm } || PLACES) - 1
        from, to = @far[place, 2]
        2 * Math::PI * (place + ((mm - from) / (to - from))) / PLACES
      end
    end
  end
end
