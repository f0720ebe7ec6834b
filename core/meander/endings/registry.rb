# frozen_string_literal: true

module Meander
  module Endings
    # How the base wires of a piece may end: kind in the document => class.
    #
    # Every ending answers `strands` ({ number of a base wire => Curve::Strand }, the way each wire takes beyond its
    # bare end, with y running outwards from 0), `reach_mm` (how far it adds to the wearing length, to the inside of a
    # loop or hook), `words`, and `making(names, all)`: what is done to wires that are called so, the one that forms it
    # first, and all of them together. What it costs in wire is the length of its strands and nothing else.
    module Registry
      KINDS = {"plain" => Plain, "loop" => ClosingLoop, "hook" => Hook, "eye" => Eye, "curl" => Curl, "post" => Post,
        "bail" => Bail, "fold" => Fold,
        "wrap" => Wrap, "swept" => Swept, "rolled" => Rolled, "doubled_hook" => DoubledHook, "tuck" => Tuck,
        "coil" => CoilEnd, "ribbon" => RibbonEnd, "led" => Led}.freeze
      # In the order they are offered.
      SENTENCES = %w[plain eye curl post bail loop hook doubled_hook tuck coil swept rolled led wrap ribbon fold]
        .to_h { |kind| [kind, KINDS.fetch(kind)::SENTENCE] }.freeze
      # Those that take one wire; those that hold a ring.
      ALONE = SENTENCES.select { |_, sentence| sentence.more[:wires] == "one" }.keys.freeze
      # Those that what is left of a weaving wire may be bent to.
      WORKED = SENTENCES.select { |_, sentence| sentence.more[:worked] }.keys.freeze
      HOLDS = SENTENCES.select { |_, sentence| sentence.more[:holds] }.keys.freeze
      # Loops that another end may be led through; the ring of a fold is one, too.
      THROUGH = SENTENCES.select { |_, sentence| sentence.more[:through] }.keys.freeze

      # fields: the ending as read from the document; numbers: of the base wires it takes, the one that forms it first;
      # wires: all base wires of the band, as Wire values in strip order; centres: their x in mm; weaving_mm: of the
      # wire that binds them (0 where none does); lap: how much thicker and wider the band is where its ends meet. Its
      # strands go by the numbers of the wires. worked: [wire, x in mm] of what is left of the weaving wire, which has
      # the number past them.
      def self.build(fields, numbers:, wires:, centres:, weaving_mm: 0.0, lap: {lift_mm: 0.0, slide_mm: 0.0},
        worked: nil)
        seats = [*wires.zip(centres), *([worked] if worked)].each_with_index.map do |(wire, x), number|
          Seat.new(number, wire.mm, x).freeze
        end
        band = Wrap::Band.new(low: centres.min, high: centres.max, outside_mm: (wires.map(&:mm).max / 2) + weaving_mm,
          **lap).freeze
        KINDS.fetch(fields[:kind]).new({**fields, band:, beside: beside(seats), worked: !worked.nil?},
          seats.values_at(*numbers))
      end

      # Of every seat the one nearest to it: { number => Seat }, nil where it is the only one.
      def self.beside(seats)
        seats.to_h { |seat| [seat.id, (seats - [seat]).min_by { |other| [(other.x - seat.x).abs, other.id] }] }
      end
      private_class_method :beside
    end
  end
end
