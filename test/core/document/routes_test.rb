# frozen_string_literal: true

require_relative "../../test_helper"
require_relative "../../support/sections"

# Wires that travel through sections: what a document of the present version may say of them, and what is refused, where
# and why.
class RoutesTest < PieceTest
  include Sections

  def faults(json)
    plan(json)
    {}
  rescue Meander::InvalidInput => e
    e.faults.to_h { |fault| [fault.path, fault.message] }
  end

  # What a maker starts from is what it was in the first version, lifted.
  def test_starts_are_as_they_were
    Meander::Document::Fields::PIECES.each_key do |kind|
      begun = start(kind)
      # Since then a row of links has as many frames as the wrist asks for.
      begun["sections"][0]["form"]["frames"] = 9 if kind == "links"
      was, now = [document(kind), begun].map { |json| Meander::Output::PlanJson.call(plan(json)) }

      assert_equal was.slice(:mass_g, :extent_mm, :beads), now.slice(:mass_g, :extent_mm, :beads), kind
      assert_equal was[:cuts].map { |cut| cut.except(:wire, :wires) },
        now[:cuts].map { |cut| cut.except(:wire, :wires) }, kind
      assert_equal was[:steps].map { |step| step[:words] }, now[:steps].map { |step| step[:words] }, kind
    end
  end

  ROUTES = {
    "wires.0.kind" => ["k9", "/wires/0/kind"], "wires.0.route.0.section" => ["s9", "/wires/0/route/0/section"],
    "wires.0.route.0.seat" => ["base 26", "/wires/0/route/0/seat"],
    "wires.2.route.0.seat" => ["base 1", "/wires/2/route/0/seat"],
    "wires.1.route.0.seat" => ["base 1", "/wires/1/route/0/seat"], "wires.1.id" => ["w1", "/wires/1/id"],
    "wires.0.route" => [[], "/wires/0/route"], "wires.0.ends.start.ending" => ["e9", "/wires/0/ends/start/ending"],
    "wires.0.ends.start.place" => [2, "/endings/0"],
    "wires.2.ends.start" => [{"ending" => "e1", "place" => 3}, "/endings/0/kind"],
    "endings.0.id" => ["e7", "/wires/0/ends/start/ending"],
    "wires.2.route.0" => [{"kind" => "cover", "fold" => "f9"}, "/wires/2/route/0/fold"],
    "kinds.1.use" => ["base", "/wires/2/route/0/seat"],
    "kinds.2" => [
      {"id" => "k3", "use" => "working", "size" => {"typed" => "0.3 mm"}, "metal" => "copper", "temper" => "soft"},
      "/kinds/2"
],
    "worn" => [{"on" => "ear"}, "/worn"], "worn.opening" => [nil, "/worn/opening"], "pair" => [true, "/pair"],
    "pins.0" => [{"id" => "p1", "quantity" => "wire", "kind" => "k1", "length" => {"typed" => "3 m"}}, "/pins/0/kind"],
    "sections.0.extent" => [{"kind" => "fill"}, "/sections/0/extent/kind"]
  }.freeze

  def test_what_a_route_cannot_say_is_named_where_it_stands
    ROUTES.each do |place, (value, path)|
      found = faults(start("cuff", "#{place}": value))

      assert found.keys.any? { |key| key.start_with?(path) }, "#{place}: #{found}"
      found.each_value { |message| refute_empty message, place }
    end
  end

  # A gap among the seats, a wire that jumps, a fold that joins two sides, a wire to work with that goes on: none of
  # them can be made.
  def test_ways_no_wire_can_go
    gap = start("cuff").tap { |json| json["wires"][1]["route"][0]["seat"] = "base 3" }
    jump = start("cuff").tap do |json|
      json["wires"][0]["route"] << json["wires"][1]["route"][0] && json["wires"].delete_at(1)
    end
    across = start("earring").tap { |json| json["wires"][0]["route"].last["back"] = false }
    onward = start("earring").tap { |json| json["wires"][1]["route"] << {"kind" => "cover", "fold" => "f1"} }
    loose = start("earring").tap { |json| json["wires"][0]["route"].pop }

    assert_equal ["/sections/0"], faults(gap).keys
    jewel = start("component").tap { |json| json["wires"][0]["route"][0]["seat"] = "base 2" }
    found = assert_raises(Meander::InvalidInput) { Meander::Document::PieceReader.call(jewel) }.faults

    assert_equal "base 1", found.find { |fault| fault.path.end_with?("seat") }.accepted
    assert_includes faults(jump).keys, "/wires/0/route/1"
    assert_includes faults(across)["/wires/0/route/2"], "a fold joins two ends of one side"
    assert_includes faults(onward)["/wires/1/route/1/kind"], "cannot be planned yet"
    assert_includes faults(loose)["/wires/0/route"], "no end"
  end

  # What has its place and cannot be planned yet is read, and refused by name.
  def test_not_yet
    {"stones" => [{"id" => "g1"}], "steps" => %w[a], "sections.0.copies" => 3}.each do |place, value|
      found = faults(start("component", "#{place}": value))

      refute_empty found, place
      assert(found.keys.all? { |path| path.start_with?("/#{place.tr(".", "/")}") }, "#{place}: #{found}")
    end
    assert_equal ["this cannot be planned yet"], faults(start("component", "sections.0.copies": 3)).values
  end

  # A fold at the end of what goes on through two sections: one wire there and back, cut in one, as long as two would be
  # and the fold.
  def test_one_wire_through_two_sections_and_back
    sections =
      [woven("s1", %w[w1 w2]), woven("s2", %w[w1 w2], {kind: "arc", radius: 30.0, towards: "far"}, at: after("s1"))]
    two, one = [[], [{"id" => "e1", "kind" => "fold", "side" => "end", "wires" => %w[w1 w2]}]].map do |endings|
      plan(put_together(sections, wires: [base("w1"), base("w2"), weaving], endings:))
    end
    cut = one.runs.first

    assert_equal [1, %w[s1 s2 s2 s1], [false, false, true, true]],
      [one.runs.size, cut.stops.map { |stop| stop.section.id }, cut.stops.map(&:back)]
    runs = ->(
      made) {
      made.runs
            .sum { |run| run.parts.select { |part| %w[section bare between].include?(part.kind) }.sum(&:mm) }
    }

    assert_in_delta runs.call(two), runs.call(one), 1e-9
    assert_equal cut.marks.map(&:at_mm).sort, cut.marks.map(&:at_mm)
    assert_equal two.sections.map(&:length_mm), one.sections.map(&:length_mm)
  end
end
