# frozen_string_literal: true

module Meander
  module Picture
    # The few different passes of a weave, each drawn once: { face:, points: [[x, z, u], ...] }.
    #
    # u says how far along its climb a point is: up to 1 on the pass's own leg, which ends in the middle of its straight,
    # from there towards 2 on the leg of the pass after it.
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
        points = with_bend(pass.chain.sample, pass.bend_mm).map do |x, z, run|
          u = (run <= pass.bend_mm) ? (pass.before_mm + run) / pass.leg_mm : 1 + ((run - pass.bend_mm) / following.leg_mm)
          [x, z, u]
        end
        {face: pass.face, points: points.freeze}.freeze
      end

      # The climb changes in the middle of the straight, so a point must stand there.
      def with_bend(points, bend)
        after = points.index { |_, _, run| run > bend }
        (x, z, run), (to_x, to_z, to_run) = points[after - 1], points[after]
        share = (bend - run) / (to_run - run)
        points.dup.insert(after, [x + ((to_x - x) * share), z + ((to_z - z) * share), bend])
      end
    end
  end
end
