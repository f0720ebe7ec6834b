# frozen_string_literal: true

module Meander
  module Crafts
    module Braiding
      module Advice
        # Beads that do not come out even on the strands that carry them in turn.
        module Uneven
          def self.call(braided)
            return if braided.layout.beadings.none? || braided.layout.beadings.any? { |one| one.on == "strand" }

            shares = braided.strands.each_index.map { |one| braided.beads.count { |bead| bead.strand == one } }
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
