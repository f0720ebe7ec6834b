# frozen_string_literal: true

require_relative "crochets"
require_relative "knots"

# Pieces worked onto rims: edges of a weave, wires, rings.
module Rims
  HEAD = {"kind" => "head", "over" => nil, "room" => nil}.freeze
  ARC = {"kind" => "arc", "radius" => {"typed" => "30 mm"}, "towards" => "far"}.freeze

  # Cords along an edge, or from a bar so thick.
  module Cords
    extend Knots

    def self.hung(**edge) = onto_edge(knotted("s4 s4", cords: 8, mount: HEAD), **edge)
    def self.bar(over) = knotted("s4 s4", cords: 8, mount: {**HEAD, "over" => size(over)})

    # Cords 12 mm along the far edge, and the same again elsewhere.
    def self.two(side, along)
      first = hung(along: size("12 mm"), repeats: 25)
      other = JSON.parse(JSON.generate(first.slice("sections", "wires")).gsub('"s2"', '"s3"').gsub(/"([wf]\d)/, '"v\1'))
      more = other["sections"].last
      more["at"].merge!("side" => side, "along" => size(along))
      first.merge("sections" => [*first["sections"], more], "wires" => first["wires"] + other["wires"].last(4))
    end
  end

  # Cords below the last row of others, and round what they are closed about.
  module Rows
    extend Knots

    # Section s1: 12 cords, knotted as onto says; s2 hangs from their last row. fields: of the first.
    def self.below(rows = "s4 s4", onto: "s4 s4 s4; b12>", cords: 8, side: "near", along: nil, **fields)
      json = hung(rows, straight(10), cords:, side:, along: along && size(along))
      first = knotted(onto, cords: 12, count: 1, spacing: size("3 mm"), **fields)
      wires = first["wires"].map { |wire| {**wire, "id" => "v#{wire["id"]}", "kind" => "k1"} }
      json["sections"][0] = first["sections"].first
      json["kinds"][0] = first["kinds"].first
      {**json, "wires" => [*wires, *json["wires"].drop(1)]}
    end

    NET = "~2 s4 s4 s4 s4; ~2 -2 s4 s4 s4 s4"
    RING = {"kind" => "head", "over" => {"typed" => "1 mm"}, "room" => nil}.freeze

    def self.net(rows = NET, across: "30 mm", deep: "20 mm", cords: 16, mount: RING, **fields)
      knotted(rows, cords:, mount:, round: {"across" => size(across), "deep" => size(deep)}, **fields)
    end

    def self.all = [below, below(side: "far"), net(tail: size("5 mm")), net(mount: nil)]
  end

  # Crochet along an edge, and about a ring.
  module Bands
    extend Crochets

    def self.on_edge(**edge) = onto_edge(band(6, 3, begun: "edge"), **edge)

    DROP = {"kind" => "drop", "length" => {"typed" => "50 mm"}, "width" => {"typed" => "30 mm"},
      "open" => {"typed" => "0 mm"}}.freeze

    def self.all
      [on_edge(form: ARC), on_edge(form: DROP), round_ring(3, hoop(8)), round_ring(2, hoop(8), more: 20, way: "spiral"),
        round_ring(4, hoop(20), side: "near"), round_ring(3, hoop(20), side: "near", first: 12, more: 2)]
    end
  end

  def self.all = [Cords.hung, Cords.two("far", "24 mm"), *Rows.all, *Bands.all]
end
