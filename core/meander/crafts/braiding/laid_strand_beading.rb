# frozen_string_literal: true

module Meander
  module Crafts
    module Braiding
      # Beads that fill the outermost strand of a flat braid of more: it is laid as thick as they are, and its lengths
      # are assumed.
      class LaidStrandBeading < StrandBeading
        # So many strands large; filled with larger ones, tubes are pushed out of the braid.
        SIZES = (2.0..3.75)

        def found? = false

        private

        def sizes = SIZES

        # As tight as three strands are, and as much longer as a stitch of so many is.
        def tight_mm
          scheme = @layout.scheme
          usual = Braid::RelaxedFigure::USUAL
          super * usual[scheme.strands] / usual[3] * scheme.layers.size / 2
        end

        def made
          diameters = @layout.strands.map(&:wide_mm).tap { |all| all[@layout.leading] = b }
          mean = diameters.sum / diameters.size
          Braid::LaidFigure.new(Braid::LaidFigure::Strands.new(@layout.scheme, mean, mean, diameters), loosened_mm)
        end
      end
    end
  end
end
