# frozen_string_literal: true

module Meander
  module Crafts
    module Knotting
      # What a knotted section holds.
      module Fields
        include Document::Shape

        notation = Knot::Notation
        # A knot, or pass: cords that only hang there. hand: the side it is begun from, or that a bar goes to; times:
        # one below the other; turns: of a wrap.
        KNOT = Record.new({kind: Choice.new([*Knot::Kinds::ALL.keys, "pass"]), hand: Choice.new(%w[left right]),
          cords: Count.new(1..notation::MOST_CORDS), times: Count.new(1..notation::MOST_TIMES),
          turns: Count.new(1..notation::MOST_TURNS)}, left_out: {hand: "left", times: 1, turns: 1})
        # Knots beside each other, from the left; gap: left bare before it.
        ROW = Record.new({knots: Common.list(KNOT, 1..notation::MOST_ITEMS),
          gap: Common.size("bare cord before a row", 0.0..notation::MOST_GAP, 0.0..80.0),
          times: Count.new(1..notation::MOST_TIMES)}, left_out: {gap: Units::Size.new(0.0, "0 mm"), times: 1})
        # Every two cords beside each other are one, folded and looped over a bar or ring: its bight in front of that
        # (head), or behind it (reverse). over: how thick that is, null where it is the wire it stands
        # on; room: how much of it there is, null where enough.
        MOUNT = Record.new({kind: Choice.new(%w[head reverse]), over: Maybe.new(Common.size("bar they hang " \
          "from", 0.2..60.0, 0.6..8.0)),
          room: Maybe.new(Common.size("room on the bar", 1.0..2000.0, 4.0..400.0))}, left_out: {room: nil})
        # What a maker measured: so many square or half knots, how far they reached, and what one of their working
        # cords took.
        SWATCH = Record.new({knots: Count.new(1..1000),
          length: Common.size("length of the swatch", 1.0..2000.0, 10.0..200.0),
          used: Common.size("working cord in the swatch", 2.0..20_000.0, 30.0..2000.0)})
        GIRTH = Common.size("what it is closed round", 2.0..2000.0, 8.0..200.0)
        # rows: the pattern, which its extent says how often; spacing: from cord to cord, null for as close as its knots
        # let them hang; to_hand: how long the cords are that there are, null where they are cut for it; hitched: how
        # thick the bar is that they are tied to at their end, null for none; round: the oval that it is closed
        # round, the last cord beside the first, null where it lies flat; finish: what is done with ends that
        # nothing else is made of; tail: left for that; margin: of cord, as a share.
        SECTION = {
          form: StripForms::FORM, at: Common::AT, extent: Common::EXTENT,
          rows: Common.list(ROW, 1..notation::MOST_ROWS), mount: Maybe.new(MOUNT),
          spacing: Maybe.new(Common.size("from cord to cord", 0.2..200.0, 0.8..30.0)), swatch: Maybe.new(SWATCH),
          to_hand: Maybe.new(Common.size("cord to hand", 10.0..100_000.0, 200.0..20_000.0)),
          round: Maybe.new(Record.new({across: GIRTH, deep: GIRTH})),
          hitched: Maybe.new(Common.size("bar the cords are hitched to", 0.2..60.0, 0.6..8.0)),
          finish: Choice.new(%w[cut knot glue melt tuck]),
          tail: Common.size("tail to finish " \
            "with", 0.0..1000.0, 20.0..300.0), margin: Share.new(0..2),
          bare: Record.new({length: Common.size("unknotted end", 0.0..500.0, 0.0..150.0),
            gives: Choice.new([true, false])}, left_out: {gives: false})
        }.freeze
        # Tails and margin: common practice, no source.
        LEFT_OUT = {**Common::LEFT_OUT, form: {kind: "straight"}.freeze, mount: nil, spacing: nil, swatch: nil,
          to_hand: nil, round: nil, hitched: nil, finish: "cut", tail: Units::Size.new(100.0, "100 mm"),
          margin: 0.1}.freeze
      end
    end
  end
end
