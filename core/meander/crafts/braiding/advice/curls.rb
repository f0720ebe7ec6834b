# frozen_string_literal: true

module Meander
  module Crafts
    module Braiding
      module Advice
        # Beads that are no larger than a stitch is long anyway curve nothing.
        module Curls
          def self.call(braided)
            edges = braided.layout.beadings.select(&:edge?)
            return unless edges.one? && !braided.layout.curved?

            figure = edges.first.figure

            AdviceItem.of("braid-edge-straight", "note", "/form", "The beads lie along a straight edge",
              "Nothing says how far the edge without beads is drawn down.",
              "An arc as its form, or the length of a stitch along the inner edge.", outer_mm: figure.outer_mm)
          end
        end
      end
    end
  end
end
