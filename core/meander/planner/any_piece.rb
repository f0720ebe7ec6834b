# frozen_string_literal: true

module Meander
  module Planner
    # The plan of a piece of any kind: Plan of one band, Built::Plan of what is put together from sections. Both answer cut_list, steps,
    # advice, beads, mass_g, extent, pieces, told, pictures, shown and repeats.
    module AnyPiece
      # kept: as Built::PlanPiece takes it.
      # @raise [InvalidInput] where a section cannot be made
      def self.call(piece, calibration: Calibration.usual, questions: [], kept: Built::PlanPiece::Fresh)
        return PlanPiece.call(piece, calibration:, questions:) unless piece.built?

        Built::PlanPiece.call(piece, calibration:, questions:, kept:)
      end
    end
  end
end
