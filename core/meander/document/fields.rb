# frozen_string_literal: true

module Meander
  module Document
    # The one table of what a piece document holds: names, kinds, units, what is accepted and what is plausible. It
    # drives the reader and generates the JSON Schema and, from that, the types of the interface.
    module Fields
      include Shape

      def self.size(...) = Crafts::Common.size(...)
      def self.list(...) = Crafts::Common.list(...)
      private_class_method :size, :list

      FORMAT = "meander-piece"
      VERSION = 2

      EASE = size("ease over the wrist", 0.0..200.0, 0.0..45.0)
      OPENING = Variant.new(:kind, {
        "length" => {length: size("opening along the curve", 1.0..400.0, 15.0..90.0)},
        "share" => {share: Share.new(0.02..0.6)}
      })
      # How the ends of a ring meet: side by side, one over the other, or open.
      CLOSING = Variant.new(:kind, {
        "beside" => {length: size("ends side by side", 0.0..60.0, 0.0..30.0)},
        "over" => {length: size("overlap of the ends", 0.0..60.0, 0.0..30.0)},
        "open" => {length: size("opening of the ring", 0.0..40.0, 0.0..15.0)}
      })
      # What a piece is worn on, and how; opening: of a cuff.
      WORN = Variant.new(:on, {
        "wrist" => {ease: EASE, opening: Maybe.new(OPENING)},
        "finger" => {closing: CLOSING},
        "ear" => {},
        "neck" => {chain: size("widest part of the chain that must pass", 0.3..20.0, 0.8..6.0),
          neck: Maybe.new(size("necklace round the neck", 250.0..1200.0, 360.0..800.0))}
      }, left_out: {opening: nil, neck: nil})
      # Kinds of pieces, and what each is worn on, nil where it is not worn by itself.
      PIECES = {"cuff" => "wrist", "bracelet" => "wrist", "ring" => "finger", "links" => "wrist", "earring" => "ear",
        "pendant" => "neck", "component" => nil}.freeze
      # Those that may be one strip, as long as what it is worn on asks for.
      BANDS = %w[cuff bracelet ring].freeze
      # What each is called.
      CALLED = {"cuff" => "cuff", "bracelet" => "closed bracelet", "ring" => "ring", "links" => "bracelet of links",
        "earring" => "earring", "pendant" => "pendant", "component" => "component"}.freeze

      # What findings are made of; kinds may be cord, too.
      metal = Choice.new(Materials::Metal::ALL.keys - Materials::Metal::CORDS)
      spun = Choice.new(Materials::Metal::ALL.keys)
      temper = Choice.new(Materials::Temper::ALL.keys)
      # What a spool holds. use: whether it is cut in one, or worked with, which says what sizes of it are usual.
      KIND = Variant.new(:use, {
        "base" => {id: Id.new, size: size("base wire", 0.1..6.0, 0.5..2.6), metal: spun, temper:},
        "working" => {id: Id.new, size: size("weaving wire", 0.05..3.0, 0.2..0.82), metal: spun, temper:}
      })
      yes = Choice.new([true, false])
      # A stop on the way of a wire: a visit to a seat of a section, from its beginning or back from its end (cut_away:
      # cut away once the section is worked); a way between two visits that is cut away in the end; a fold; the fold it
      # covers; the beads it carries.
      STOP = Variant.new(:kind, {
        "visit" => {section: Id.new, seat: Seat.new, back: yes, cut_away: yes},
        "way" => {cut_away: Choice.new([true])},
        "fold" => {id: Id.new, ring: Maybe.new(size("inside of the ring at the fold", 0.5..60.0, 1.5..15.0))},
        "cover" => {fold: Id.new},
        "carry" => {beads: Id.new}
      }, left_out: {back: false, cut_away: false, ring: nil})
      # What a wire ends in, and which of the wires there it is: the first forms it, the next binds it. Cut flush where
      # it is null.
      ENDED = Maybe.new(Record.new({ending: Id.new, place: Count.new(1..25)}))
      # Working wire kept on one of its tails for what is done later: beads, stitching.
      RESERVE = Record.new(
        {side: Choice.new(%w[start end]), length: size("weaving wire kept for later", 0.0..5000.0, 0.0..1500.0)}
      )
      # One line of a kind, from its first end to its last. begun: where work on it begins, null for its first end.
      WIRE = Record.new({
        id: Id.new, kind: Id.new, route: list(STOP, 1..120), ends: Record.new({start: ENDED, end: ENDED}),
        reserve: RESERVE, begun: Maybe.new(Record.new({stop: Count.new(1..120)}))
      }, left_out: {ends: {start: nil, end: nil}.freeze,
        reserve: {side: "end", length: Units::Size.new(0.0, "0 mm")}.freeze, begun: nil})

      # A section by its craft.
      SECTION = Sections.new
      # Of the bend in which an end is led to a loop, inside, in mm.
      LED_BEND = (0.5..200.0)
      ends = {id: Id.new}
      ENDING = Variant.new(:kind, {
        "plain" => ends,
        "loop" => {**ends, inside: size("inside of the loop", 1.0..40.0, 2.0..20.0), wraps: Count.new(1..12),
          turns: Count.new(1..3)},
        "hook" => {**ends, inside: size("inside of the hook", 1.0..40.0, 2.0..20.0),
                    shank: size("shank of the hook", 1.0..80.0, 3.0..30.0), wraps: Count.new(1..12)},
        "eye" => {**ends, inside: size("inside of the eye", 0.5..40.0, 1.5..8.0)},
        "curl" => {**ends, inside: size("inside of the curl", 0.2..40.0, 0.5..8.0), turns: Count.new(1..8)},
        "post" => {**ends, length: size("ear post", 1.0..60.0, 10.0..22.0)},
        "bail" => {**ends, inside: size("inside of the bail", 0.5..40.0, 2.0..10.0), wraps: Count.new(1..12),
          bound: Choice.new(%w[round between])},
        "wrap" => {**ends, wraps: Count.new(1..12)},
        "doubled_hook" => {**ends, inside: size("inside of the hook", 1.0..40.0, 2.0..20.0),
          shank: size("shank of the hook", 1.0..80.0, 3.0..30.0), wraps: Count.new(1..12)},
        "rolled" => {**ends, wraps: Count.new(1..20)},
        "swept" => {**ends, length: size("how far the arc comes over the front", 1.0..200.0, 3.0..40.0)},
        "led" => {**ends, through: Id.new, from: Choice.new(%w[back front]),
          inside: size("inside of the bend", LED_BEND, 2.0..40.0),
          past: size("length past the loop", 0.5..200.0, 2.0..60.0)},
        "tuck" => {**ends, length: size("length tucked in", 0.5..80.0, 2.0..20.0)},
        "coil" => {**ends, inside: size("inside of the coil", 0.3..40.0, 1.0..10.0), turns: Count.new(1..60)},
        "ribbon" => {**ends, wide: size("ribbon end, wide inside", 0.5..120.0, 3.0..50.0),
          thick: size("ribbon end, thick inside", 0.2..30.0, 0.8..10.0),
                      depth: size("depth of the ribbon end", 0.5..60.0, 3.0..15.0),
                      length: size("length of the ribbon end with its ring", 1.0..80.0, 5.0..25.0),
                      glued: Choice.new([true, false])}
      }, left_out: {turns: 1, bound: "round"})

      hung = {id: Id.new, on: list(Id.new, 1..2)}
      hook = ->(eye) {
        {**hung, inside: size("inside of the hook", 1.0..40.0, 2.0..20.0),
         shank: size("shank of the hook", 1.0..80.0, 3.0..30.0), eye: size(eye, 0.5..20.0, 1.5..6.0),
         wire: size("wire of the hook", 0.2..4.0, 0.6..1.6), metal:}
      }
      # What is hung on an ending or on the ring of a fold, made or bought. mass in g, null where it is not known.
      FINDING = Variant.new(:kind, {
        "jump_rings" => {**hung, inside: size("inside of the jump ring", 0.5..60.0, 1.5..15.0),
          wire: size("wire of the jump ring", 0.2..4.0, 0.5..1.6), metal:, count: Count.new(1..500),
                          flat: Choice.new([true, false])},
        "eye_hook" => hook["inside of its eye"], "two_eye_hook" => hook["inside of its eyes"],
        "toggle" => {**hung, bar: size("bar of the toggle", 2.0..100.0, 10.0..40.0),
          eye: size("inside of its eye", 0.5..20.0, 1.5..6.0), wire: size("wire of the toggle", 0.2..4.0, 0.6..2.0),
          metal:},
        "chain" => {**hung, length: size("chain", 1.0..2000.0, 8.0..700.0),
          mass: Maybe.new(Amount.new(0.0..500.0, "g"))},
        "clasp" => {**hung, length: size("clasp from inside to inside", 1.0..100.0, 5.0..35.0),
          mass: Maybe.new(Amount.new(0.0..100.0, "g"))},
        "ear_wire" => {**hung, length: size("ear wire", 2.0..100.0, 10.0..40.0), metal:,
          mass: Maybe.new(Amount.new(0.0..50.0, "g"))}
      }, left_out: {flat: false})

      # What the whole must meet: what it is worn on, how far a section is woven, how much of a kind is to hand.
      PIN = Variant.new(:quantity, {
        "wrist" => {id: Id.new, length: size("wrist", 20.0..1000.0, 110.0..240.0)},
        "finger" => {id: Id.new,
          length: Shape::Size.new("finger", accept: 30.0..100.0, plausible: 40.0..76.0, words: Units::RingSize)},
        "woven" => {id: Id.new, section: Id.new, length: size("woven length", 1.0..2000.0, 20.0..260.0)},
        "wire" => {id: Id.new, kind: Id.new, length: size("weaving wire to hand", 10.0..1_000_000.0, 500.0..60_000.0)}
      })

      edge = {section: Id.new, side: Choice.new(%w[start end])}
      # What an end of a section must come to: an end of another, or the line that halves one, as its mirror axis.
      OTHER = Variant.new(:kind, {"end" => edge, "middle" => {section: Id.new}})
      # asks: to touch edge to edge, to meet middle on middle, or to flow on without a kink. gives: which values of
      # sections may be found for it.
      MEETING = Record.new({id: Id.new, end: Record.new(edge), other: OTHER, asks: Choice.new(%w[touch meet flow]),
        gives: list(Record.new({section: Id.new, value: Choice.new(Giving::VALUES.keys)}), 0..8)})

      # A kind of bead. length: along its axis, width: across it; drilled along the axis or across it; mass in g, null
      # where it is worked out; guessed: which of the sizes were not measured.
      BEAD = Record.new({
        id: Id.new, name: Text.new(min: 1, max: 80), material: Choice.new(Beads::Material::ALL.keys),
        shape: Choice.new(Beads::Body::NAMES.keys),
        length: size("length of the bead", 0.3..80.0, 1.0..30.0),
        width: size("width of the bead", 0.3..80.0, 1.0..30.0), hole: size("hole of the bead", 0.05..20.0, 0.3..3.5),
        drilled: Choice.new(%w[along across]), mass: Maybe.new(Amount.new(0.0001..200.0, "g")), colour: Colour.new,
        guessed: list(Choice.new(%w[length width hole mass]), 0..4)
      })
      own = {id: Id.new, bead: Id.new, section: Id.new}
      fits = Count.new(0..1000)
      into = size("way to the first bead", 0.0..500.0, 0.0..120.0)
      # Where beads are placed: on the weaving wire as it is woven; in rows across a frame; along a side of a strip;
      # strung on a bent wire; one framed on its stem; one hung in the centre of a figure; in a line across a surface;
      # scattered round a core; stitched on where two sections meet. A count of 0, or no counts: as many as fit.
      PLACED = Variant.new(:rule, {
        "woven" => {**own, of: Choice.new(%w[repeat wrap]), every: Count.new(1..500), first: Count.new(1..500),
          on: Choice.new(%w[front back near far])},
        "rows" => {**own, counts: list(Count.new(1..60), 0..60), wraps: Count.new(0..40), from: into},
        "curve" => {**own, side: Choice.new(%w[inside outside]), wraps: Count.new(1..20), count: fits},
        "strung" => {**own, from: into, apart: size("room between beads", 0.0..200.0, 0.0..120.0), count: fits},
        "framed" => {**own, from: into, circuits: Count.new(1..30), coils: Count.new(0..40)},
        "centre" => {**own, wraps: Count.new(1..20)},
        "surface" => {**own, count: fits},
        "scattered" => {**own, from: into, coils: Count.new(0..60), passes: Count.new(1..2), count: fits},
        "braided" => {**own, on: Choice.new(%w[middle strand near far]), every: list(Count.new(1..500), 1..24),
          first: Count.new(0..1000), last: Count.new(0..1000), count: fits,
          room: Maybe.new(size("room beside a bead", 0.0..60.0, 0.2..12.0)),
          inner: Maybe.new(size("stitch along the inner edge", 0.2..100.0, 1.0..20.0))},
        # pick: which stitches carry one: so many apart, a share of them by chance, or one by one.
        "crocheted" => {**own, count: fits, pick: Variant.new(:kind, {
          "every" => {every: list(Count.new(1..500), 1..24), first: Count.new(0..5000)},
          "share" => {share: Share.new(0.01..1.0), seed: Count.new(0..999_999)},
          "chart" => {places: list(Record.new({row: Count.new(0..2000), stitch: Count.new(1..5000)}), 1..2000)}
        })},
        "knotted" => {**own, count: fits, on: Choice.new(Beads::Knotted::ON.keys), first: Count.new(0..12_000),
          every: list(Count.new(1..500), 1..24)},
        "met" => {**own, other: Id.new, places: Count.new(1..60), wraps: Count.new(1..20)}
      }, left_out: {room: nil, inner: nil})

      # base_tails: whether a base wire has its tail at its start alone, or at both ends, as those need that are bent
      # there.
      ALLOWANCES = Record.new({
        tail: size("weaving-wire tail", 0.0..1000.0, 20.0..250.0),
        waste: size("waste on each working length", 0.0..1000.0, 0.0..200.0),
        margin: Share.new(0..2),
        working_length: size("comfortable working length", 100.0..20_000.0, 500.0..6000.0),
        base_tail: size("tail of a base wire", 0.0..500.0, 0.0..160.0), base_tails: Choice.new(%w[start both]),
        trim: size("trim allowance of a base wire", 0.0..200.0, 0.0..50.0)
      }, left_out: {base_tails: "start"})

      # How a maker works. pace: wraps a minute, pushed up and counted; paces: of crafts that go otherwise, moves a
      # minute; push: how hard coils are pushed together (see Calibration); allowances: what new pieces begin with, null
      # for the usual.
      PACES = %i[weave braid crochet knot].to_h { |craft| [craft, Maybe.new(Count.new(1..120))] }
      MAKER = Record.new(
        {pace: Count.new(1..120), paces: Record.new(PACES, left_out: PACES.transform_values { nil }),
         push: Choice.new(%w[lightly well hard]), allowances: Maybe.new(ALLOWANCES)},
        left_out: {push: "well", paces: {}.freeze, allowances: nil}
      )

      # The collection a piece hangs in: a name, or null for none.
      COLLECTION = Record.new({collection: Maybe.new(Text.new(min: 1, max: 60))})

      # A stone, which nothing sets yet.
      STONE = Record.new(
        {id: Id.new, name: Text.new(min: 1, max: 80), length: size("length of the stone", 1.0..150.0, 4.0..60.0),
          width: size("width of the stone", 1.0..150.0, 4.0..60.0),
                           height: size("height of the stone", 0.5..80.0, 2.0..25.0)}
      )

      # tray: the kinds of beads the piece uses. weaves: weaves the maker named, which travel with the piece. steps: the
      # maker's own order of work over sections, endings, beads and findings; empty, it is worked out.
      PIECE = Record.new({
        format: Choice.new([FORMAT]), version: Choice.new([VERSION]),
        name: Text.new(min: 1, max: 120), notes: Text.new(max: 4000), kind: Choice.new(PIECES.keys), pair: yes,
        worn: Maybe.new(WORN),
        kinds: list(KIND, 1..40), wires: list(WIRE, 1..60), sections: list(SECTION, 1..24),
        endings: list(ENDING, 0..40),
        beads: list(PLACED, 0..24), tray: list(BEAD, 0..40), stones: list(STONE, 0..12), findings: list(FINDING, 0..12),
        steps: list(Id.new, 0..64), pins: list(PIN, 0..40), meetings: list(MEETING, 0..6),
        allowances: ALLOWANCES, weaves: list(Crafts::Weaving::Fields::NAMED, 0..20)
      }, left_out: {pair: false, weaves: [], tray: [], stones: [], findings: [], steps: [],
        meetings: []})
    end
  end
end
