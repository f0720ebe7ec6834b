# frozen_string_literal: true

module Meander
  module Picture
    # The few different passes of a weave, each drawn once: { face:, words:, turned:, points: [[x, z, u], ...] },
    # words being the move as a maker says it, turned the same with the work turned over.
    #
    # u says which of the pass's stations a point is, or its share between two of them, where heights are told.
    class ShapeTable
      # turn_rad: how far a drawn step may turn.
      def initialize(turn_rad: Tolerance::PATH_STEP_RAD)
        @turn_rad = turn_rad
        @index = {}.compare_by_identity
        @shapes = []
      end

      # The place of a pass's shape in the table.
      def index(pass) = @index[pass] ||= @shapes.push(shape(pass)).size - 1

      # The place of a straight run along the strip at the back.
      def line(x, z)
        @lines ||= {}
        @lines[[x, z]] ||= @shapes
          .push({face: -1, words: "", turned: "", points: [[x, z, 0.0], [x, z, 1.0]].freeze}.freeze).size - 1
      end

      def to_a = @shapes

      private

      def shape(pass)
        points = pass.stations.drawn(@turn_rad).map { |x, z, u, _| [x, z, u].freeze }.freeze
        {face: pass.face, words: pass.words, turned: pass.words(turned: true), points:}.freeze
      end
    end
  end
end
