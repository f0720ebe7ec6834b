# frozen_string_literal: true

module Meander
  module Weave
    # What a pass runs, and what it takes of wire once it climbs, given the heights of its stations. All in mm.
    module Climb
      # Flat, from the plane of the base wires back to it.
      def run_mm = stations.points.last[2]

      # What of it lies on its climb, given the heights of its stations.
      def climbed_mm(heights)
        points = stations.points
        (1...points.size).sum { |i| Math.hypot(points[i][2] - points[i - 1][2], heights[i] - heights[i - 1]) }
      end
    end
  end
end
