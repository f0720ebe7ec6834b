# frozen_string_literal: true

require_relative "sections"

# Pieces with a twist in them, see TwistCraft.
module TwistPiece
  include Sections

  def stop_at(section, seat, **more)
    {"kind" => "visit", "section" => section, "seat" => seat, **more.transform_keys(&:to_s)}
  end

  def wire(id, kind, *route, start: nil)
    {"id" => id, "kind" => kind, "route" => route, "ends" => {"start" => start, "end" => nil}}
  end

  def twist(id, halves: 7, at: {"kind" => "first", "turn" => 0}, **changes)
    {"id" => id, "craft" => "twist", "halves" => halves, "rise" => size("3 mm"), "hand" => "right", "at" => at,
      **changes.transform_keys(&:to_s)}
  end

  # Sections of crafts that are known, as the present version of the document has them: stands on the twist s1.
  def known(*sections, wires:)
    JSON.parse(JSON.generate(Meander::Document::PieceReader.call(put_together(sections, wires:)).piece.to_h))
  end

  # A twist whose wires go on into a woven arc, beads on it, a lacing from it to a bent wire beside.
  def twisted(**changes)
    beside = {"kind" => "beside", "section" => "s1", "across" => size("4 mm"), "along" => size("0 mm"), "side" => "far"}
    json = known(woven("s2", %w[w1 w2], {kind: "arc", radius: 40.0, towards: "far"}),
      bent("s3", "w3", {kind: "line", length: 20.0}), wires: [base("w1"), base("w2"), base("w3"), weaving])
    arc, line = json["sections"]
    json["sections"] =
      [twist("s1", **changes), arc.merge("at" => after("s1")), line.merge("at" => beside),
        {"id" => "s4", "craft" => "lace", "rows" => %w[s1 s3], "places" => 3, "wraps" => 2}]
    json["wires"].first(2).each_with_index { |one, i| one["route"].unshift(stop_at("s1", "base #{i + 1}")) }
    json["wires"] << wire("w10", json["wires"].last["kind"], stop_at("s4", "lacing 1"))
    json["wires"][0]["ends"]["start"] = {"ending" => "e1", "place" => 1}
    json.merge("endings" => [{"id" => "e1", "kind" => "eye", "inside" => size("3 mm")}], "tray" => [round],
      "beads" => [
        {"id" => "b1", "rule" => "strung", "bead" => "k1", "section" => "s1", "from" => size("0 mm"),
          "apart" => size("0 mm"), "count" => 2}
      ])
  end

  # A twist of one wire that is folded and comes back, bound with two wires at one seat.
  def folded
    json = known(bent("s2", "w1", {kind: "line", length: 20.0}), wires: [base("w1"), base("w2")])
    fine = {"id" => "k9", "use" => "working", "size" => size("0.3 mm"), "metal" => "copper", "temper" => "soft"}
    wires = [wire("w1", json["kinds"][0]["id"], stop_at("s1", "base 1"), {"kind" => "fold", "id" => "f1"},
      stop_at("s1", "base 2", back: true)),
      *%w[w2 w3].map { |id| wire(id, "k9", stop_at("s1", "binding 1")) }]
    json.merge("sections" => [twist("s1")], "wires" => wires, "kinds" => [json["kinds"][0], fine])
  end

  def round
    {"id" => "k1", "name" => "Saltmarsh round", "material" => "glass", "shape" => "round", "length" => size("4 mm"),
      "width" => size("4 mm"), "hole" => size("1.2 mm"),
      "drilled" => "along", "mass" => nil, "colour" => "#4b7f7a", "guessed" => []}
  end
end
