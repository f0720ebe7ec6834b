# frozen_string_literal: true

module Meander
  module Beads
    # The beads of a plan as they go out: every placement with its figures, what to string in which order, and how they
    # are drawn.
    module Answer
      # The block says where a place on a rule's ground lies on the page: see Drawing.
      # gaps: see Spacer.
      def self.call(piece, rules, gaps, &block)
        kinds = piece.document[:tray].map { |kind| kind_h(piece.bead(kind[:id])) }
        {held: gaps.map(&:to_h), placed: rules.map(&:to_h), strings: Stringing.call(rules).map(&:to_h), kinds:,
          drawn: Drawing.call(rules, &block)}
      end

      def self.kind_h(kind)
        {id: kind.id, words: kind.words, along_mm: kind.along_mm, across_mm: kind.across_mm, hole_mm: kind.hole_mm,
          mass_g: kind.mass_g, guessed: kind.guessed, look: Drawing.look(kind, false)}
      end
    end
  end
end
