# frozen_string_literal: true

module Meander
  module Document
    # A braid as it goes out, see Crafts::Braiding::Told.
    module AnswerBraidFields
      include Shape

      figure = Figure.new
      words = Words.new
      whole = Count.new(0..10_000_000)
      flag = Choice.new([true, false])

      # Of the curve that beads make, in degrees where it turns.
      CURVE = Record.new({radius_mm: figure, chord_mm: figure, drop_mm: figure, turn: figure})
      # run_mm: of its middle line in the braid; beads: how many are strung on it.
      STRAND = Record.new({wires: Many.new(words), words:, run_mm: figure, beads: whole})
      # repeats: stitches, or rounds where it is not flat; moves: of one of those, crossing by crossing; orders: the
      # strands as they leave it, by their places, and as they would after one more; beaded: the stitches that carry a
      # bead, from 1; assumed: its lengths are, until a swatch says them.
      BRAID = Record.new({
        repeats: whole, woven_mm: figure, bare_mm: figure, pitch_mm: figure, flat: flag, notation: words,
        moves: Many.new(words),
        crossings: Many.new(Record.new({gap: whole, over: Choice.new(%w[right left])})),
        orders: Many.new(Many.new(whole)),
        strands: Many.new(STRAND), width_mm: figure, thickness_mm: figure, take_up: figure, assumed: flag,
        beaded: Many.new(whole),
        curve: Maybe.new(CURVE)
      })
    end
  end
end
