# frozen_string_literal: true

module Meander
  module Crafts
    module Crocheting
      # What a crocheted section holds.
      module Fields
        include Document::Shape

        TALL = Choice.new(Crochet::Stitches::TALL)
        # So many stitches, or as many as come nearest to a size.
        ACROSS = Variant.new(:kind, {
          "count" => {count: Count.new(1..1000)},
          "size" => {size: Common.size("size of the fabric", 0.5..1000.0, 3.0..120.0)}
        })
        same = Count.new(1..Crochet::Notation::MOST_SAME)
        # kind: a stitch; picot, three chains closed to a ring; skip, a place of the row below that is passed over.
        # into: so many into one place; over: one over so many places.
        ITEM = Record.new({kind: Choice.new([*Crochet::Stitches::ALL.keys, "picot", "skip"]),
          times: Count.new(1..Crochet::Notation::MOST_TIMES), into: same, over: same}, left_out: {into: 1, over: 1})
        ROW = Record.new({stitches: Common.list(ITEM, 1..Crochet::Notation::MOST_ITEMS),
          times: Count.new(1..Crochet::Notation::MOST_TIMES)}, left_out: {times: 1})
        ROUNDS = Choice.new(%w[spiral closed])
        more = Maybe.new(Count.new(0..60))
        # What is crocheted; its extent says how far: chains, rows, rounds, or stitches of a band that lies along them.
        # cords: so many chains side by side; chains: so many that an oval begins with. lying: whether the rows of a
        # band run across it, or along. more: stitches a round, or a row, has more than the one before, null for what
        # lies flat; first: of the first round. over: what a cup is made for, how wide.
        FABRIC = Variant.new(:kind, {
          "cord" => {cords: Count.new(1..9)},
          "band" => {stitch: TALL, across: ACROSS, lying: Choice.new(%w[across along])},
          "tube" => {stitch: TALL, across: ACROSS, rounds: ROUNDS},
          "disc" => {stitch: TALL, first: Maybe.new(Count.new(5..500)), more:, rounds: ROUNDS},
          "oval" => {stitch: TALL, chains: Count.new(2..200), more:, rounds: ROUNDS},
          "cup" => {stitch: TALL, over: Common.size("size of what the cup is for", 2.0..200.0, 5.0..60.0),
rounds: ROUNDS},
          "triangle" => {stitch: TALL, more: Count.new(1..2)},
          "rows" => {begin: Record.new({kind: Choice.new(%w[chain ring hole]), count: Count.new(1..1000)}),
            rounds: Choice.new(Crochet::Fabric::WAYS), rows: Common.list(ROW, 1..Crochet::Notation::MOST_ROWS)}
        }, left_out: {cords: 1, first: nil, more: nil, lying: "across", rounds: "spiral"})
        # What a maker counted: so many stitches, and rows, in so many mm; used: of each wire in a square of that, or in
        # a chain so long.
        SWATCH = Record.new({over: Common.size("size of the swatch", 5.0..500.0, 20.0..150.0),
          stitches: Amount.new(0.5..500, "stitches"), rows: Maybe.new(Amount.new(0.5..500, "rows")),
          used: Maybe.new(Common.size("wire in the swatch", 5.0..100_000.0, 100.0..20_000.0))},
          left_out: {rows: nil, used: nil})
        # hook: how thick; turns: so many rows until another of its wires is taken, null where all are held together;
        # begun: on chains of its own, or into the edge of the section it stands on; ended: fastened off, or joined to
        # the section that stands on it; tail: left at an end to fasten it; margin: of wire, as a share of what is
        # worked.
        SECTION = {
          form: StripForms::FORM, at: Common::AT, extent: Common::EXTENT, fabric: FABRIC,
          hook: Common.size("hook", 0.5..20.0, 1.0..6.0), turns: Maybe.new(Count.new(1..200)),
          swatch: Maybe.new(SWATCH),
          begun: Choice.new(%w[chain edge]), ended: Choice.new(%w[off joined]),
          tail: Common.size("tail to fasten off", 0.0..1000.0, 40.0..300.0), margin: Share.new(0..2),
          bare: Record.new({length: Common.size("bare end", 0.0..300.0, 0.0..120.0), gives: Choice.new([true, false])},
            left_out: {gives: false})
        }.freeze
        # Tails and margin: common practice, no source.
        LEFT_OUT = {**Common::LEFT_OUT, form: {kind: "straight"}.freeze, turns: nil, swatch: nil, begun: "chain",
          ended: "off", tail: Units::Size.new(150.0, "150 mm"), margin: 0.1}.freeze
      end
    end
  end
end
