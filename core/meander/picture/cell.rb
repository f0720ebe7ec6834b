# frozen_string_literal: true

module Meander
  module Picture
    # One settled repeat (or the few its rise takes to come round) as drawn: a packed table with a row per pass,
    # [shape, y0, y1, y2]: the heights of the pass before, of the pass itself and of the one after it, in mm.
    class Cell
      # One drawn pass: face 1 or -1 and points [[x, y, z], ...] from the plane of the base wires back to it.
      Stroke = Struct.new(:face, :points)

      attr_reader :passes, :period_mm

      def self.build(repeat, shapes)
        passes = repeat.period_passes
        heights = repeat.heights
        rows = passes.each_with_index.map do |pass, i|
          following = passes[(i + 1) % passes.size]
          before = i.zero? ? heights.last - repeat.period_mm : heights[i - 1]
          after = heights[i + 1] || (heights.first + repeat.period_mm)
          [shapes.index(pass, following), before, heights[i], after]
        end
        new(rows, repeat.period_mm)
      end

      def initialize(passes, period_mm)
        @passes = passes.freeze
        @period_mm = period_mm
        freeze
      end

      # The passes drawn out, with the shapes of the same display list.
      def strokes(shapes) = passes.map { |row| stroke(row, shapes) }

      def first_stroke(shapes) = stroke(passes.first, shapes)
      def last_stroke(shapes) = stroke(passes.last, shapes)

      private

      def stroke((shape, before, here, after), shapes)
        points = shapes[shape][:points].map do |x, z, u|
          [x, (u <= 1) ? before + (u * (here - before)) : here + ((u - 1) * (after - here)), z]
        end
        Stroke.new(shapes[shape][:face], points)
      end
    end
  end
end
