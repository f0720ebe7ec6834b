# frozen_string_literal: true

module Meander
  module Crafts
    module Crocheting
      module Advice
        # Rows round a bend have as many stitches as the first, and another length to cover.
        module RowsSpread
          # What a fabric gives without a sign of it: as a share of a stitch's width (our choice, no source).
          GIVES = (0.85..1.2)

          def self.call(crocheted)
            bar = crocheted.layout.bar or return
            last = crocheted.cloth.rows.last
            least, most = crocheted.layout.round_wire.stretch(crocheted.made_mm).map { |one| one * last.wide }
            share = (most > GIVES.max) ? most : least
            return if GIVES.cover?(share)

            much = "#{((share - 1).abs * 100).round} %"
            where = " where the #{bar.noun} bends most" unless bar.even?
            title = (share > 1) ? "The last row is drawn #{much} wider than its stitches#{where}" :
              "The last row has #{much} less room than its stitches take#{where}"
            AdviceItem.of("crochet-rows-spread", "note", "/extent", title,
              "It has #{last.count} stitches, and round the bend rows get " \
              "#{(share > 1) ? "longer" : "shorter"} the further they are from the wire: the fabric " \
              "#{(share > 1) ? "is open there, or cups" : "ruffles there"}.",
              "Fewer rows, a wider bend, or #{(share > 1) ? "more" : "fewer"} stitches from row to row, said stitch " \
              "by stitch.", share:)
          end
        end
      end
    end
  end
end
