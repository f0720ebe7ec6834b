# frozen_string_literal: true

module Meander
  module Planner
    # An ending where it stands in the finished piece: beyond the end of its section, or before its beginning. fields: of the document;
    # section: Crafts::Worked; pose: where that stands; out: 1 where it leads on from the section's end, -1 where it leads back from its
    # beginning.
    EndedAt = Struct.new(:ending, :fields, :section, :pose, :out) do
      def words = ending.words
      def length_mm(wire) = ending.strands.fetch(wire).length

      # The way of a wire from its section outwards: [[x, y, z], ...].
      def points(wire) = ending.strands.fetch(wire).points.map { |point| at(point) }

      # Across its section, the middle of what it is bent to; mm.
      def middle = ending.strands.values.flat_map(&:points).map(&:first).minmax.sum / 2

      # A place of the ending ([across, outwards, height]) in the finished piece.
      def at((x, y, z)) = pose.at(section.beyond(out, [x, out * y, z || 0.0]))
    end
  end
end
