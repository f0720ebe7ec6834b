# frozen_string_literal: true

module Meander
  module Crafts
    # Fields that sections of several crafts have.
    module Common
      include Document::Shape

      # A size in the maker's words: accepted and plausible in mm.
      def self.size(what, accept, plausible) = Document::Shape::Size.new(what, accept:, plausible:)
      def self.list(of, range) = Document::Shape::List.new(of, range)

      TOWARDS = Choice.new(%w[near far])
      # The radius of a bend, and how far round it goes.
      RADIUS = size("radius of the bend", 0.5..500.0, 3.0..150.0)
      DEGREES = Count.new(1..360)
      # Wound on a dowel. hand: whether it climbs as a right-handed screw.
      HELIX = {dowel: size("dowel", 1.0..100.0, 3.0..25.0), rise: size("rise of a turn", 0.0..100.0, 0.0..20.0),
        hand: Choice.new(%w[right left])}.freeze
      IDS = ->(range) { List.new(Id.new, range) }
      # Where a section stands, turn in degrees: alone, on from an end of another one (from its beginning as its mirror
      # image, so that their seats stay side by side), where ends of others come together, inside or outside another,
      # on its centre, as its mirror image across the upright axis, set so far apart to one side (nil: not at all), or
      # worked onto the wire it is bent of, its middle so far along that (nil: half-way), away to a side.
      turn = Count.new(-350..350)
      bare = size("bare wire between sections", 0.0..300.0, 0.0..60.0)
      side = Choice.new(%w[start end])
      AT = Variant.new(:kind, {
        "first" => {turn:},
        "after" => {section: Id.new, from: side, bare:, turn:},
        "gathered" => {ends: List.new(Record.new({section: Id.new, side:}), 2..8), bare:, turn:},
        "beside" => {section: Id.new, across: size("distance from the other section", 0.0..200.0, 0.0..40.0),
          along: size("distance along the other section", 0.0..300.0, 0.0..60.0), side: TOWARDS},
        "centre" => {section: Id.new, turn:},
        "mirror" => {section: Id.new, apart: size("distance from its mirror image", 0.0..200.0, 0.0..40.0),
          to: Choice.new(%w[left right])},
        "rim" => {section: Id.new, along: Maybe.new(size("distance along the wire", 0.0..5000.0, 2.0..300.0)),
          side: TOWARDS}
      }, left_out: {turn: 0, from: "end", apart: nil, to: "left", along: nil})
      # How far a section is woven: as its frame is long, or a share of that; so many repeats, or so far; or as what the
      # piece must meet asks for.
      EXTENT = Variant.new(:kind, {
        "free" => {},
        "fill" => {},
        "share" => {share: Document::Shape::Share.new(0.05..1.0)},
        "repeats" => {count: Count.new(1..2000)},
        "length" => {length: size("woven length", 1.0..2000.0, 5.0..520.0)}
      })
      # No section is made more often, one after the other.
      MOST_COPIES = 40
      # What stands where a document leaves them out.
      LEFT_OUT = {at: {kind: "first", turn: 0}.freeze, extent: {kind: "fill"}.freeze}.freeze
    end
  end
end
