# frozen_string_literal: true

module Meander
  module Endings
    # A way over a cylinder that lies across the work: up at the front, over, and down at the back to where it began to
    # rise.
    class OverCylinder
      STEPS = 32

      def initialize(x, from, radius)
        @x = x
        @from = from
        @radius = radius
        freeze
      end

      # Up to the cylinder's front, half a turn over it and the straight down to the neck at its back.
      def length = (Math.sqrt(2) * @radius) + (Math::PI * @radius) + @radius

      def points
        over = (0..STEPS).map do |k|
          (Math::PI * k / STEPS).then { |t| [@x, @from + @radius + (@radius * Math.sin(t)), @radius * Math.cos(t)] }
        end
        [[@x, @from, 0.0], *over, [@x, @from, -@radius]]
      end
    end
  end
end
