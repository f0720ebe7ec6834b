# frozen_string_literal: true

module Meander
  module Braid
    # A braid of any scheme of crossings, round after round.
    class RoundCourse < Course
      # advance_mm: of a round; d: of a strand; thick: how thick it lies, in mm.
      def initialize(scheme, rounds, d, advance_mm, thick: d)
        super()
        @scheme = scheme
        @lines = RelaxedFigure.of(scheme, advance_mm / d).lines.map do |line|
          base = line.first[1]
          line.map { |x, y, z| [x * d, (y - base) * d, z * thick].freeze }.freeze
        end
        @starts = RelaxedFigure.of(scheme, advance_mm / d).lines.map { |line| line.first[1] * d }
        @cells = Array.new(rounds, Cell.new(advance_mm, 0.0).freeze).freeze
        @places = (0...scheme.period).map { |round| scheme.after(round) }
      end

      def key(strand, index) = [place(strand, index)]

      # Strands do not all pass from round to round at one height.
      def piece(strand, index)
        at = place(strand, index)
        @lines[at].map { |x, y, z| [x, y + @starts[at], z] }
      end

      def taut(_strand) = nil
      def kinds = [].freeze

      private

      def place(strand, index) = @places[index % @places.size].index(strand)
    end
  end
end
