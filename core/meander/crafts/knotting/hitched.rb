# frozen_string_literal: true

module Meander
  module Crafts
    module Knotting
      # The end of a knotted section tied to a bar that lies across it: every cord by a double half hitch, square below
      # the last knots. From where those end, the middle of the bar in the middle of it; mm.
      class Hitched
        # section: Document::Section with a bar its cords are hitched to; spacing_mm: from cord to cord in its knots.
        def initialize(section, gauge, spacing_mm)
          @bar_mm = section[:hitched].mm
          @cords = section.base.map(&:mm)
          @gauge = gauge
          @apart_mm = [spacing_mm, Knot::Gauge::HITCH * @cords.max].max
          @lead_mm = Knot::Course::SLANT * (apart_mm - spacing_mm) * (@cords.size - 1) / 2
          freeze
        end

        # How thick the bar is; how far it is on it from cord to cord; how far below the last knots it begins, so that
        # cords slant over to where they hang on it.
        attr_reader :bar_mm, :apart_mm, :lead_mm

        # All that it reaches down; of that over the bar and both turns of the thickest cord.
        def down_mm = lead_mm + row_mm
        def row_mm = @cords.map { |cord| Knot::Gauge.row_mm(bar_mm, cord) }.max

        # Ties of the hand: as of a bar of hitches, the bar in place of its holder.
        def ties = Knot::Kinds.fetch("bar").ties.call(@cords.size + 1)

        # What it takes of a cord.
        def mm(number) = @gauge.hitched_mm(@cords[number], bar_mm, row_mm, apart_mm)

        # The way of a cord round the bar, from above down: [[x, y, z], ...].
        def line(number)
          Knot::Cells.hitch(bar_mm, @cords[number], apart_mm, row_mm).map { |x, y, z| [-x, y + (row_mm / 2), z] }
        end
      end
    end
  end
end
