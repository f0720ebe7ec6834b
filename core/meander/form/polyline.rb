# frozen_string_literal: true

module Meander
  module Form
    # A line of points in the plane (what they have beyond x and y is left alone), to see where lines cross.
    class Polyline
      # Steps to a stretch: those of two lines are compared only where the boxes round the stretches meet.
      STRETCH = 10

      # [[x, x], [y, y]].
      attr_reader :box

      # points: [[x, y, ...], ...], at least two.
      def initialize(points)
        @points = points
        @box = Polyline.box(points).freeze
      end

      # How often it crosses another one.
      # @example
      #   cross = [[[0.0, 0.0], [2.0, 2.0]], [[0.0, 2.0], [2.0, 0.0]]].map { |points| Polyline.new(points) }
      #   cross.first.crossings(cross.last) #=> 1
      def crossings(other)
        return 0 unless Polyline.boxes_meet?(box, other.box)

        stretches.sum do |around, part|
          other.stretches.sum do |against, others|
            Polyline.boxes_meet?(around, against) ? Polyline.crossed(part, others) : 0
          end
        end
      end

      # [[the box round a few steps, the steps: [[from, to], ...]], ...].
      def stretches
        @stretches ||= @points.each_cons(2).each_slice(STRETCH).map { |part|
          [Polyline.box(part.flatten(1)), part]
        }.freeze
      end

      class << self
        def box(points) = [0, 1].map { |axis| points.map { |point| point[axis] }.minmax }
        def boxes_meet?(one, other) = one.zip(other).all? { |(low, high), (from, to)| high >= from && to >= low }
        def crossed(part, others) = part.sum { |p, q| others.count { |r, s| cross?(p, q, r, s) } }

        private

        # Do two straights cross? Each has the ends of the other on either side.
        def cross?(a, b, c, d)
          (side(a, b, c) * side(a, b, d)).negative? && (side(c, d, a) * side(c, d, b)).negative?
        end

        # On which side of a straight a point lies: above 0, or below.
        def side(from, to, point)
          ((to[0] - from[0]) * (point[1] - from[1])) - ((to[1] - from[1]) * (point[0] - from[0]))
        end
      end
    end
  end
end
