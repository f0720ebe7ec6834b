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
        past = 0.0
        runs = [0.0, *fine.each_cons(2).map { |a, b| past += Math.hypot(b[0] - a[0], b[1] - a[1]) }]
        heights = Array.new(fine.size, 0.0)
        rises.each { |rise| rise.add(heights, runs) }
        fine.each_with_index.map { |(x, y, z), i| [x, y, z + heights[i]] }
      end

      def self.between((x, y, z), (to_x, to_y, to_z), share)
        [x + ((to_x - x) * share), y + ((to_y - y) * share), z + ((to_z - z) * share)]
      end
      private_class_method :between

      # at: steps along the way, parts of one with them; height: in mm, below 0 where it dips under; reach: how far to
      # each side it does so, in mm.
      def initialize(at, height, reach)
        @at = at
        @height = height
        @reach = reach
        freeze
      end

      # Adds how high it is to the heights of a way's fine points; runs: how far along each of those lies. At its ends
      # the way lies flat.
      def add(heights, runs)
        across = runs[(@at * FINE).round]
        wide = [@reach, across, runs.last - across].min
        runs.each_with_index do |run, i|
          off = (run - across).abs
          heights[i] += @height * ((1 + Math.cos(Math::PI * off / wide)) / 2) if off < wide
        end
      end
    end
  end
end
