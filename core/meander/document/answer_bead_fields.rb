# frozen_string_literal: true

module Meander
  module Document
    # What goes out about beads, see AnswerFields.
    module AnswerBeadFields
      include Shape

      figure = Figure.new
      figures = Many.new(figure)
      words = Words.new
      whole = Count.new(0..10_000_000)

      LOOK = Many.new(Record.new({points: figures, tone: words, shift: figure}))
      # How beads are drawn. set: rows of look, x, y, the direction of the hole x, y, face (1 in front, -1 behind, 0
      # both) and the number of the pass it is threaded on.
      SOLID = Record.new(
        {profile: figures, axis: Choice.new(%w[hole beside up]), sides: whole, end_on: Choice.new([true, false])}
      )
      DRAWN = Record.new({looks: Many.new(LOOK), solids: Many.new(SOLID), set: Many.new(figures)})
      # What beads come to.
      BEADS = Record.new({
        held: Many.new(Record.new({section: words, between: words, clear_mm: figure, words:})),
        placed: Many.new(
          Record.new(
            {id: words, rule: words, bead: words, count: whole, thread: words, wire_mm: figure, need_mm: figure,
              hole_mm: figure,
                                      passes: whole, wires_mm: figures, gap_mm: Maybe.new(figure),
                                      left_mm: Maybe.new(figure), pitch_mm: Maybe.new(figure), mass_g: figure, words:,
                                      guessed: Many.new(words)}
          )
        ),
        strings: Many.new(
          Record.new(
            {wire: words, section: words, share: words, length_mm: figure, copies: whole,
              runs: Many.new(Record.new({bead: words, name: words, times: whole}))}
          )
        ),
        kinds: Many.new(
          Record.new(
            {id: words, words:, along_mm: figure, across_mm: figure, hole_mm: figure, mass_g: figure,
              guessed: Many.new(words), look: LOOK}
          )
        ),
        drawn: DRAWN
      })
    end
  end
end
