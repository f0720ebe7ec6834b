# frozen_string_literal: true

module Meander
  module Knot
    # A cord's bight over a bar, and both legs through it: a lark's head.
    module Head
      # Its way, [[x, y, z], ...]: from the left leg over to the right one, from the middle of the bar, y along the
      # legs; mm. kind: head, with the bight in front of the bar, or reverse.
      def self.points(cord_mm, bar_mm, kind)
        thick = ((bar_mm / cord_mm) < 1.25) ? 1.0 : 1.5
        more = (bar_mm - (thick * cord_mm)) / 2
        far = (Gauge::MOUNT_DEEP * cord_mm) + more + (thick * cord_mm / 2)
        line = CellTable::POINTS.fetch("head #{Units::Text.number(thick, 1)}").map do |x, y, z|
          [-x * cord_mm, (y * cord_mm) + (more * (2 * y).clamp(-1.0, 1.0)),
            (z * cord_mm) + (more * (2 * z).clamp(-1.0, 1.0))]
        end
        line = line.map { |x, y, z| [-x, y, -z] }.reverse if kind == "reverse"
        line[line.index { |point| point[1] < far }..line.rindex { |point| point[1] < far }]
      end
    end
  end
end
