# frozen_string_literal: true

module Meander
  module Crafts
    module Braiding
      # Beads on the strand that turns at an edge of four.
      class EdgeBeading < Beading
        private

        def sizes = Braid::EdgeFigure::BEADS

        # What a stitch advances along the beads, how far those are from the other edge, and the least that can be drawn
        # down to.
        def outer_mm = Braid::EdgeFigure.outer_mm(@d, b, between)
        def apart_mm = Braid::EdgeFigure.apart_mm(@d, b)
        def least_inner_mm = Braid::PlainFigure::SHAPES.fetch(4).tight * @d

        # In strands, from bead to bead.
        def between = room(1.0, Braid::EdgeFigure::USUAL_ROOM)

        # A braid begun from its far edge is laid as the image of one from the near one.
        def made = Braid::EdgeFigure.new(@d, b, between, inner_mm, (on == @layout.begun) ? 1 : -1)

        def inner_mm
          return typed_mm if fields[:inner]
          return outer_mm unless @radius

          inner = Braid::Edge.inner_for(outer_mm, apart_mm, @radius)
          return [inner, outer_mm].min if inner >= least_inner_mm

          fault("on", say(@radius), "the inner edge cannot be drawn down so far",
            "a radius of #{Limits.least(least_radius_mm)} or more")
        end

        # The narrowest radius of the middle line that the inner edge lets it have.
        def least_radius_mm = (outer_mm + least_inner_mm) * apart_mm / (2 * (outer_mm - least_inner_mm))

        def typed_mm
          typed = fields[:inner]
          return typed.mm if typed.mm.between?(least_inner_mm - 1e-9, outer_mm + 1e-9)

          fault("inner", typed.typed, "the inner edge cannot be drawn down so far, nor be longer than the beads",
            Limits.between(least_inner_mm, outer_mm))
        end
      end
    end
  end
end
