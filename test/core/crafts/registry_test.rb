# frozen_string_literal: true

require_relative "../../test_helper"
require_relative "../../support/twist_piece"
require_relative "../../support/twist_craft"
require "nokogiri"

# A craft that the core has never heard of is planned, drawn, cut, told and exported as the others are.
class SeamTest < PieceTest
  include TwistPiece

  def setup = Meander::Crafts::Registry.add("twist", TwistCraft)
  def teardown = Meander::Crafts::Registry.all.delete("twist")

  def test_it_is_planned_and_cut
    made = plan(twisted)
    coil = made.sections.first

    # Both strands run round the middle line between them: n sqrt(h^2 + (pi r)^2), any text on helices.
    assert_in_delta 7 * Math.hypot(3, Math::PI * 0.4), coil.run_mm(0), 1e-9
    assert_in_epsilon coil.run_mm(0), Meander::Form::Trace.polyline_mm(coil.trace(0)), 2e-3
    first = made.runs.first
    parts = first.parts.select { |part| part.section == "s1" }

    assert_in_delta coil.run_mm(0), parts.sum(&:mm), 1e-9
    assert_in_delta first.total_mm, made.runs.find { |cut| cut.wire.id == "w1" }.total_mm, 1e-9
    assert_includes first.marks.map(&:words), "twist ends"
    assert_operator(made.runs[2].marks.map(&:words).grep(/tie|lacing/).size +
      first.marks.map(&:words).grep(/tie|lacing/).size, :>=, 3)
    # Seven half turns change the wires' sides, so the one that begins on the near side leaves on the far one.
    assert_operator coil.trace(0).first[0] * coil.trace(0).last[0], :<, 0
  end

  # One wire there and back again is cut in one, its fold between its two visits; two wires share the seat they bind at.
  def test_one_wire_visits_it_twice_and_two_share_a_seat
    made = plan(folded)
    cut = made.runs.first

    assert_equal [["w1"], 2, true], [made.runs.map { |one| one.wire.id }, cut.stops.size, cut.folded?]
    assert_equal %w[tail ending section fold section ending tail], cut.parts.map(&:kind)
    assert_in_delta 2 * made.sections.first.run_mm(0), cut.parts.select { |part| part.kind == "section" }.sum(&:mm),
      1e-9
    marks = cut.marks.map { |mark| [mark.at_mm, mark.words] }

    assert_equal marks.sort_by(&:first), marks
    assert_equal 2, marks.count { |_, words| words == "twist ends" }
    assert_equal %w[w2 w3], made.separate_lengths.map { |own| own.wire.id }
    rows = Meander::Output::PlanJson.call(made)[:cuts]

    assert_equal %w[w1 w2 w3], rows.flat_map { |row| row[:wires] }.sort
    third = folded.tap { |json| json["wires"] << wire("w4", "k9", stop_at("s1", "binding 1")) }
    error = assert_raises(Meander::InvalidInput) { plan(third) }

    assert_equal ["/wires/3/route/0/seat"], error.faults.map(&:path)
  end

  def test_it_is_told_everywhere
    made = plan(twisted)
    told = Meander::Output::PlanJson.call(made)

    assert(told[:steps].any? { |step|
      step[:words] == "Twist the two wires of section 1 7 half turns." &&
          step[:sections] == ["s1"] && step[:wires] == %w[w1 w2]
    })
    assert_equal 2, told[:beads].first[:count]
    assert_includes Meander::Output::PlanWords.call(made).join("\n"), "a twist of 7 half turns"
    assert_includes Meander.csv(made), "twist ends"
    %w[front back].each do |face|
      assert_empty Nokogiri::XML(Meander::Output::Drawing.call(made, title: "Twist", face:)).errors
    end
    assert advice(plan(twisted(halves: 70)), "twist-long")
    assert_nil advice(made, "twist-long")
    assert_equal "/sections/0/halves", advice(plan(twisted(halves: 70)), "twist-long").place
  end

  # A pair of them is made, the second one told as the first: the craft knows of no mirror image.
  def test_a_pair_of_them_is_made
    planned = Meander::Making::Planned.call(plan({**twisted, "pair" => true, "kind" => "earring",
      "worn" => {"on" => "ear"}}))
    steps = planned[:steps].select { |step| step[:words].include?("7 half turns") }

    refute planned[:mirrored]
    assert_equal [steps[0][:words]] * 2, steps.map { |step| step[:words] }
    assert_equal steps[0][:number], steps[1][:first]
  end

  def test_what_cannot_be_made_is_said
    error = assert_raises(Meander::InvalidInput) { plan(twisted(rise: size("1 mm"))) }

    assert_equal ["/sections/0/rise"], error.faults.map(&:path)
    error = assert_raises(Meander::InvalidInput) { plan(twisted.tap { |json| json["sections"][0]["halves"] = 0 }) }

    assert_equal ["/sections/0/halves"], error.faults.map(&:path)
    assert_equal JSON.parse(JSON.generate(plan(twisted).piece.to_h)),
      JSON.parse(JSON.generate(plan(JSON.parse(JSON.generate(plan(twisted).piece.to_h))).piece.to_h))
  end
end
