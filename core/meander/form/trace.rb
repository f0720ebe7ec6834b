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

      # The same way with no step longer than so many mm.
      def self.fine(points, step_mm)
        points.each_cons(2).flat_map { |from, to|
          steps = [(polyline_mm([from, to]) / step_mm).ceil, 1].max
          (0...steps).map { |i| from.zip(to).map { |a, b| a + ((b - a) * i / steps) } }
        } << points.last
      end

      # The places so far along a way (mm; at its end what is past it) that is run_mm long in all, its chords being a
      # little shorter.
      def self.places(points, along, run_mm)
        Ruler.new(points, run_mm).then { |ruler| along.map { |mm| ruler.at(mm) } }
      end

      # A way that was measured once, to find places on it.
      class Ruler
        def initialize(points, run_mm)
          @points = points
          past = 0.0
          @past = points.each_cons(2).map { |pair| past += Trace.polyline_mm(pair) }.freeze
          @scale = past / run_mm
          freeze
        end

        # [x, y, z] so far along it, in mm.
        def at(along)
          mm = along * @scale
          to = @past.bsearch_index { |past| past >= mm } || (@past.size - 1)
          from = to.zero? ? 0.0 : @past[to - 1]
          share = (@past[to] > from) ? [(mm - from) / (@past[to] - from), 1.0].min : 0.0
          @points[to].zip(@points[to + 1]).map { |a, b| a + ((b - a) * share) }
        end
      end

      def self.polyline_mm(points)
        last = points.first
        points.sum(0.0) do |point|
          step = Math.sqrt(((point[0] - last[0])**2) + ((point[1] - last[1])**2) +
            (((point[2] || 0.0) - (last[2] || 0.0))**2))
          last = point
          step
        end
      end
    end
  end
end
