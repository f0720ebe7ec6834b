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

  # The same put onto an edge of a strip woven over two base wires, s1, so far apart. fields: of that section.
  def onto_edge(piece, side: "far", along: nil, clear: "1.2 mm", repeats: 20, **fields)
    piece = onto_wire(piece, straight(10), side:, along:, bar: "0.8 mm")
    piece["kinds"] << {**piece["kinds"][0], "id" => "k3", "use" => "working", "size" => {"typed" => "0.3 mm"}}
    piece["sections"][0] = JSON.parse(JSON.generate({"id" => "s1", "craft" => "weave", "copies" => 1,
      "at" => {"kind" => "first", "turn" => 0}, "form" => {"kind" => "straight"},
      "bare" => {"length" => {"typed" => "8 mm"}, "gives" => false},
      "extent" => {"kind" => "repeats", "count" => repeats},
      "pattern" => {"kind" => "coils", "single" => 3, "both" => 3, "anchor" => 0, "closing" => 3},
      "spacing" => {"kind" => "apart", "clear" => [{"typed" => clear}]}, "rise" => {"kind" => "packed"},
      "from" => "end",
      **fields.transform_keys(&:to_s)}))
    visit = ->(seat) { [{"kind" => "visit", "section" => "s1", "seat" => seat}] }
    piece["wires"].insert(1, {"id" => "w00", "kind" => "k1", "route" => visit.call("base 2")},
      {"id" => "y0", "kind" => "k3", "route" => visit.call("weaving 1")})
    piece
  end

  # cases: { piece => [pointer, what is accepted there] }.
  def assert_each_refused(cases)
    cases.each do |json, (path, wanted)|
      error = assert_raises(Meander::InvalidInput) { Meander.plan(json) }
      fault = error.faults.find { |one| one.path == path }

      assert fault, "#{path}: #{error.message}"
      assert_operator wanted, :===, fault.accepted
    end
  end

  def straight(mm) = {"kind" => "line", "length" => {"typed" => "#{mm} mm"}}

  # A ring, or part of one.
  def hoop(radius, angle: 360, towards: "near")
    {"kind" => "arc", "radius" => {"typed" => "#{radius} mm"}, "angle" => angle, "towards" => towards}
  end
end
