# frozen_string_literal: true

require_relative "../../test_helper"

# All crafts side by side: the same figures as each craft tells by itself, and as pieces planned in them come to.
class AcrossCraftsTest < PieceTest
  def rows(base: "1 mm", working: "0.4 mm", calibration: Meander::Calibration.usual)
    Meander::Output::AcrossCrafts.call({"base" => {"typed" => base}, "working" => {"typed" => working}}, calibration)
  end

  def row(name, **asked) = rows(**asked).find { |one| one[:name] == name }

  def test_every_craft_tells_a_width_a_wire_and_a_time
    all = rows

    assert_equal %w[weave braid crochet knot], all.map { |one| one[:craft] }.uniq
    assert_equal all.map { |one| one.values_at(:craft, :key) }.uniq.size, all.size
    all.each do |one|
      figures = one.values_at(:width_mm, :thickness_mm, :worked_mm, :minutes)

      assert figures.all? { |figure| figure.finite? && figure.positive? }, one.inspect
      assert_operator one[:worked_mm] + one[:held_mm], :>, 10, "#{one[:name]}: no centimetre is made of less"
    end
    refute_includes all.map { |one| one[:name] }, "a disc of singles"
  end

  # Woven, as on the command line; a coil round one wire by its turns: 2.5 a mm of 0.4 mm wire, each the root of (pi
  # 1.4)^2 + 0.4^2 or up to 0.4 % more for its lean; braided, as the collection of braids tells it.
  def test_figures_are_those_of_each_craft
    woven = Meander.weave("base" => "1,1", "wire" => "0.4", "gaps" => "0,1,0,1,0,1,0,2,0,2,0,2", "repeats" => "10")
    three = row("three and three")

    assert_in_delta woven[:path_mm] * 10 / woven[:woven_mm], three[:worked_mm], 1e-6
    assert_equal [woven[:width_mm], 20.0], three.values_at(:width_mm, :held_mm)
    coil = row("a plain coil")[:worked_mm]

    assert_in_delta 25 * Math.hypot(Math::PI * 1.4, 0.4), coil, 0.005 * coil
    braid = Meander.braid("strands" => "3", "diameter" => "1", "length" => "100")

    assert_in_delta braid[:wire_mm] / 10, row("three, over and under")[:worked_mm], 1e-6
  end

  # A piece planned in it takes so much time for each centimetre, and so does one at a slower pace.
  def test_time_is_that_of_a_plan
    plan = Meander.plan(Meander.start("plait"))
    braided = plan.sections.first
    expected = row("three, over and under", base: plan.piece.base_wires.first.size.typed)[:minutes] *
      (braided.length_mm - (2 * braided.bare_mm)) / 10

    assert_in_delta expected, plan.minutes, 0.03 * expected
    slow = Meander::Calibration.of({pace: 10, paces: {knot: 5}})

    assert_in_delta 2 * row("square knots in a line")[:minutes],
      row("square knots in a line", calibration: slow)[:minutes], 1e-9
  end

  def test_wires_beyond_a_craft_are_named
    faults = assert_raises(Meander::InvalidInput) { rows(working: "2.5 mm") }.faults

    assert_equal [["/working", "2.5 mm"]], faults.map { |fault| [fault.path, fault.given] }
    assert_raises(Meander::InvalidInput) { rows(base: "banana") }
  end
end
