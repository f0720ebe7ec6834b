# frozen_string_literal: true

module Meander
  module Crafts
    module Crocheting
      module Advice
        # Stitches worked round and round lean.
        module Seam
          # So many rounds are seen to lean; our choice, no source.
          ROUNDS = 4

          def self.call(crocheted)
            fabric = crocheted.fabric
            return unless fabric.round? && crocheted.layout.kind == "tube" && fabric.rows.size >= ROUNDS

            lean = Crochet::CellTable.shift("single", "rounds", crocheted.gauge.hook_mm / crocheted.gauge.bundle_mm)[0]
            mm = fabric.rows.size * lean * crocheted.gauge.bundle_mm
            spiral = fabric.way == "spiral"
            ends = spiral ? "its last round ends in a step" : "the chains that begin its rounds stand in a line"
            AdviceItem.of("crochet-seam", "note", "/fabric/rounds", "Rounds lean to one side",
              "Each stands half a stitch beside the one below, #{Units::Text.length(mm)} in all, and #{ends}.",
              "End with a slip stitch or two where the step should not be seen, and lay out patterns of beads with " \
              "the lean in mind.", lean_mm: mm)
          end
        end
      end
    end
  end
end
