# frozen_string_literal: true

module Meander
  module Document
    # What goes out: a plan, its picture and a problem, described with the same shapes as what comes in, so that one
    # table gives every published schema. These shapes are never read.
    module AnswerFields
      include Shape

      figure = Figure.new
      words = Words.new
      whole = Count.new(0..10_000_000)
      pin = Choice.new(%w[wrist repeats woven wire])

      NEIGHBOUR =
        Record.new(
          {section: words, repeats: whole, woven_mm: figure, strip_mm: Maybe.new(figure), change_mm: figure,
            off_mm: Maybe.new(figure), weaving_change_mm: figure}
        )
      # What was left open, and how a piece is worn, see Planner::Fit.
      FIT = Record.new({
        found: Many.new(words), free: Maybe.new(words), frames: Maybe.new(whole), neighbours: Many.new(NEIGHBOUR),
        conflicts: Many.new(
          Record.new({pins: Many.new(Record.new({quantity: pin, of: Maybe.new(words)})), reason: words})
        )
      })
      # What was found for ends that must come together, see Planner::Met.
      gives = {section: words, value: Choice.new(Giving::VALUES.keys)}
      MET = Record.new({met: Choice.new([true, false]), off_mm: figure,
        values: Many.new(Record.new({**gives, unit: words, number: figure, stood: figure})),
        frees: Many.new(Record.new(gives))})
      # Where bare ways of two base wires cross: each by the end it leaves and how far out.
      CROSSING = Many.new(Record.new({section: words, side: words, seat: whole, out_mm: figure}))
      WORN = Record.new({
        ease_mm: figure, wrist_mm: Maybe.new(figure), opening_mm: figure, round_mm: figure, lift_mm: figure,
        slide_mm: figure, size_words: words,
        strip_mm: figure, wanted_mm: figure, off_mm: figure, floats: Many.new(Choice.new(%w[bare ease]))
      })
      LENGTH = Record.new(
        {first: whole, last: whole, half: Maybe.new(Choice.new([0, 1])), strands: Many.new(whole), path_mm: figure,
          cut_mm: whole, begin_mm: figure, kept_mm: figure, from: Maybe.new(words), onward: Many.new(words),
          back: Many.new(words)}
      )
      STRAND = Record.new({wire: words, words:, colour: words})
      figures = Many.new(figure)
      BEADS, DRAWN = AnswerBeadFields::BEADS, AnswerBeadFields::DRAWN
      HUNG = Record.new(
        {id: words, kind: words, side: words, words:, reach_mm: figure, mass_g: figure, cut_mm: Maybe.new(whole),
          per_metre: Maybe.new(whole)}
      )
      OWN = Record.new(
        {kind: Choice.new(%w[lacing binding cover beads]), wire: words, words:, use: words, path_mm: figure,
          cut_mm: whole, lengths: whole, wraps: whole}
      )
      WEAVING = Record.new({
        strands: Many.new(STRAND), path_mm: figure, beads_mm: figure, led_mm: figure, slack_mm: figure,
        tails_mm: figure, waste_mm: figure, margin_mm: figure, reserve_mm: figure, ended_mm: figure, total_mm: figure,
        lengths: Many.new(LENGTH),
        joins: Many.new(
          Record.new(
            {repeat: whole, half: Maybe.new(Choice.new([0, 1])), strands: Many.new(whole), at_mm: figure, on: words}
          )
        )
      })
      GAUGE = Record.new({number: figure, mm: figure, off_mm: figure})
      NAMED = Record.new({id: words, words:, colour: words, names: Record.new({awg: GAUGE, swg: GAUGE, metric: GAUGE})})
      ADVICE = Record.new({id: words, severity: Choice.new(%w[stop warn note]), place: words, title: words, why: words,
                            remedy: words, figures: Table.new(Anything.new), offers: Many.new(words)})

      COVER = Record.new({wire: words, face: Choice.new([1, -1]), share: figure, longest_mm: figure})
      IMAGE = Record.new({gaps: Many.new(whole), before: Many.new(Crafts::Weaving::Fields::STRETCH),
        after: Many.new(Crafts::Weaving::Fields::STRETCH)})
      # groups: the walk as it is counted, in the order of the parts of its notation; free: which of them may have any
      # number of coils; stretches: how often each before and after it is woven.
      WEAVE = Record.new({
        groups: Many.new(Crafts::Weaving::Fields::GROUP), free: Many.new(whole),
        mirrors: Record.new({across: IMAGE, along: IMAGE, turned: IMAGE}),
        stretches: Record.new({before: Many.new(whole), after: Many.new(whole)}),
        words:, notation: words, gaps: Many.new(whole), passes: whole, runs_twice: Choice.new([true, false]),
        advance_mm: figure, packed_mm: figure,
        loosest_mm: figure, wire_per_repeat_mm: figure, width_mm: figure, thickness_mm: figure,
        clear_mm: Many.new(figure), cover: Many.new(COVER)
      })

      CUT_LIST =
        Many.new(Record.new(
          {kind: Choice.new(%w[base weaving own finding]), count: whole, ids: Many.new(words), words:, cut_mm: whole,
            use: words, section: Maybe.new(words),
                                       marks: Many.new(Record.new({at_mm: figure, words:}))}
        ))
      # The maker's tasks: how many steps each has, in their order; breaks: why it cannot be done there.
      TASKS = Many.new(Record.new({kind: Choice.new(%w[section beads worn ending finding]), id: words,
        section: Maybe.new(words), words:, steps: whole, breaks: Many.new(words)}))
      ORDER = Many.new(
        Record.new({kind: words, words:, section: Maybe.new(words), minutes: figure, wires: Many.new(words),
          caution: Maybe.new(words), makes: Many.new(Record.new({of: Choice.new(%w[wire weave end]), id: words,
            from: whole, to: whole, all: whole, along: figures})),
          cuts: Many.new(Record.new({of: words, words:, mm: whole, spare_mm: figure, tail_mm: figure})),
          takes: Many.new(Record.new({of: words, mm: figure}))})
      )

      PICTURE = Record.new({
        version: Choice.new([2]), finest_mm: figure, wire_mm: figure, x_range: figures, y_range: figures,
        centres: figures, gaps: figures,
        places: Record.new({front: Many.new(words), back: Many.new(words)}),
        counting: Record.new({half: whole, before: whole, repeat: whole, repeats: whole, skipped: whole}),
        tones: Table.new(Many.new(List.new(Anything.new, 3..3))),
        rods: Many.new(Record.new({wire: words, d: figure, x: figure, from: figure, to: figure})),
        shapes: Many.new(Record.new({face: Choice.new([1, -1]), words:, turned: words, points: figures})),
        beads: DRAWN, cells: Many.new(Record.new({passes: Many.new(figures)})),
        placements: Many.new(
          Record.new({cell: whole, wire: words, at: figure, step: figure, count: whole, pass: whole, every: whole})
        ),
        strands: Many.new(Record.new({wire: words, of: Maybe.new(words), d: figure, points: Many.new(figures)})),
        marks: Many.new(Record.new({kind: Choice.new(%w[start middle end join]), at: figure}))
      })

      PART = Record.new(
        {kind: Choice.new(%w[tail ending section bare between cut_away fold trim]), mm: figure,
          section: Maybe.new(words), words:}
      )
      CUT = Record.new(
        {wires: Many.new(words), place: words, cut_away: Choice.new([true, false]), words:, colour: words,
          cut_mm: whole, total_mm: figure, parts: Many.new(PART),
                         marks: Many.new(Record.new({at_mm: figure, words:}))}
      )
      # Where the base wires of a section stand at its beginning and its end, and which way they leave there (radians
      # from +y towards +x).
      STOOD = Record.new({places: Many.new(Many.new(figure)), heading: figure})
      ENDS = Record.new({start: STOOD, end: STOOD})
      # x, y, how far it is turned, and -1 where it is mirrored.
      POSE = List.new(figure, 4..4)
      # A section as a straight strip, before it is bent.
      STRIP = Record.new(
        {repeats: whole, woven_mm: figure, bare_mm: figure, weave: WEAVE, weaving: WEAVING, picture: words}
      )
      SECTION = Record.new(
        {id: words, words:, gives: Many.new(Choice.new(Giving::VALUES.keys)),
          shares: Choice.new([true, false]), length_mm: figure, copies: whole,
          wraps: whole, minutes: figure, pose: POSE,
          ends: ENDS, braid: Maybe.new(AnswerBraidFields::BRAID),
          crochet: Maybe.new(AnswerCrochetFields::CROCHET),
          knot: Maybe.new(AnswerKnotFields::KNOT), strip: Maybe.new(STRIP),
          longer: Many.new(Record.new({wire: words, mm: figure}))}
      )
      MASS = Record.new({base_g: figure, weaving_g: figure, beads_g: figure, findings_g: figure, finished_g: figure})
      # A plan as the interface is told it, see Output::Answer. strip: the picture of all of it where it is one straight
      # strip.
      PLAN = Record.new({
        fit: FIT, met: MET, crossings: Many.new(CROSSING), worn: Maybe.new(WORN), sections: Many.new(SECTION),
        cuts: Many.new(CUT), cut_list: CUT_LIST,
        strip: Maybe.new(words),
        finished: Many.new(Record.new({picture: words, pose: POSE, section: Maybe.new(words)})),
        extent: List.new(List.new(figure, 2..2), 2..2),
        front: Maybe.new(
          Record.new({curve_mm: figure, chord_mm: figure, drop_mm: figure, turn: figure, chain_mm: figure})
        ),
        work: Record.new({wraps: whole, crossings: whole, stitches: whole, ties: whole, minutes: figure}), mass: MASS,
        pieces: Choice.new([1, 2]), tasks: TASKS,
        order: ORDER, own: Many.new(OWN),
        endings: Table.new(words), findings: Many.new(HUNG), beads: BEADS,
        supply: Many.new(Record.new({kind: Choice.new(%w[lengths bobbin spool]), total_mm: figure, over_mm: figure,
          possible: Choice.new([true, false]), why: words})),
        working: Table.new(figure), advice: Many.new(ADVICE), wires: Many.new(NAMED)
      })
      # A plan as the command line tells it, see Output::PlanJson. sections, wires: their ids; total_mm: before it is
      # rounded up.
      TOLD = Record.new({
        name: words, kind: words, pieces: Choice.new([1, 2]),
        cuts: Many.new(
          Record.new(
            {wire: words, wires: Many.new(words), kind: Choice.new(%w[base weaving own finding]), words:, cut_mm: whole,
              total_mm: figure, count: whole,
                                    parts: Many.new(Record.new({words:, mm: figure})),
                                    marks: Many.new(Record.new({at_mm: figure, words:})), use: words}
          )
        ),
        working: Many.new(
          Record.new(
            {wire: words, words:, path_mm: figure, led_mm: figure, slack_mm: figure, tails_mm: figure,
              reserve_mm: figure, ended_mm: figure, waste_mm: figure, margin_mm: figure, total_mm: figure,
              lengths: Many.new(Record.new({cut_mm: whole, count: whole, use: words}))}
          )
        ),
        beads: Many.new(Record.new({id: words, bead: words, words:, count: whole, wire: words, mass_g: figure})),
        steps: Many.new(
          Record.new({kind: words, words:, sections: Many.new(words), wires: Many.new(words), minutes: figure,
            caution: Maybe.new(words)})
        ),
        advice: Many.new(ADVICE), mass_g: figure, extent_mm: List.new(List.new(figure, 2..2), 2..2),
        pictures: Many.new(Record.new({of: words, hash: words}))
      })
      # Lines by layer, from the back to the front; coordinates in finest_mm, x and y in turn. places: where lines are
      # put again and again, x, y, turn and number in turn; at: in which of those.
      FINISHED = Record.new({finest_mm: figure, tones: Table.new(Many.new(List.new(Anything.new, 3..3))),
                              places: Many.new(figures),
                              groups: Many.new(
                                Record.new({layer: figure, wire: words, of: Maybe.new(words), d: figure,
                                  at: Maybe.new(whole), lines: Many.new(figures)})
                              )})

      FAULT = Record.new(
        {path: words, code: words, message: words, given: words, accepted: words, likely: Many.new(words)}
      )
    end
  end
end
