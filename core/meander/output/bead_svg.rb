# frozen_string_literal: true

module Meander
  module Output
    # Beads as SVG: tone on tone, each at its place with its hole along its wire.
    module BeadSvg
      # drawn: see Beads::Drawing; shown: answers whether beads of a face (1, -1 or 0) are seen here; the block turns a
      # place, or a direction, of the drawing into one of the page.
      def self.call(drawn, shown)
        rows = drawn[:set].select { |row| shown.call(row[5]) }
        rows.map { |look, x, y, dx, dy| bead(drawn[:looks][look], yield(x, y), yield(dx, dy)) }.join
      end

      def self.bead(look, (x, y), (dx, dy))
        angle = n(Math.atan2(dy, dx) * 180 / Math::PI)
        look.map { |layer|
          points = layer[:points].each_slice(2).map { |u, v| "#{n(u)},#{n(v)}" }.join(" ")
          place = "translate(#{n(x - layer[:shift])} #{n(y - layer[:shift])}) rotate(#{angle})"
          %(<polygon points="#{points}" fill="#{layer[:tone]}" stroke="none" transform="#{place}"/>)
        }.join
      end

      def self.n(number) = Units::Text.number(number, 3)
      private_class_method :bead, :n
    end
  end
end
