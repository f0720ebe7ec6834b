# frozen_string_literal: true

module Meander
  module Built
    # An ending where it stands in the finished piece. pose: of the place where its wires leave or enter their section; out: 1 where
    # it leads on along the pose, -1 where it leads back.
    EndedAt = Struct.new(:ending, :pose, :out) do
      def words = ending.words
      def length_mm(wire) = ending.strands.fetch(wire).length

      # The way of a wire from its section outwards: [[x, y, z], ...].
      def points(wire) = ending.strands.fetch(wire).points.map { |point| at(point) }

      # Across its section, the middle of what it is bent to; mm.
      def middle = ending.strands.values.flat_map(&:points).map(&:first).minmax.sum / 2
      def at((x, y, z)) = pose.at([x, out * y, z])
    end
  end
end
