# frozen_string_literal: true

module Meander
  module Form
    # A way through space told by its points [[x, y, z], ...], an odd number of them (an even number of steps).
    module Trace
      # A smooth way from a function of a share 0..1.
      def self.points(steps = 480) = (0..steps).map { |i| yield(i / steps.to_f) }

      # Length in mm of a smooth way: chords and chords of every other point, carried on to no step at all (Richardson).
      def self.smooth_mm(points)
        fine = polyline_mm(points)
        return fine if points.size < 9 || points.size.even?

        fine + ((fine - polyline_mm(points.each_slice(2).map(&:first))) / 3)
      end

      # The places so far along a way (mm, rising; at its end what is past it) that is run_mm long in all, its chords being a little shorter.
      def self.places(points, along, run_mm)
        steps = points.each_cons(2).map { |pair| polyline_mm(pair) }
        scale, at, past = steps.sum / run_mm, 0, 0.0
        along.map do |mm|
          (past += steps[at]) && at += 1 while at < steps.size - 1 && past + steps[at] < mm * scale
          share = steps[at].positive? ? [((mm * scale) - past) / steps[at], 1.0].min : 0.0
          points[at].zip(points[at + 1]).map { |a, b| a + ((b - a) * share) }
        end
      end

      def self.polyline_mm(points)
        last = points.first
        points.sum(0.0) do |point|
          step = Math.sqrt(((point[0] - last[0])**2) + ((point[1] - last[1])**2) + (((point[2] || 0.0) - (last[2] || 0.0))**2))
          last = point
          step
        end
      end
    end
  end
end
