# frozen_string_literal: true

module Meander
  module Form
    # The convex hull of places in the plane: its corners going round, by the two chains of the sorted places (Andrew,
    # 1979).
    module Hull
      # points: [[x, y], ...]; what they have beyond x and y is left out.
      def self.call(points)
        sorted = points.map { |x, y| [x, y] }.uniq.sort
        return sorted if sorted.size < 3

        chain(sorted)[..-2] + chain(sorted.reverse)[..-2]
      end

      # Places to either side of a line, so far from it: enough of them for a hull.
      def self.beside(line, mm)
        line.each_slice(6).flat_map { |points|
          [points.first, points.last]
        }.flat_map { |x, y| [[x - mm, y], [x + mm, y]] }
      end

      def self.chain(points)
        points.each_with_object([]) do |point, kept|
          kept.pop while kept.size > 1 && turn(kept[-2], kept[-1], point) <= 0
          kept << point
        end
      end

      # Above 0 where the way turns to the left.
      def self.turn((ax, ay), (bx, by), (cx, cy)) = ((bx - ax) * (cy - ay)) - ((by - ay) * (cx - ax))
      private_class_method :chain, :turn
    end
  end
end
