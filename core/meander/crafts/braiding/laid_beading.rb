# frozen_string_literal: true

module Meander
  module Crafts
    module Braiding
      # Beads on an edge of any other braid, one to a stitch or round: nobody has measured those, so they are laid as
      # its crossings say, and its lengths are assumed.
      class LaidBeading < EdgeBeading
        def found? = false

        private

        def sizes = Braid::LaidFigure::BEADS

        # Beads shorter than a stitch do not lengthen it.
        def outer_mm
          asked = super
          return [asked, @layout.pitch_mm].max unless fields[:room]
          return asked if asked >= least_inner_mm - 1e-9

          fault("room", fields[:room].typed, "the strands cannot be drawn down so far from bead to bead",
            "#{Limits.least(least_inner_mm - b)} or more")
        end

        def apart_mm = @apart_mm ||= laid(outer_mm, Braid::Edge.new(outer_mm, outer_mm, 1.0)).apart_mm
        def least_inner_mm = Pitch.least_mm(@layout)

        # Relaxed as far as it goes along its middle.
        def made
          inner = inner_mm
          laid((outer_mm + inner) / 2, Braid::Edge.new(outer_mm, inner, apart_mm).freeze)
        end

        def laid(straight_mm, edge) = Braid::LaidFigure.new(@layout.tubes, straight_mm, {on => b}, edge:)
      end
    end
  end
end
