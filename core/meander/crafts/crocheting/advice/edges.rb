# frozen_string_literal: true

module Meander
  module Crafts
    module Crocheting
      module Advice
        # Edges of tall stitches draw in where they are turned.
        module Edges
          # So many rows are seen to draw in; our choice, no source.
          ROWS = 6

          def self.call(crocheted)
            fabric = crocheted.fabric
            return if fabric.way != "rows" || fabric.rows.size < ROWS || fabric.chains_up(2) < 3

            AdviceItem.of("crochet-edges", "note", "/fabric", "The edges may draw in",
              "Chains that lead up to rows so tall are narrower than the stitches beside them.",
              "Make these chains loosely, or block the edges flat over a ruler after each few rows.",
              rows: fabric.rows.size)
          end
        end
      end
    end
  end
end
