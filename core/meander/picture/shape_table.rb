# frozen_string_literal: true

module Meander
  module Picture
    # The few different passes of a weave, each drawn once: { face:, words:, turned:, points: [[x, z, u], ...] },
    # words being the move as a maker says it, turned the same with the work turned over.
    #
    # u says how far along its climb a point is: from 0 to 1 on the turn the pass starts from (the half of it that is drawn with
    # this pass), from 1 to 2 on its straight, from 2 towards 3 on the turn of the pass after it.
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
        @lines[[x, z]] ||= @shapes.push({face: -1, words: "", turned: "", points: [[x, z, 0.0], [x, z, 1.0]].freeze}.freeze).size - 1
      end

      def to_a = @shapes

      private

      def shape(pass)
        corners = [pass.straight_from_mm, pass.straight_to_mm]
        points = corners.reduce(pass.chain.sample(@turn_rad)) { |found, corner| with_point(found, corner) }
        {face: pass.face, words: pass.words, turned: pass.words(turned: true), points: points.map { |x, z, run| [x, z, climbed(pass, run)] }.freeze}.freeze
      end

      def climbed(pass, run)
        from, to = pass.straight_from_mm, pass.straight_to_mm
        return (pass.turn_mm - pass.lead_mm + run) / pass.turn_mm if run <= from
        return 1 + ((run - from) / pass.straight_mm) if run <= to

        2 + ((run - to) / pass.turn_after_mm)
      end

      # The climb changes where the straight begins and ends, so points must stand there.
      def with_point(points, corner)
        after = points.index { |_, _, run| run >= corner - 1e-9 } || (points.size - 1)
        (x, z, run), (to_x, to_z, to_run) = points[[after - 1, 0].max], points[after]
        return points if (to_run - corner).abs < 1e-9

        share = (corner - run) / (to_run - run)
        points.dup.insert(after, [x + ((to_x - x) * share), z + ((to_z - z) * share), corner])
      end
    end
  end
end
