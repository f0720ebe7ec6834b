# frozen_string_literal: true

module Meander
  # The small numbers of the computation, each with its unit.
  module Tolerance
    # Heights nearer than this are the same height, in mm.
    PACKING_MM = 1e-9
    # How far an arc may turn between two points of a drawn path, in radians. A chord then falls short of its arc by
    # at most step^2 / 24 = 0.07 %.
    PATH_STEP_RAD = Math::PI / 24
    # Coordinates are written to a tenth of a micrometre.
    WRITTEN_DIGITS = 4
  end
end
