# frozen_string_literal: true

module Meander
  module Planner
    # How a way rises over another where they cross.
    class Rise
      # Steps told for each step of a way that rises.
      FINE = 8

      # A way [[x, y, z], ...] with its rises, told finer; seen from above it stays as it was.
      def self.along(points, rises)
        fine = points.each_cons(2).flat_map { |from, to| (0...FINE).map { |i| between(from, to, i / FINE.to_f) } }
        fine << points.last
        runs = fine.each_cons(2).reduce([0.0]) do |sums, (a, b)|
          sums << (sums.last + Math.hypot(b[0] - a[0], b[1] - a[1]))
        end
        fine.zip(runs).map { |(x, y, z), run| [x, y, z + rises.sum { |rise| rise.mm(run, runs) }] }
      end

      def self.between(from, to, share) = from.zip(to).map { |a, b| a + ((b - a) * share) }
      private_class_method :between

      # at: steps along the way, parts of one with them; height: in mm, below 0 where it dips under; reach: how far to
      # each side it does so, in mm.
      def initialize(at, height, reach)
        @at = at
        @height = height
        @reach = reach
        freeze
      end

      # How high it is so far along the way; runs: how far along each of its fine points lies. At its ends it lies flat.
      def mm(run, runs)
        across = runs[(@at * FINE).round]
        wide = [@reach, across, runs.last - across].min
        off = (run - across).abs
        (off >= wide) ? 0.0 : @height * ((1 + Math.cos(Math::PI * off / wide)) / 2)
      end
    end
  end
end
