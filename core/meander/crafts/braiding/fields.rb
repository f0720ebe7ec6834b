# frozen_string_literal: true

module Meander
  module Crafts
    module Braiding
      # What a braided section holds.
      module Fields
        include Document::Shape

        LEAST, MOST = 3, 9
        CROSSING = Record.new({gap: Count.new(1..(MOST - 1)), over: Choice.new(%w[right left])})
        # How its strands cross: every one over and under in turn, begun from an edge, or crossing by crossing, see
        # Braid::Scheme.
        SCHEME = Variant.new(:kind, {
          "flat" => {begun: Choice.new(%w[near far])},
          "crossings" => {crossings: Common.list(CROSSING, 2..Braid::Notation::MOST)}
        }, left_out: {begun: "near"})
        # lay: how far along the strand a turn of the twist reaches; hand: whether it climbs as a right-handed screw.
        TWIST = Record.new({lay: Common.size("length of a turn of the twist", 0.3..100.0, 1.5..20.0),
          hand: Choice.new(%w[right left])})
        # Wires that go as one, side by side, or twisted to a cord.
        STRAND = Record.new({wires: Count.new(1..4), twist: Maybe.new(TWIST)}, left_out: {twist: nil})
        # What a swatch was measured at: so far braided, and so much of each strand in it.
        SWATCH = Record.new({length: Common.size("length of the swatch", 5.0..1000.0, 20.0..200.0),
          used: Common.size("wire of one strand in the swatch", 5.0..3000.0, 20.0..400.0)})
        FORM = Variant.new(:kind, Forms::FIELDS)
        BARE = Common.size("unbraided end", 0.0..300.0, 0.0..120.0)
        # pitch: how far a stitch advances (a round, of crossings said one by one), null for as it usually does;
        # to_hand: how long each of its wires is, from end to end, null where they are cut for it.
        SECTION = {
          form: FORM, at: Common::AT, extent: Common::EXTENT, scheme: SCHEME,
          strands: Common.list(STRAND, LEAST..MOST),
          pitch: Maybe.new(Common.size("length of a stitch", 0.2..500.0, 1.0..60.0)), swatch: Maybe.new(SWATCH),
          to_hand: Maybe.new(Common.size("wire to hand", 10.0..50_000.0, 100.0..5000.0)),
          bare: Record.new({length: BARE, gives: Choice.new([true, false])}, left_out: {gives: false})
        }.freeze
        LEFT_OUT = {**Common::LEFT_OUT, form: {kind: "straight"}.freeze, pitch: nil, swatch: nil, to_hand: nil}.freeze
      end
    end
  end
end
