# frozen_string_literal: true

module Meander
  module Braid
    # A braid some of whose cells are unlike the others, as by their beads. Where one kind of cell follows another each
    # blends into the other over half a cell, by a raised cosine; the sum of their advances stays. What is one says
    # placed(kind, strand, cell, share): where a strand lies in a cell of one kind, [across, how far ahead of its cell,
    # height].
    class BlendedCourse < Course
      attr_reader :kinds

      # kinds: of every cell, whatever tells it from others; figures: { kind => what answers advance_mm and curvature };
      # samples: so many steps of a cell.
      def initialize(kinds, figures, samples)
        super()
        @kinds = kinds
        @figures = figures
        @samples = samples
        @pieces, @advances = {}, {}
        @cells = kinds.each_index.map { |i| cell(i) }.freeze
      end

      def piece(strand, index)
        @pieces[key(strand, index)] ||=
          Array.new(@samples + 1) { |step| at(strand, index, step / @samples.to_f) }.freeze
      end

      # Where a strand lies at a share of a cell, from where that begins.
      def at(strand, index, share)
        own = parts(around(index), share).map do |kind, part|
          placed(kind, strand, index, share).map { |mm| part * mm }
        end
        x, ahead, z = own.transpose.map(&:sum)
        [x, advance(around(index), share) + ahead, z]
      end

      private

      # The kinds of the cell before, of one, and of the one after it.
      def around(index)
        own = @kinds[index]
        [index.zero? ? own : @kinds[index - 1], own, @kinds[index + 1] || own]
      end

      # How much of a place in a cell is of its own kind, and how much of that beside it: { kind => part }.
      def parts((before, own, after), share)
        other = (share < 0.5) ? before : after
        return {own => 1.0} if other == own

        near = 0.5 + [share, 1 - share].min
        part = (1 - Math.cos(Math::PI * near)) / 2
        {own => part, other => 1 - part}
      end

      def cell(index)
        around = around(index)
        turn = blended(around, 1.0).sum do |kind, part|
          @figures.fetch(kind).then { |figure| part * figure.curvature * figure.advance_mm }
        end
        Cell.new(advance(around, 1.0), turn).freeze
      end

      # How far it has come at a share of a cell.
      def advance(around, share)
        blended(around, share).sum { |kind, part| part * @figures.fetch(kind).advance_mm }
      end

      # The integral of its parts up to a share of a cell.
      def blended(around, share)
        return {around[1] => share} if around.uniq.one?

        @advances[[around, share]] ||= begin
          steps = 2 * @samples
          (0...steps).each_with_object(Hash.new(0.0)) do |i, sums|
            parts(around, share * (i + 0.5) / steps).each { |kind, part| sums[kind] += part * share / steps }
          end
        end
      end
    end
  end
end
