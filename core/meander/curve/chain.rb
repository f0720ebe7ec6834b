# frozen_string_literal: true

module Meander
  module Curve
    # Lines and arcs end to end in one plane.
    class Chain
      attr_reader :pieces

      def initialize(pieces)
        @pieces = pieces.freeze
        freeze
      end

      def length = pieces.sum(&:length)

      # Points along the chain with the length run up to each: [[a, b, run_mm], ...], first and last included.
      def sample(max_turn = Tolerance::PATH_STEP_RAD)
        run = 0.0
        points = [[*pieces.first.point(0.0), run]]
        pieces.each do |piece|
          steps = piece.steps(max_turn)
          (1..steps).each { |i| points << [*piece.point(i / steps.to_f), run + (piece.length * i / steps)] }
          run += piece.length
        end
        points
      end
    end
  end
end
