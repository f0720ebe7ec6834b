# frozen_string_literal: true

module Meander
  module Document
    # A knotted section as it goes out, see Crafts::Knotting::Told.
    module AnswerKnotFields
      include Shape

      figure = Figure.new
      words = Words.new
      whole = Count.new(0..10_000_000)

      # A kind of knot that is in it; ties: what hands do for it, in order.
      KIND = Record.new({kind: words, hand: words, cords: whole, name: words, words:, ties: Many.new(words)})
      # run_mm: of a cord as it is planned; works, fills, holds: in how many knots it does which.
      CORD = Record.new({wire: words, cord: whole, run_mm: figure, works: whole, fills: whole, holds: whole})
      # counted: knots in words; knots: [number of its kind, row of the pattern, first place, number of the placement
      # of its bead or 0] of every one, in the order of work, all but the last counted from 0; orders: which cord hangs
      # where, from the left; advance_mm: of one repeat; round_mm:
      # all the way round through its knots, of what is closed;
      # heads_mm: what its cords take of a bar that they hang from, folded.
      KNOT = Record.new({
        repeats: whole, woven_mm: figure, bare_mm: figure, counted: words, cords: whole, ties: whole,
        kinds: Many.new(KIND), knots: Many.new(Many.new(whole)),
        orders: Record.new({start: Many.new(whole), end: Many.new(whole)}),
        rows: Many.new(Record.new({words:, times: whole, knots: whole})), notation: words, width_mm: figure,
        thickness_mm: figure, advance_mm: figure, heads_mm: figure, spacing_mm: figure, round_mm: Maybe.new(figure),
        least_spacing_mm: figure,
        wires: Many.new(CORD), assumed: Choice.new([true, false])
      })
    end
  end
end
