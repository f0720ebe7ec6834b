# frozen_string_literal: true

module Meander
  module Braid
    # A braid as far as it is braided: cell after cell (a stitch of a flat braid, a round of any other scheme), each
    # with a piece of every strand's middle line. Read off it: lengths, widths, where strands begin and end, where
    # they cross. Strands are numbered from 0 by the place they begin at, from the near side. x across, y along, z
    # towards the maker; mm. A course says cells, piece(strand, cell), the middle line of a strand in one from y = 0
    # on, scheme, and more(strand), what a strand takes for each mm of its path.
    class Course
      # advance_mm: how far one goes; turn: what it turns by, in radians towards the far side.
      Cell = Struct.new(:advance_mm, :turn) do
        def curvature = turn.zero? ? 0.0 : turn / advance_mm
      end

      attr_reader :scheme, :cells

      def strands = scheme.strands
      def count = cells.size
      def length_mm = from_mm.last

      # Where each cell begins, and where the last one ends.
      def from_mm
        @from_mm ||= cells.each_with_object([0.0]) { |cell, all| all << (all.last + cell.advance_mm) }.freeze
      end

      # What a strand runs through all of it, bent as its cells are and by so much more; mm.
      def strand_mm(strand, curvature = 0.0) = cells.each_index.sum { |i| cell_mm(strand, i, curvature) }

      # The cell in which a strand has run a share of its way.
      def cell_at(strand, share)
        left = share * strand_mm(strand)
        cells.each_index.find { |i| (left -= cell_mm(strand, i, 0.0)).negative? } || (count - 1)
      end

      # The middle line of a strand through its cells, or some of them, not bent: [[x, y, z], ...].
      def points(strand, cells = 0...count)
        @points ||= {}
        @points[[strand, cells]] ||= cells.flat_map { |i|
          all = piece(strand, i).map { |x, y, z| [x, y + from_mm[i], z] }
          (i == cells.first) ? all : all.drop(1)
        }.freeze
      end

      # Where strands lie across it where it begins and where it ends, by strand.
      def across(side)
        return (0...strands).map { |one| piece(one, 0).first[0] } if side == "start"

        (0...strands).map { |one| piece(one, count - 1).last[0] }
      end

      # How far its middle lines reach: [[x, x], [z, z]].
      def reach
        @reach ||= (0...strands).flat_map { |one| cells.each_index.map { |i| [key(one, i), one, i] }.uniq(&:first) }
          .flat_map { |_, one, i| piece(one, i) }.transpose.values_at(0, 2).map(&:minmax).freeze
      end

      private

      def cell_mm(strand, index, curvature)
        @runs ||= {}
        @runs[[*key(strand, index), curvature]] ||= begin
          bend = cells[index].curvature + curvature
          Form::Trace.smooth_mm(bend.zero? ? piece(strand, index) : bent(piece(strand, index), bend))
        end
      end

      def bent(points, curvature)
        way = Form::Way::Arc.new(curvature)
        points.map { |x, y, z| way.at(y, x, z) }
      end
    end
  end
end
