# frozen_string_literal: true

module Meander
  module Picture
    # The few different passes of a weave, each drawn once: { face:, points: [[x, z, u], ...] }.
    #
    # u says how far along its climb a point is: from 0 to 1 over the turn it starts with and its straight, from 1 to 2
    # over its share of the next turn, which climbs at the next pass's slope.
    class ShapeTable
      def initialize
        @index = {}.compare_by_identity
        @shapes = []
      end

      # The place of a pass's shape in the table; following is the pass after it.
      def index(pass, following)
        @index[pass] ||= @shapes.push(shape(pass, following)).size - 1
      end

      def to_a = @shapes

      private

      def shape(pass, following)
        bend = pass.chain.length - pass.trail_mm
        points = pass.chain.sample.map do |x, z, run|
          u = run <= bend ? (pass.turn_before_mm + run) / pass.length_mm : 1 + ((run - bend) / following.length_mm)
          [x, z, u]
        end
        { face: pass.face, points: points.freeze }.freeze
      end
    end
  end
end
