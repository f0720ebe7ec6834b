# frozen_string_literal: true

module Meander
  module Crafts
    module Braiding
      module Advice
        # Beads that do not come out even on the strands that carry them in turn.
        module Uneven
          def self.call(braided)
            on = braided.layout.beading&.on
            return if on.nil? || on == "strand"

            shares = braided.strands.each_index.map { |one| braided.beads.count { |strand, _, _| strand == one } }
            return if shares.max - shares.min < 2

            told = shares.each_with_index.map { |beads, i| "#{beads} on strand #{i + 1}" }
            AdviceItem.of("braid-beads-uneven", "note", "/strands", "The strands carry different numbers of beads",
              "As the strands change places, #{Units::Text.list(told)} are needed.",
              "String each as it is told; another number of stitches from bead to bead shares them otherwise.",
              most: shares.max, least: shares.min)
          end
        end
      end
    end
  end
end
