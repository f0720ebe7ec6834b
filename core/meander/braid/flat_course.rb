# frozen_string_literal: true

module Meander
  module Braid
    # A flat braid, some of its stitches with a bead. Where one kind of stitch follows another each blends into the
    # other over half a stitch, by a raised cosine.
    class FlatCourse < Course
      # Points of half a period of a strand, so that lengths are right within a thousandth.
      SAMPLES = 36

      # kinds: of every stitch, whatever tells it from others; figures: { kind => PlainFigure and its like }.
      def initialize(strands, kinds, figures)
        super()
        @scheme = Scheme.flat(strands)
        @kinds = kinds
        @figures = figures
        @samples = 2 * (SAMPLES / strands.to_f).ceil
        @pieces, @advances = {}, {}
        @first = Array.new(strands) { |i| phase(i, 0, 0.0) }.sort_by { |f| -Math.cos(f) }
          .map { |f| ((f * strands / (2 * Math::PI)) - 0.25).round % strands }
        @cells = kinds.each_index.map { |i| cell(i) }.freeze
      end

      attr_reader :kinds

      # How even strands are taken to be: those whose own figure is another are told apart.
      def key(strand, index) = [around(index), strand, (period_of(strand) + index) % strands]

      def piece(strand, index)
        @pieces[key(strand, index)] ||=
          Array.new(@samples + 1) { |step| at(strand, index, step / @samples.to_f) }.freeze
      end

      # Where a strand lies at a share of a stitch, from where that begins.
      def at(strand, index, share)
        period = period_of(strand)
        phase = phase(period, index, share)
        own = parts(around(index), share).map do |kind, part|
          @figures.fetch(kind).at(period, phase).map { |mm| part * mm }
        end
        x, ahead, z = own.transpose.map(&:sum)
        [x, advance(around(index), share) + ahead, z]
      end

      # Which strand has a phase within a stitch, and at which share of it: [strand, share].
      def where(phase, index)
        strands.times do |strand|
          share = ((phase - phase(period_of(strand), index, 0.0)) * strands / (2 * Math::PI)) % strands
          return [strand, share] if share < 1
        end
      end

      # What a strand takes for each mm of its path: more where its figure tells that apart, see FilledFigure.
      def more(strand)
        taut = @figures.each_value.find { |figure| figure.respond_to?(:taut) }&.taut(period_of(strand))
        taut ? taut * length_mm / strand_mm(strand) : 1.0
      end

      # The strand that its figure calls the first.
      def leading = (0...strands).find { |strand| period_of(strand).zero? }

      private

      # Strands by the place they begin at are not numbered as their phases follow each other.
      def period_of(strand) = @first[strand]
      def phase(period, index, share) = (Math::PI / (2 * strands)) + (2 * Math::PI * (period + index + share) / strands)

      # The kinds of the stitch before, of one, and of the one after it.
      def around(index)
        own = @kinds[index]
        [index.zero? ? own : @kinds[index - 1], own, @kinds[index + 1] || own]
      end

      # How much of a place in a stitch is of its own kind, and how much of that beside it: { kind => part }.
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

      # How far it has come at a share of a stitch.
      def advance(around, share)
        blended(around, share).sum { |kind, part| part * @figures.fetch(kind).advance_mm }
      end

      # The integral of its parts up to a share of a stitch.
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
