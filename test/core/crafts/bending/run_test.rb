# frozen_string_literal: true

require_relative "../../../test_helper"
require_relative "../../../support/sections"

# A wire bent to a run of straights and arcs, part by part.
class RunTest < PieceTest
  include Sections

  def straight(mm) = {"kind" => "straight", "length" => size("#{mm} mm")}

  def arc(degrees, towards, radius)
    {"kind" => "arc", "angle" => degrees, "towards" => towards, "radius" => size("#{radius} mm")}
  end

  # A component of one wire, 1 mm thick, bent to a run.
  def of_parts(*parts)
    put_together([{"id" => "s1", "craft" => "bend", "base" => %w[w1], "at" => {"kind" => "first", "turn" => 0},
      "bend" => {"kind" => "line", "length" => size("10 mm")}}], wires: [base("w1", "1 mm")]).then do |json|
      lifted = JSON.parse(JSON.generate(Meander.read(json).piece.to_h))
      lifted["sections"][0]["bend"] = {"kind" => "run", "parts" => parts}
      lifted
    end
  end

  def bent(*parts) = plan(of_parts(*parts)).sections.first

  # The same way stepped through in small chords, from the definition: straights and circles.
  def walked(parts)
    x, y, heading = 0.0, 0.0, 0.0
    parts.each do |part|
      if part["kind"] == "straight"
        mm = part["length"]["typed"].to_f
        x, y = x + (mm * Math.sin(heading)), y + (mm * Math.cos(heading))
      else
        side = (part["towards"] == "far") ? 1 : -1
        radius, turn = part["radius"]["typed"].to_f, part["angle"] * Math::PI / 180 * side
        centre = [x + (side * radius * Math.cos(heading)), y - (side * radius * Math.sin(heading))]
        heading += turn
        x, y = centre[0] - (side * radius * Math.cos(heading)), centre[1] + (side * radius * Math.sin(heading))
      end
    end
    [x, y, heading]
  end

  def part_mm(part)
    part["length"] ? part["length"]["typed"].to_f : part["angle"] * Math::PI / 180 * part["radius"]["typed"].to_f
  end

  def test_any_run_is_as_long_and_ends_where_its_parts_say
    seed = Integer(ENV.fetch("SEED", rand(100_000)))
    random = Random.new(seed)
    25.times do
      parts = Array.new(random.rand(1..12)) do
        next straight(random.rand(0.5..30.0).round(2)) if random.rand < 0.5

        arc(random.rand(1..360), %w[near far].sample(random:), random.rand(0.8..25.0).round(2))
      end
      made = bent(*parts)
      long = parts.sum { |part| part_mm(part) }
      x, y, heading = walked(parts)

      assert_in_delta long, made.length_mm, 1e-9, "seed #{seed}"
      assert_in_epsilon long, Meander::Form::Trace.polyline_mm(made.trace(0)), 0.002, "seed #{seed}"
      [x, y, heading].zip([*made.out[0].first(2), made.out[1]]).each do |told, found|
        assert_in_delta told, found, 1e-6, "seed #{seed}"
      end
      assert_equal [0.0, long].map { |mm| mm.round(6) }, made.marks(0).map(&:first).minmax.map { |mm| mm.round(6) }
      bends = parts.each_cons(2).count { |pair| pair.any? { |part| part["kind"] == "arc" } }

      assert_equal 2 + bends, made.marks(0).size, "seed #{seed}: no mark where a straight goes on from another"
    end
  end

  # A closed outline of arcs and straights meets within a millionth and turns once.
  def test_a_frame_with_round_corners_closes
    made = bent(straight(20), arc(90, "far", 4), straight(10), arc(90, "far", 4), straight(20), arc(90, "far", 4),
      straight(10), arc(90, "far", 4))

    assert_in_delta 0, Math.hypot(*made.out[0].first(2)), 1e-6
    assert_in_delta 2 * Math::PI, made.out[1], 1e-9
    assert_in_delta 60 + (2 * Math::PI * 4), made.length_mm, 1e-9
    assert_empty made.advice(nil)
  end

  def test_it_is_told_part_by_part
    plan = plan(of_parts(straight(12), arc(90, "far", 6), arc(90, "near", 6)))
    words = order(plan).find { |step| step.kind == "shape" }.words

    assert_includes words, "12 mm straight, then 90° towards its far side round a rod of 11 mm, then 90° towards its " \
                           "near side round a rod of 11 mm."
    assert_equal ["arc begins", "one arc ends, the next begins"],
      plan.sections.first.marks(0).map { |_, mark| mark }[1..2]
    near = said(plan(of_parts(arc(350, "far", 10)))).find { |item| item.id == "run-ends-near" }

    assert_equal "The ends of the run miss each other by 1.7 mm", near.title
    assert_includes near.why, "350° in all"
  end

  def test_what_cannot_be_bent
    {[straight(12), arc(90, "far", 0.5)] => "/sections/0/bend/parts/1/radius",
     Array.new(8) { straight(500) } => "/sections/0/bend/parts", [] => "/sections/0/bend/parts",
     [arc(400, "far", 5)] => "/sections/0/bend/parts/0/angle"}.each do |parts, path|
      error = assert_raises(Meander::InvalidInput) { plan(of_parts(*parts)) }

      assert_includes error.faults.map(&:path), path
    end
  end
end
