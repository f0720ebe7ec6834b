# frozen_string_literal: true

module Meander
  module Endings
    # Half a turn from the plane of the base wires over to the front (side 1) or the back (-1), out beyond the band's
    # end and back.
    class FoldOver
      STEPS = 12

      def initialize(x, radius, side = 1)
        @x = x
        @radius = radius
        @side = side
        freeze
      end

      def length = Math::PI * @radius

      def points
        (0..STEPS).map do |k|
          (Math::PI * k / STEPS).then { |t| [@x, @radius * Math.sin(t), @side * @radius * (1 - Math.cos(t))] }
        end
      end
    end
  end
end
