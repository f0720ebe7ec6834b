# frozen_string_literal: true

module Meander
  module Picture
    # A block of passes as drawn: a packed table with a row per pass, [shape, y0, y1, y2, y3]: the heights at the end of the
    # straight before, at the beginning and end of its own straight, and at the beginning of the straight after it, in mm.
    class Cell
      # One drawn pass: face 1 or -1 and points [[x, y, z], ...] from the plane of the base wires back to it.
      Stroke = Struct.new(:face, :points)

      attr_reader :passes

      # along: 1 as woven, -1 for its mirror image along the strip.
      def self.build(block, shapes, along: 1)
        rows = block.passes.each_index.map do |i|
          [shapes.index(block.passes[i]), *heights(block, i).map { |y| along * y }]
        end
        new(rows)
      end

      def self.heights(block, index)
        before = index.zero? ? block.entry_mm : block.heights[index - 1]
        here = block.heights[index]
        [before, here - block.slants[index], here, next_straight(block, index) || here]
      end

      def self.next_straight(block, index)
        return block.exit && (block.exit[0] - block.exit[1]) if index == block.passes.size - 1

        block.heights[index + 1] - block.slants[index + 1]
      end
      private_class_method :heights, :next_straight

      def initialize(passes)
        @passes = passes.freeze
        freeze
      end

      # The same passes, so many to a cell.
      def slices(passes_each) = (passes.size <= passes_each) ? [self] : passes.each_slice(passes_each).map { |rows| Cell.new(rows) }

      # The passes drawn out, with the shapes of the same display list.
      def strokes(shapes) = passes.map { |row| stroke(row, shapes) }

      def stroke_at(row, shapes) = stroke(passes[row], shapes)
      def first_stroke(shapes) = stroke(passes.first, shapes)
      def last_stroke(shapes) = stroke(passes.last, shapes)

      private

      def stroke((shape, *heights), shapes)
        points = shapes[shape][:points].map do |x, z, u|
          part = u.floor.clamp(0, 2)
          [x, heights[part] + ((u - part) * (heights[part + 1] - heights[part])), z]
        end
        Stroke.new(shapes[shape][:face], points)
      end
    end
  end
end
