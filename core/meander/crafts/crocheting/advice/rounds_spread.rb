# frozen_string_literal: true

module Meander
  module Crafts
    module Crocheting
      module Advice
        # Rounds about a ring of wire with fewer stitches than have room there.
        module RoundsSpread
          def self.call(crocheted)
            return unless crocheted.layout.ring

            shares = crocheted.cloth.rounds.drop(1).map { |one| one.around / (one.count * crocheted.gauge.stitch_mm) }
            share = shares.max
            return if share <= RowsSpread::GIVES.max

            number = shares.index(share) + 1
            round = crocheted.cloth.rounds[number]
            AdviceItem.of("crochet-rounds-spread", "note", "/fabric",
              "Round #{number} is drawn #{Units::Text.percent(share - 1)} wider than its stitches",
              "It has #{Units::Text.count(round.count, "stitch", "stitches")}, and about " \
              "#{(round.count * share).round} have room so far from the middle: the fabric is open there, and takes " \
              "more wire than is told.",
              "More stitches, or a thicker hook. Or an open fabric, where that is wanted.", share:)
          end
        end
      end
    end
  end
end
