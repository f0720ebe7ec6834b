# frozen_string_literal: true

module Meander
  module Braid
    # A braid of any scheme of crossings, round after round, as its crossings lay it; some of its rounds with beads.
    class RoundCourse < BlendedCourse
      # The strand that is filled with beads, where one is.
      attr_reader :leading

      # kinds: of every round; figures: { kind => LaidFigure }, all of this scheme.
      def initialize(scheme, kinds, figures, leading: 0)
        @scheme = scheme
        @leading = leading
        @places = (0...scheme.period).map { |round| scheme.after(round) }
        @rounds = figures.each_value.map(&:rounds).max
        @rests = {}
        super(kinds, figures, figures.each_value.first.steps)
      end

      def key(strand, index) = [around(index), place(strand, index), *([strand, index % @rounds] if @rounds > 1)]

      # Which strand carries the bead of a round at an edge, and at which share of it: [strand, share].
      def carrier(where, index)
        place, share = @rests[where] ||= LaidFigure.rest(scheme, where)
        [@places[index % @places.size][place], share]
      end

      # Hands do not draw it as tight as it was relaxed.
      def more(strand)
        @more ||= {}
        @more[strand] ||= RelaxedFigure.formed(strands, strand_mm(strand) / length_mm)
      end

      private

      def placed(kind, strand, index, share)
        @figures.fetch(kind).at(strand, place(strand, index), index, share)
      end

      def place(strand, index) = @places[index % @places.size].index(strand)
    end
  end
end
