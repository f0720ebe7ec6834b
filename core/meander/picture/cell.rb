# frozen_string_literal: true

module Meander
  module Picture
    # A block of passes as drawn: a row per pass, [shape, heights of its stations in mm].
    class Cell
      # One drawn pass: face 1 or -1 and points [[x, y, z], ...] from the plane of the base wires back to it.
      Stroke = Struct.new(:face, :points)

      attr_reader :passes

      # along: 1 as woven, -1 for its mirror image along the strip.
      def self.build(block, shapes, along: 1)
        new(block.passes.each_index
          .map { |i| [shapes.index(block.passes[i]), *block.heights[i].map { |y| along * y }] })
      end

      def initialize(passes)
        @passes = passes.freeze
        freeze
      end

      # The same passes, so many to a cell.
      def slices(passes_each)
        (passes.size <= passes_each) ? [self] : passes.each_slice(passes_each).map { |rows| Cell.new(rows) }
      end

      # The passes drawn out, with the shapes of the same display list.
      def strokes(shapes) = passes.map { |row| stroke(row, shapes) }

      def stroke_at(row, shapes) = stroke(passes[row], shapes)
      def first_stroke(shapes) = stroke(passes.first, shapes)
      def last_stroke(shapes) = stroke(passes.last, shapes)

      private

      def stroke((shape, *heights), shapes)
        last = heights.size - 2
        points = shapes[shape][:points].map do |x, z, u|
          part = u.floor.clamp(0, last)
          [x, heights[part] + ((u - part) * (heights[part + 1] - heights[part])), z]
        end
        Stroke.new(shapes[shape][:face], points)
      end
    end
  end
end
