# frozen_string_literal: true

module Meander
  module Crafts
    module Crocheting
      module Advice
        # In turned rows beads come to lie on both faces.
        module BeadFaces
          def self.call(crocheted)
            return unless crocheted.fabric.way == "rows" && crocheted.fabric.rows.size > 1

            sides = crocheted.layout.beading.spots(crocheted.fabric).map { |spot| spot.row.even? }.tally
            return if sides.size < 2

            AdviceItem.of("crochet-bead-faces", "note", "/fabric", "Beads lie on both faces",
              "Every bead lies on the side that is away from the maker, and the work is turned after each row: " \
              "#{sides[false]} lie behind, #{sides[true]} in front.",
              "Beads in every second row alone, or all that are wanted on one face by chart.", front: sides[true],
              back: sides[false])
          end
        end
      end
    end
  end
end
