# frozen_string_literal: true

module Meander
  module Output
    # A finished piece as it lies in space: the lines of all its wires and findings, in the places of the finished
    # piece, z towards the maker; mm.
    module InSpace
      # More points than these are thinned, as no screen shows them.
      MOST_POINTS = 120_000
      DIGITS = 3

      # plan: Planner::Plan.
      # @return [Hash] { lines: [{ d:, colour:, points: [x, y, z, x, y, z, ...] }, ...], out_mm: of every placement of
      #   beads how far what it lies on stands out towards the maker, extent: as in the plan }
      def self.call(plan)
        lines = plan.finished.flat_map do |picture, pose, _|
          picture.groups.flat_map { |group| told(group, pose, plan) }
        end
        every = (lines.sum { |line| line[:points].size } / MOST_POINTS.to_f).ceil.clamp(1, nil)
        {lines: lines.map { |line| {**line, points: thinned(line[:points], every).flatten} },
          out_mm: plan.beads.map { |rule| plan.placed.section(rule.fields[:section]).thickness_mm / 2 },
          extent: plan.extent}
      end

      def self.told(group, pose, plan)
        colour = Picture::Colour.strokes(plan.piece.colours.fetch(group.wire))[2][0]
        group.points.map do |points|
          {d: group.mm, colour:, points: points.map { |point| pose.at(point).map { |mm| mm.round(DIGITS) } }}
        end
      end

      # Every so manieth point, the first and the last with them.
      def self.thinned(points, every)
        return points if every == 1

        last = points.size - 1
        points.select.with_index { |_, i| (i % every).zero? || i == last }
      end
      private_class_method :told, :thinned
    end
  end
end
