# frozen_string_literal: true

module Meander
  module Braid
    # A flat braid whose stitches were found by search, some of them with a bead.
    class FlatCourse < BlendedCourse
      # Points of half a period of a strand, so that lengths are right within a thousandth.
      SAMPLES = 36
      # The phase at which a strand carries the bead of its stitch, by where that lies.
      PHASES = {"middle" => MiddleFigure::PHASE, "near" => 0.0, "far" => Math::PI}.freeze

      # kinds: of every stitch; figures: { kind => PlainFigure and its like }.
      def initialize(strands, kinds, figures)
        @scheme = Scheme.flat(strands)
        @first = Array.new(strands) { |i| phase(i, 0, 0.0) }.sort_by { |f| -Math.cos(f) }
          .map { |f| ((f * strands / (2 * Math::PI)) - 0.25).round % strands }
        super(kinds, figures, 2 * (SAMPLES / strands.to_f).ceil)
      end

      # How even strands are taken to be: those whose own figure is another are told apart.
      def key(strand, index) = [around(index), strand, (period_of(strand) + index) % strands]

      # Which strand carries the bead of a stitch, and at which share of it: [strand, share].
      def carrier(where, index)
        strands.times do |strand|
          share = ((PHASES.fetch(where) - phase(period_of(strand), index, 0.0)) * strands / (2 * Math::PI)) % strands
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

      def placed(kind, strand, index, share)
        period = period_of(strand)
        @figures.fetch(kind).at(period, phase(period, index, share))
      end

      # Strands by the place they begin at are not numbered as their phases follow each other.
      def period_of(strand) = @first[strand]
      def phase(period, index, share) = (Math::PI / (2 * strands)) + (2 * Math::PI * (period + index + share) / strands)
    end
  end
end
