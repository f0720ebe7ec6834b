# frozen_string_literal: true

module Meander
  module Document
    # A crocheted section as it goes out, see Crafts::Crocheting::Told.
    module AnswerCrochetFields
      include Shape

      figure = Figure.new
      words = Words.new
      whole = Count.new(0..10_000_000)
      flag = Choice.new([true, false])

      # A run of stitches alike; words: as it is worked; name: one of them by itself.
      ITEM = Record.new({kind: words, times: whole, into: whole, over: whole, words:, name: words})
      # Rows alike, from which on and how many; heads: places the next one may be worked into; takes: places it takes of
      # the one below; chains_up: chains that lead up to it.
      ROW = Record.new({first: whole, times: whole, heads: whole, takes: whole, chains_up: whole, words:,
        items: Many.new(ITEM)})
      # run_mm: as it is planned; least_mm: drawn tight, null where a swatch says what is used.
      WIRE = Record.new({wire: words, run_mm: figure, least_mm: Maybe.new(figure)})
      # counted: repeats in words; way: rows, spiral or closed; begun: what it begins on; turn: so many chains turn
      # it to its first row; beads: [row, place, placement] of every one, in the order of work; breadth:
      # stitches across a band, rows along it, or stitches round a tube; left_mm: of a size that was asked for across
      # it, what is over; ruffle: what a round has too many, as a share; deep_mm: how far a motif cups.
      CROCHET = Record.new({
        kind: words, repeats: whole, woven_mm: figure, bare_mm: figure, counted: words, stitches: whole, way: words,
        begun: Record.new({kind: words, count: whole, words:, turn: whole}), rows: Many.new(ROW),
        beads: Many.new(Many.new(whole)),
        notation: words, width_mm: figure, thickness_mm: figure, breadth: Maybe.new(whole),
        gauge: Record.new({hook_mm: figure, stitch_mm: figure, row_mm: Maybe.new(figure), bundle_mm: figure}),
        wires: Many.new(WIRE), assumed: flag, left_mm: Maybe.new(figure), ruffle: Maybe.new(figure),
        deep_mm: Maybe.new(figure)
      })
    end
  end
end
