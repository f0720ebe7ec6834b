# frozen_string_literal: true

require_relative "onto_wire"

# Crocheted pieces to test with.
module Crochets
  include OntoWire

  # A component that is one crocheted section. fabric: as a document has it; held: so many wires; beads: what of a
  # placement of beads is not as usual, with how large they are; all else: fields of the section.
  def crocheted(fabric, count: 10, hook: "3 mm", wire: "0.3 mm", held: 1, beads: nil, **fields)
    section = {"id" => "s1", "craft" => "crochet", "copies" => 1, "at" => {"kind" => "first", "turn" => 0},
      "form" => {"kind" => "straight"}, "extent" => {"kind" => "repeats", "count" => count}, "fabric" => fabric,
      "hook" => size(hook), "bare" => {"length" => size("0 mm"), "gives" => false}, **fields.transform_keys(&:to_s)}
    JSON.parse(JSON.generate({**component(section, wire, held), **(beads ? beading(**beads) : {})}))
  end

  def cord(count = 60, **rest) = crocheted({"kind" => "cord", "cords" => 1}, count:, **rest)

  def band(across = 6, rows = 4, stitch: "single", lying: "across", **rest)
    crocheted({"kind" => "band", "stitch" => stitch, "lying" => lying,
      "across" => {"kind" => "count", "count" => across}}, count: rows, **rest)
  end

  # A band begun round a wire, see OntoWire.
  def round_wire(across, rows, bend, side: "far", along: nil, bar: "1.2 mm", **rest)
    onto_wire(band(across, rows, begun: "edge", **rest), bend, side:, along:, bar:)
  end

  # A disc round a ring of wire.
  def round_ring(rounds, bend, side: "far", along: nil, bar: "1.2 mm", stitch: "single", way: "closed", first: nil,
    more: nil, **rest)
    fabric = {"kind" => "disc", "stitch" => stitch, "first" => first, "more" => more, "rounds" => way}
    onto_wire(crocheted(fabric, count: rounds, begun: "edge", **rest), bend, side:, along:, bar:)
  end

  def tube(around = 8, rounds = 6, stitch: "single", way: "spiral", **rest)
    crocheted({"kind" => "tube", "stitch" => stitch, "rounds" => way,
      "across" => {"kind" => "count", "count" => around}}, count: rounds, **rest)
  end

  def typed(text, begun: 10, kind: "chain", way: "rows", count: 4, **rest)
    rows = Meander::Crochet::Notation.read(text)
    crocheted({"kind" => "rows", "begin" => {"kind" => kind, "count" => begun}, "rounds" => way, "rows" => rows},
      count:, **rest)
  end

  # One kind of bead, or several placements of it.
  def beading(mm: "3 mm", picks: [{"kind" => "every", "every" => [2], "first" => 0}])
    kinds = picks.each_index.map do |i|
      {"id" => "k#{i + 1}", "name" => "Glass #{i + 1}", "material" => "glass", "shape" => "round", "length" => size(mm),
        "width" => size(mm), "hole" => size("1.2 mm"), "drilled" => "along", "mass" => nil, "colour" => "#336699",
        "guessed" => []}
    end
    beads = picks.each_with_index.map do |pick, i|
      {"id" => "b#{i + 1}", "rule" => "crocheted", "section" => "s1", "bead" => "k#{i + 1}", "count" => 0,
        "pick" => pick}
    end
    {"tray" => kinds, "beads" => beads}
  end

  def component(section, wire, count)
    wires = Array.new(count) do |i|
      {"id" => "w#{i + 1}", "kind" => "k1",
        "route" => [{"kind" => "visit", "section" => section["id"], "seat" => "base #{i + 1}"}]}
    end
    {"format" => "meander-piece", "version" => 2, "name" => "Crocheted", "notes" => "", "kind" => "component",
      "worn" => nil, "kinds" => [{"id" => "k1", "use" => "base", "size" => size(wire), "metal" => "copper",
        "temper" => "soft"}], "wires" => wires, "sections" => [section], "endings" => [], "beads" => [], "pins" => [],
      "allowances" => {**Meander::Document::StartingPiece::ALLOWANCES, "trim" => size("0 mm")}}
  end

  def size(typed) = {"typed" => typed}

  def planned(json)
    read = Meander::Document::PieceReader.call(json)
    Meander::Planner::PlanPiece.call(read.piece)
  end
end
