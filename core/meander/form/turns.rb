# frozen_string_literal: true

module Meander
  module Form
    # Turns of a fine wire round a thicker one, as strokes across its way.
    module Turns
      # So many turns shared out along a whole way of points [[x, y, z], ...]; across_mm: outside to outside of the
      # turns.
      def self.along(points, count, across_mm)
        run = Trace.polyline_mm(points)
        at = Array.new(count) { |k| run * (k + 0.5) / count }
        places, onward = [at, at.map { |mm| mm + (run / 1000) }].map { |along| Trace.places(points, along, run) }
        places.zip(onward).map { |place, next_one| stroke(place, direction(place, next_one), across_mm) }
      end

      # So many turns side by side, a wire apart, about a place of a way that leads on in a direction.
      def self.about(place, (dx, dy), count, wire_mm, across_mm)
        Array.new(count) do |k|
          on = (k - ((count - 1) / 2.0)) * wire_mm
          stroke([place[0] + (on * dx), place[1] + (on * dy)], [dx, dy], across_mm)
        end
      end

      def self.direction(from, to)
        far = [Math.hypot(to[0] - from[0], to[1] - from[1]), 1e-9].max
        [(to[0] - from[0]) / far, (to[1] - from[1]) / far]
      end

      def self.stroke((x, y), (dx, dy), across_mm)
        half = across_mm / 2
        [[x + (dy * half), y - (dx * half), 0.0], [x - (dy * half), y + (dx * half), 0.0]]
      end
      private_class_method :stroke
    end
  end
end
