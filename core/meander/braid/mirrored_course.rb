# frozen_string_literal: true

module Meander
  module Braid
    # A flat braid as its mirror image, near for far: what one is that is begun from its far edge. Answers as FlatCourse
    # does; its strands, too, are numbered from the near side.
    class MirroredCourse < Course
      OTHER = {"near" => "far", "far" => "near"}.freeze

      # other: FlatCourse, what it is the image of.
      def initialize(other)
        super()
        @other = other
        @scheme = other.scheme.mirrored
        @cells = other.cells.map { |cell| Cell.new(cell.advance_mm, -cell.turn).freeze }.freeze
        @pieces = {}
      end

      def kinds = @other.kinds
      def key(strand, index) = @other.key(facing(strand), index)
      def piece(strand, index) = @pieces[key(strand, index)] ||= @other.piece(facing(strand), index).map { over(_1) }
      def at(strand, index, share) = over(@other.at(facing(strand), index, share))

      # What lies at one edge lies at the other.
      def carrier(where, index)
        strand, share = @other.carrier(OTHER.fetch(where, where), index)
        [facing(strand), share]
      end

      def more(strand) = @other.more(facing(strand))
      def leading = facing(@other.leading)

      private

      def facing(strand) = strands - 1 - strand
      def over((x, y, z)) = [-x, y, z]
    end
  end
end
