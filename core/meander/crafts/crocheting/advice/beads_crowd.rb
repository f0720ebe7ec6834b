# frozen_string_literal: true

module Meander
  module Crafts
    module Crocheting
      module Advice
        # Beads larger than the stitches that carry them push these apart.
        module BeadsCrowd
          def self.call(crocheted)
            return if crocheted.layout.kind == "cord"

            spots = crocheted.layout.beading.spots(crocheted.fabric)
            close = spots.each_cons(2).any? { |one, other| one.row == other.row && (other.place - one.place).abs == 1 }
            wide = crocheted.layout.beading.kinds.values_at(*spots.map(&:placement).uniq).map(&:along_mm).max
            room = crocheted.gauge.stitch_mm
            return unless wide && wide + crocheted.gauge.bundle_mm > room + 1e-9 && close

            AdviceItem.of("crochet-beads-crowd", "warn", "/fabric", "Beads beside each other push the stitches apart",
              "A bead of #{Units::Text.length(wide)} is wider than a stitch leaves room for, " \
              "#{Units::Text.length(room)}; the fabric comes out wider there than is told.",
              "Smaller beads, a thicker hook, or a stitch without between them.", bead_mm: wide, stitch_mm: room)
          end
        end
      end
    end
  end
end
