# frozen_string_literal: true

# Braided pieces to test with.
module Braids
  # A component braided of so many strands, or of strands as a document has them. bead: how large, in words; beads: what
  # of their placement is not as usual; all else: fields of the section.
  def braided(strands: 3, wire: "0.8 mm", stitches: 20, bare: "0 mm", bead: nil, beads: {}, **fields)
    strands = Array.new(strands) { {"wires" => 1} } if strands.is_a?(Integer)
    count = strands.sum { |one| one["wires"] }
    section = {"id" => "s1", "craft" => "braid", "copies" => 1, "at" => {"kind" => "first", "turn" => 0},
      "form" => {"kind" => "straight"}, "extent" => {"kind" => "repeats", "count" => stitches},
      "scheme" => {"kind" => "flat"}, "strands" => strands, "bare" => {"length" => size(bare), "gives" => false},
      **fields.transform_keys(&:to_s)}
    JSON.parse(JSON.generate({**component(section, wire, count), **(bead ? beading(bead, beads) : {})}))
  end

  def beading(mm, placed)
    kind = {"id" => "k1", "name" => "Glass", "material" => "glass", "shape" => "round", "length" => size(mm),
      "width" => size(mm), "hole" => size("1.2 mm"), "drilled" => "along", "mass" => nil, "colour" => "#336699",
      "guessed" => []}
    {"tray" => [kind], "beads" => [{"id" => "b1", "rule" => "braided", "section" => "s1", "bead" => "k1",
      "on" => "middle", "every" => [1], "first" => 0, "last" => 0, "count" => 0, **placed}]}
  end

  # As many wires as lie in one section, each cut by itself.
  def component(section, wire, count)
    wires = Array.new(count) do |i|
      {"id" => "w#{i + 1}", "kind" => "k1",
        "route" => [{"kind" => "visit", "section" => section["id"], "seat" => "base #{i + 1}"}]}
    end
    {"format" => "meander-piece", "version" => 2, "name" => "Braided", "notes" => "", "kind" => "component",
      "worn" => nil, "kinds" => [{"id" => "k1", "use" => "base", "size" => size(wire), "metal" => "copper",
        "temper" => "soft"}], "wires" => wires, "sections" => [section], "endings" => [], "beads" => [], "pins" => [],
      "allowances" => {**Meander::Document::StartingPiece::ALLOWANCES, "base_tail" => size("0 mm"),
        "trim" => size("0 mm")}}
  end

  def size(typed) = {"typed" => typed}
end
