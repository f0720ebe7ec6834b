# frozen_string_literal: true

module Meander
  module Form
    # The way of a wire folded out and back into petals round a centre, leg beside leg. All in mm, of the wire's middle
    # line.
    class RosetteWay
      STEPS = 12

      attr_reader :points, :length_mm

      # centre: radius of the circle the legs stand on; fold: radius of a petal's outer fold.
      def initialize(centre, fold, petals)
        @centre = centre
        @fold = fold
        @half = Math::PI / (2 * petals)
        @step = 2 * Math::PI / petals
        @number = 0
        @points = []
        @length_mm = 0.0
      end

      # A petal of a length from the centre of the rosette to the middle line at its tip, and the fold to the next
      # unless it is the last.
      def petal(length_mm, last:)
        foot = [@centre * Math.sin(@half), @centre * Math.cos(@half)]
        top = length_mm - @fold
        leg, touch = tangent(foot, top)
        arc(Math::PI - touch, touch, [0.0, top], @fold)
        straight(foot)
        @length_mm += (2 * leg) + (@fold * (Math::PI - (2 * touch)))
        fold_on unless last
        @number += 1
      end

      private

      # A leg's length from its foot to where it touches the fold, and the angle of that place (from +x, a leg on the
      # right).
      def tangent((x, y), top)
        far = Math.hypot(x, top - y)
        down = Math.atan2(y - top, x)
        [Math.sqrt((far**2) - (@fold**2)), down + Math.acos(@fold / far)]
      end

      def arc(from, to, centre, radius)
        straight([-@centre * Math.sin(@half), @centre * Math.cos(@half)])
        (0..STEPS).each do |i|
          (from + ((to - from) * i / STEPS)).then do |angle|
            straight([centre[0] + (radius * Math.cos(angle)), centre[1] + (radius * Math.sin(angle))])
          end
        end
      end

      # Half a turn on the circle of the legs, towards the centre.
      def fold_on
        radius = @centre * Math.sin(@half)
        turn = @step / 2
        (1...STEPS).each do |i|
          angle = Math::PI * i / STEPS
          x, y = -radius * Math.cos(angle), (@centre * Math.cos(@half)) - (radius * Math.sin(angle))
          straight([(x * Math.cos(turn)) + (y * Math.sin(turn)), (y * Math.cos(turn)) - (x * Math.sin(turn))])
        end
        @length_mm += Math::PI * radius
      end

      def straight((x, y))
        angle = @number * @step
        points << [(x * Math.cos(angle)) + (y * Math.sin(angle)), (y * Math.cos(angle)) - (x * Math.sin(angle))]
      end
    end
  end
end
