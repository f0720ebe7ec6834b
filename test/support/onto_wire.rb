# frozen_string_literal: true

# A piece of one section put onto a bent wire.
module OntoWire
  # Section s1 is that wire, s2 what there was. bend: as documents have it; bar: how thick it is; side, along: of where
  # it stands.
  def onto_wire(piece, bend, side:, along:, bar:)
    piece = JSON.parse(JSON.generate(piece).gsub('"s1"', '"s2"').gsub('"k1"', '"k2"'))
    piece["sections"][0]["at"] = {"kind" => "rim", "section" => "s1", "along" => along, "side" => side}
    piece["sections"].unshift({"id" => "s1", "craft" => "bend", "copies" => 1, "at" => {"kind" => "first", "turn" => 0},
      "bend" => bend})
    piece["kinds"].unshift({"id" => "k1", "use" => "base", "size" => {"typed" => bar}, "metal" => "brass",
      "temper" => "half_hard"})
    route = [{"kind" => "visit", "section" => "s1", "seat" => "base 1"}]
    piece["wires"].unshift({"id" => "w0", "kind" => "k1", "route" => route})
    piece
  end

  def straight(mm) = {"kind" => "line", "length" => {"typed" => "#{mm} mm"}}

  # A ring, or part of one.
  def hoop(radius, angle: 360, towards: "near")
    {"kind" => "arc", "radius" => {"typed" => "#{radius} mm"}, "angle" => angle, "towards" => towards}
  end
end
