# frozen_string_literal: true

module Meander
  module Braid
    # A braid of any scheme of crossings, round after round.
    class RoundCourse < Course
      # advance_mm: of a round; d: of a strand; thick: how thick it lies, in mm.
      def initialize(scheme, rounds, d, advance_mm, thick: d)
        super()
        @scheme = scheme
        @lines = RelaxedFigure.of(scheme, advance_mm / d).lines
          .map { |line| line.map { |x, y, z| [x * d, y * d, z * thick].freeze }.freeze }
        @cells = Array.new(rounds, Cell.new(advance_mm, 0.0).freeze).freeze
        @places = (0...scheme.period).map { |round| scheme.after(round) }
      end

      def key(strand, index) = [place(strand, index)]
      def piece(strand, index) = @lines[place(strand, index)]

      # Hands do not draw it as tight as it was relaxed.
      def more(strand) = RelaxedFigure.formed(strands, strand_mm(strand) / length_mm)

      # It carries no beads.
      def kinds = [].freeze

      private

      def place(strand, index) = @places[index % @places.size].index(strand)
    end
  end
end
