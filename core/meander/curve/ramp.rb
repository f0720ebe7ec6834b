# frozen_string_literal: true

module Meander
  module Curve
    # A chain in the plane of the strip (axes x across, y along) that rises evenly from one height z to another: a climb
    # seen from the side.
    class Ramp < Climb
      def points = super.map { |x, rise, y| [x, y, rise] }
    end
  end
end
