# frozen_string_literal: true

module Meander
  module Crafts
    module Weaving
      # What a woven section holds.
      module Fields
        include Document::Shape

        # A weave as the gaps its wire goes through, and how often.
        GAPS = Common.list(Count.new(0..25), 2..1000)
        # What is woven before or after its repeats: a walk so many times, or, times null, so far.
        STRETCH = Record.new({gaps: GAPS, times: Maybe.new(Count.new(1..500)),
          length: Maybe.new(Common.size("length of the stretch", 0.2..500.0, 1.0..100.0))}, left_out: {length: nil})
        PATTERN_WITH = ->(stretch) {
          stretches = Common.list(stretch, 0..30)
          Variant.new(:kind, {
            "coils" => {single: Count.new(1..40), both: Count.new(1..40), anchor: Count.new(0..40),
              closing: Count.new(1..40)},
            "walk" => {gaps: GAPS, before: stretches, after: stretches}
          })
        }
        PATTERN = PATTERN_WITH[STRETCH]
        # The same as a maker counts it: wraps round a span of base wires, begun on its near or its far side, and passes
        # between.
        wire = Count.new(1..25)
        GROUP = Variant.new(:kind, {
          "wraps" => {near: wire, far: wire, times: Count.new(1..500), side: Choice.new(%w[near far])},
          "through" => {gaps: Common.list(Count.new(0..25), 1..1000)}
        })
        clear = Common.size("clear gap between base wires", 0.0..60.0, 0.0..12.0)
        # A weave the maker named. clear: how wide its gaps stand, null for as close as it lets them.
        NAMED_WITH = ->(stretch) {
          stretches = Common.list(stretch, 0..30)
          Record.new({name: Text.new(min: 1, max: 80), notes: Text.new(max: 400), base: wire, gaps: GAPS,
            before: stretches, after: stretches, clear: Maybe.new(clear)})
        }
        NAMED = NAMED_WITH[STRETCH]
        SPACING = Variant.new(:kind, {
          "tight" => {},
          "apart" => {clear: Common.list(clear, 0..24)},
          "changing" => {stations: Common
            .list(Record.new({at: Common.size("place along the weave", 0.0..2000.0, 0.0..300.0), clear:}), 2..24),
            ends: Choice.new(%w[free joined])}
        })
        pitch = Common.size("pitch of a repeat", 0.05..500.0, 0.3..60.0)
        # to: the pitch it opens or closes to, null where all repeats are alike; over: how many repeats that takes.
        RISE = Variant.new(:kind, {
          "packed" => {},
          "open" => {pitch:, to: Maybe.new(pitch), over: Count.new(1..60)}
        }, left_out: {to: nil, over: 12})
        long = Common.size("length of the frame", 2.0..300.0, 8.0..80.0)
        wide = Common.size("width of the frame", 0.3..150.0, 3.0..50.0)
        unwoven = Common.size("left open at the end", 0.0..200.0, 0.0..30.0)
        # What a woven section is bent to. length, width: of the opening between its two base wires; radius: of the
        # middle line; shaped: whether an arc is bent after it is woven, or before; frames: null for as many as what the
        # piece is worn on asks for.
        FORM = Variant.new(:kind, {
          "straight" => {},
          "arc" => {radius: Common::RADIUS, towards: Common::TOWARDS, shaped: Choice.new(%w[after before])},
          "ring" => {},
          "helix" => Common::HELIX,
          "drop" => {length: long, width: wide, open: unwoven},
          "leaf" => {length: long, width: wide, open: unwoven},
          "crescent" => {length: long, width: wide, open: unwoven, radius: Common::RADIUS, towards: Common::TOWARDS},
          "waists" => {length: long, width: wide, frames: Maybe.new(Count.new(1..Common::MOST_COPIES)),
            crossing: Choice.new(%w[left right in_turn])}
        }, left_out: {shaped: "after", hand: "right"})
        # Bare at each end; gives: whether it may be more or less where what the piece must meet asks for it.
        BARE = Common.size("bare end", 0.0..300.0, 0.0..80.0)
        # centre: where the work goes outwards from the middle, whether each half has coils of its own there or both
        # share one group.
        SECTION = {
          form: FORM, at: Common::AT, extent: Common::EXTENT, pattern: PATTERN, spacing: SPACING, rise: RISE,
          from: Choice.new(%w[end middle]), centre: Choice.new(%w[own shared]),
          bare: Record.new({length: BARE, gives: Choice.new([true, false])}, left_out: {gives: false})
        }.freeze
        LEFT_OUT = {**Common::LEFT_OUT, centre: "own", form: {kind: "straight"}.freeze}.freeze
      end
    end
  end
end
