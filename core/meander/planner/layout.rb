# frozen_string_literal: true

module Meander
  module Planner
    # What a piece's wires, weave and endings come to before anything is counted: repeats, rise, thickness, reach.
    class Layout
      attr_reader :piece, :calibration, :frame, :pattern, :coil, :endings

      def initialize(piece, calibration)
        @piece = piece
        @calibration = calibration
        craft = Crafts.fetch(piece.section[:craft]).lay(piece, calibration)
        @frame = craft[:frame]
        @pattern = craft[:repeat]
        @coil = craft[:coil]
        @endings = %w[start end].to_h { |side| [side, ending(side)] }.freeze
        freeze
      end

      # The woven section with so many repeats.
      def strip(repeats)
        counts = piece.pattern
        Weave::Strip.new(frame, [[coil, counts[:anchor]], [pattern, repeats], [coil, counts[:closing]]])
      end

      # Length of the single coils before and after the repeats, in mm.
      def edge_mm = coil.advance_mm * (piece.pattern[:anchor] + piece.pattern[:closing])

      def woven_mm(repeats) = edge_mm + (pattern.advance_mm * repeats)

      # What both endings add to the wearing length, in mm.
      def reach_mm = endings.values.sum(&:reach_mm)

      private

      def ending(side)
        Endings::Registry.build(piece.ending(side), wires: piece.base_wires, centres: frame.centres)
      end
    end
  end
end
