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

      # A line with more points is seen by so many of them.
      ENOUGH = 120
      # So many places round one.
      ROUND = 32

      # Places to either side of a line, so far from it: enough of them for a hull.
      def self.beside(line, mm)
        few(line).each_cons(2).flat_map do |(x, y), (to_x, to_y)|
          long = Math.hypot(to_x - x, to_y - y)
          next [] if long.zero?

          out_x, out_y = (y - to_y) * mm / long, (to_x - x) * mm / long
          [[x + out_x, y + out_y], [x - out_x, y - out_y], [to_x + out_x, to_y + out_y], [to_x - out_x, to_y - out_y]]
        end
      end

      # Places round one, so far from it.
      def self.round((x, y), mm)
        Array.new(ROUND) { |i| (2 * Math::PI * i / ROUND).then { |a| [x + (mm * Math.cos(a)), y + (mm * Math.sin(a))] } }
      end

      def self.few(line)
        line.each_slice([line.size / ENOUGH, 1].max).map(&:first).tap { |some| some << line.last }
      end

      def self.chain(points)
        points.each_with_object([]) do |point, kept|
          kept.pop while kept.size > 1 && turn(kept[-2], kept[-1], point) <= 0
          kept << point
        end
      end

      # Above 0 where the way turns to the left.
      def self.turn((ax, ay), (bx, by), (cx, cy)) = ((bx - ax) * (cy - ay)) - ((by - ay) * (cx - ax))
      private_class_method :few, :chain, :turn
    end
  end
end
