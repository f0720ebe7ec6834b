# frozen_string_literal: true

require_relative "../test_helper"
require_relative "../support/sections"
require_relative "../support/twist_craft"
require "nokogiri"

# A craft that the core has never heard of is planned, drawn, cut, told and exported as the others are.
class SeamTest < PieceTest
  include Sections

  def setup = Meander::Crafts::Registry.add("twist", TwistCraft)
  def teardown = Meander::Crafts::Registry.all.delete("twist")

  def twist(id, wires, halves: 7, at: {"kind" => "first", "turn" => 0}, **changes)
    {"id" => id, "craft" => "twist", "base" => wires, "halves" => halves, "rise" => size("3 mm"), "hand" => "right", "at" => at, **changes.transform_keys(&:to_s)}
  end

  # A twist whose wires go on into a woven arc, beads on it, a lacing from it to a bent wire beside.
  def piece(**changes)
    sections = [twist("s1", %w[w1 w2], **changes), woven("s2", %w[w1 w2], {kind: "arc", radius: 40.0, towards: "far"}, at: after("s1")),
      bent("s3", "w3", {kind: "line", length: 20.0}, at: {"kind" => "beside", "section" => "s1", "across" => size("4 mm"), "along" => size("0 mm"), "side" => "far"}),
      {"id" => "s4", "craft" => "lace", "base" => [], "weaving" => ["w9"], "rows" => %w[s1 s3], "places" => 3, "wraps" => 2}]
    beads = [{"id" => "b1", "rule" => "strung", "bead" => "k1", "section" => "s1", "from" => size("0 mm"), "apart" => size("0 mm"), "count" => 2}]
    kind = {"id" => "k1", "name" => "Saltmarsh round", "material" => "glass", "shape" => "round", "length" => size("4 mm"), "width" => size("4 mm"), "hole" => size("1.2 mm"),
      "drilled" => "along", "mass" => nil, "colour" => "#4b7f7a", "guessed" => []}
    endings = [{"id" => "e1", "kind" => "eye", "side" => "start", "wires" => ["w1"], "inside" => size("3 mm")}]
    put_together(sections, wires: [base("w1"), base("w2"), base("w3"), weaving], endings:).merge("beads" => beads, "tray" => [kind])
  end

  def test_it_is_planned_and_cut
    made = plan(piece)
    twisted = made.sections.first

    # Both strands run round the middle line between them: n sqrt(h^2 + (pi r)^2), any text on helices.
    assert_in_delta 7 * Math.hypot(3, Math::PI * 0.4), twisted.run_mm(0), 1e-9
    assert_in_epsilon twisted.run_mm(0), Meander::Form::Trace.polyline_mm(twisted.trace(0)), 2e-3
    first = made.runs.first
    parts = first.parts.select { |part| part.section == "s1" }

    assert_in_delta twisted.run_mm(0), parts.sum(&:mm), 1e-9
    assert_in_delta first.total_mm, made.cuts.find { |cut| cut.wires == ["w1"] }.total_mm, 1e-9
    assert_includes first.marks.map(&:words), "twist ends"
    assert_operator(made.runs[2].marks.map(&:words).grep(/tie|lacing/).size + first.marks.map(&:words).grep(/tie|lacing/).size, :>=, 3)
    # Seven half turns change the wires' sides, so the one that begins on the near side leaves on the far one.
    assert_operator twisted.trace(0).first[0] * twisted.trace(0).last[0], :<, 0
  end

  def test_it_is_told_everywhere
    made = plan(piece)
    told = Meander::Output::PlanJson.call(made)

    assert(told[:steps].any? { |step| step[:words] == "Twist the two wires of section 1 7 half turns." && step[:sections] == ["s1"] && step[:wires] == %w[w1 w2] })
    assert_equal 2, told[:beads].first[:count]
    assert_includes Meander::Output::PlanWords.call(made).join("\n"), "a twist of 7 half turns"
    assert_includes Meander::Output::CutListCsv.call(made), "twist ends"
    %w[front back].each { |face| assert_empty Nokogiri::XML(Meander::Output::Drawing.call(made, title: "Twist", face:)).errors }
    assert advice(plan(piece(halves: 70)), "twist-long")
    assert_nil advice(made, "twist-long")
    assert_equal "/sections/0/halves", advice(plan(piece(halves: 70)), "twist-long").place
  end

  def test_what_cannot_be_made_is_said
    error = assert_raises(Meander::InvalidInput) { plan(piece(rise: size("1 mm"))) }

    assert_equal ["/sections/0/rise"], error.faults.map(&:path)
    error = assert_raises(Meander::InvalidInput) { plan(piece.tap { |json| json["sections"][0]["halves"] = 0 }) }

    assert_equal ["/sections/0/halves"], error.faults.map(&:path)
    assert_equal JSON.parse(JSON.generate(plan(piece).piece.to_h)), JSON.parse(JSON.generate(plan(JSON.parse(JSON.generate(plan(piece).piece.to_h))).piece.to_h))
  end
end
