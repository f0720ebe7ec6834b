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

        each_close(other).sum { |(part, _), (others, _)| Polyline.crossed(part, others) }
      end

      # Where it crosses another one: [[steps along it, steps along the other], ...], in no order; parts of a step with
      # them.
      # @example
      #   cross = [[[0.0, 0.0], [2.0, 2.0]], [[0.0, 2.0], [2.0, 0.0]]].map { |points| Polyline.new(points) }
      #   cross.first.meets(cross.last) #=> [[0.5, 0.5]]
      def meets(other)
        return [] unless Polyline.boxes_meet?(box, other.box)

        each_close(other).flat_map do |(part, i), (others, j)|
          Polyline.met(part, others).map { |k, l| [(i * STRETCH) + k, (j * STRETCH) + l] }
        end
      end

      # [[the box round a few steps, the steps: [[from, to], ...]], ...].
      def stretches
        @stretches ||= @points.each_cons(2).each_slice(STRETCH).map { |part|
          [Polyline.box(part.flatten(1)), part]
        }.freeze
      end

      # Stretches of both whose boxes meet: [[[steps, number of the stretch], the same of the other], ...].
      def each_close(other)
        stretches.each_with_index.flat_map do |(around, part), i|
          other.stretches.each_with_index.filter_map do |(against, others), j|
            [[part, i], [others, j]] if Polyline.boxes_meet?(around, against)
          end
        end
      end
      private :each_close

      class << self
        def box(points) = [0, 1].map { |axis| points.map { |point| point[axis] }.minmax }

        def boxes_meet?(((left, right), (low, high)), ((from, to), (under, over)))
          right >= from && to >= left && high >= under && over >= low
        end

        def crossed(part, others) = part.sum { |p, q| others.count { |r, s| cross?(p, q, r, s) } }

        # Where the steps of a part meet those of another: [[steps along the one, along the other], ...].
        def met(part, others)
          part.each_with_index.flat_map do |(a, b), k|
            others.each_with_index.filter_map do |(c, d), l|
              meet(a, b, c, d)&.then { |at, on| [k + at, l + on] }
            end
          end
        end

        # How far along two straights the place lies where they cross, each 0..1; nil where they do not.
        def meet(a, b, c, d)
          return unless cross?(a, b, c, d)

          [[a, b, c, d], [c, d, a, b]].map do |from, to, one, other|
            side(one, other, from) / (side(one, other, from) - side(one, other, to))
          end
        end

        private

        # Do two straights cross? Each has the ends of the other on either side; an end on it counts to its left, so
        # that lines that cross in a point of both do so once.
        def cross?(a, b, c, d)
          from_x, from_y = a
          to_x, to_y = b
          dx, dy = to_x - from_x, to_y - from_y
          return false if ((dx * (c[1] - from_y)) - (dy * (c[0] - from_x))).negative? ==
            ((dx * (d[1] - from_y)) - (dy * (d[0] - from_x))).negative?

          side(c, d, a).negative? != side(c, d, b).negative?
        end

        # On which side of a straight a point lies: above 0, or below.
        def side(from, to, point)
          ((to[0] - from[0]) * (point[1] - from[1])) - ((to[1] - from[1]) * (point[0] - from[0]))
        end
      end
    end
  end
end
