# frozen_string_literal: true

module Meander
  module Braid
    # A flat braid, some of its stitches with a bead. Where one kind of stitch follows another each blends into the
    # other over half a stitch, by a raised cosine.
    class FlatCourse < Course
      # Points of half a period of a strand, so that lengths are right within a thousandth.
      SAMPLES = 36

      # kinds: of every stitch, :plain or :bead; figures: { kind => PlainFigure and its like }.
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
        weight = weight(around(index), share)
        own = @figures.filter_map do |kind, figure|
          part = (kind == :bead) ? weight : 1 - weight
          part.zero? ? nil : [part, figure.at(period_of(strand), phase(period_of(strand), index, share))]
        end
        x, ahead, z = own.map { |part, place| place.map { |mm| part * mm } }.transpose.map(&:sum)
        [x, advance(around(index), share) + ahead, z]
      end

      # Which strand has a phase within a stitch, and at which share of it: [strand, share].
      def where(phase, index)
        strands.times do |strand|
          share = ((phase - phase(period_of(strand), index, 0.0)) * strands / (2 * Math::PI)) % strands
          return [strand, share] if share < 1
        end
      end

      # Wire that its figure says a strand takes for a mm, see FilledFigure; nil where that is as it is drawn.
      def taut(strand)
        figure = @figures[:bead]
        figure.respond_to?(:taut) ? figure.taut(period_of(strand)) : nil
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

      # How much of a stitch is as one with a bead, at a share of it.
      def weight((before, own, after), share)
        other = (share < 0.5) ? before : after
        return (own == :bead) ? 1.0 : 0.0 if other == own

        near = (own == :bead) ? 0.5 + [share, 1 - share].min : 0.5 - [share, 1 - share].min
        (1 - Math.cos(Math::PI * near)) / 2
      end

      def cell(index)
        around = around(index)
        plain, bead = @figures.values_at(:plain, :bead)
        part = blended(around, 1.0)
        turn = bead ? part * bead.curvature * bead.advance_mm : 0.0
        turn += (1 - part) * plain.curvature * plain.advance_mm if plain
        Cell.new(advance(around, 1.0), turn).freeze
      end

      # How far it has come at a share of a stitch.
      def advance(around, share)
        plain, bead = @figures.values_at(:plain, :bead).map { |figure| figure&.advance_mm || 0.0 }
        part = blended(around, share)
        (part * bead) + ((share - part) * plain)
      end

      # The integral of the weight up to a share of a stitch.
      def blended(around, share)
        @advances[[around, share]] ||= begin
          steps = 2 * @samples
          (0...steps).sum { |i| weight(around, share * (i + 0.5) / steps) } * share / steps
        end
      end
    end
  end
end
