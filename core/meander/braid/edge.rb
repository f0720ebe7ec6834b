# frozen_string_literal: true

module Meander
  module Braid
    # An edge held open by beads: what a stitch advances along them (eo) and along the other edge (ei), and how far
    # those two lines are apart (w); mm. A stitch turns by (eo - ei) / w.
    Edge = Struct.new(:outer_mm, :inner_mm, :apart_mm) do
      # The advance along the inner edge with which the middle between both lies on a radius R: eo (2R - w) / (2R + w).
      def self.inner_for(outer_mm, apart_mm, radius_mm)
        outer_mm * ((2 * radius_mm) - apart_mm) / ((2 * radius_mm) + apart_mm)
      end

      def turn = (outer_mm - inner_mm) / apart_mm

      # Of the middle between the two lines, nil where it lies straight.
      def radius_mm = turn.zero? ? nil : (outer_mm + inner_mm) / (2 * turn)
    end
  end
end
