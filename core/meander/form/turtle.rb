# frozen_string_literal: true

module Meander
  module Form
    # Straight runs and bends end to end in the plane, from the origin; headings in radians from +y towards +x, lengths
    # in mm.
    class Turtle
      # No flat of a bend as it is drawn stands off it by more, in mm.
      FLAT_MM = 0.01

      attr_reader :points, :length_mm

      def initialize(heading = 0.0)
        @heading = heading
        @points = [[0.0, 0.0]]
        @length_mm = 0.0
      end

      def forward(length_mm)
        step(length_mm)
        @length_mm += length_mm
      end

      # Bends by an angle, positive towards +x, on a radius of the wire's middle line.
      def bend(radius_mm, angle)
        fine = [Tolerance::PATH_STEP_RAD, Math.sqrt(8 * FLAT_MM / radius_mm)].min
        steps = [(angle.abs / fine).ceil, 1].max
        chord = 2 * radius_mm * Math.sin(angle.abs / steps / 2)
        steps.times do
          @heading += angle / steps / 2
          step(chord)
          @heading += angle / steps / 2
        end
        @length_mm += radius_mm * angle.abs
      end

      private

      def step(mm) = points << [points.last[0] + (mm * Math.sin(@heading)), points.last[1] + (mm * Math.cos(@heading))]
    end
  end
end
