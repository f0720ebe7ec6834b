# frozen_string_literal: true

require_relative "../../../test_helper"
require_relative "../../../support/rims"

# Cords hung by their folds from the last row of other knots, a bar of hitches across all of them.
class RidgeTest < Minitest::Test
  include Knots

  def fringe(...) = Rims::Rows.below(...)
  def lower(plan) = plan.sections.last

  # As from a bar as thick as the cord across and a turn of the others before and behind it.
  def test_cut_as_from_a_bar
    bar = knotted("s4 s4", cords: 8, mount: {"kind" => "head", "over" => size("3 mm"), "room" => nil})
    of_bar = Meander.plan(bar).sections.first
    hung = lower(Meander.plan(fringe))

    of_bar.base.each_index { |number| assert_in_delta of_bar.run_mm(number), hung.run_mm(number), 1e-9 }
    assert_in_delta 3.0, hung.layout.bar.thick_mm
  end

  # It hangs down from the middle of that row, which is as long as its cords take up, or about another place of it, told
  # from either end.
  def test_where_it_hangs
    [["near", nil, 0.0], ["far", nil, 0.0], ["near", "14 mm", -4.0], ["far", "14 mm", 4.0]].each do |side, along, x|
      plan = Meander.plan(fringe(side:, along:))
      upper, pose = plan.sections.first, plan.placed.pose(lower(plan))
      row = upper.placed.last

      assert_in_delta 0.0, pose.turn, 1e-9
      assert_in_delta x, pose.x, 1e-9
      assert_in_delta row.y + (row.size.advance_mm / 2), pose.y, 1e-9
    end
  end

  def test_told
    plan = Meander.plan(fringe(along: "14 mm"))
    told = Meander.steps(plan).join("\n")

    assert_match(/section 2 hangs from the bar of section 1/i, told)
    assert_match(/in front of the bar of section 1 \(3 mm thick\)/, told)
    assert_match(/to either side of the place 14 mm from its left end\. Draw each loop through between the cords/, told)
    assert_match(/a knotted panel of 8 cords, hung from a bar/, Meander.answer(plan).to_s)
    ids = Meander.answer(plan)[:advice].map { |one| one[:id] }

    assert_empty ids & %w[sections-overlap rim-crossed section-loose]
    refute(plan.runs.any? { |run| run.marks.any? { |mark| mark.words.include?("middle of section") } })
  end

  # Told near for far it hangs from the mirrored row, as far from the other end.
  def test_its_mirror_image
    json = fringe(along: "14 mm")
    at = Meander.read(json).piece.document[:sections].last
    mirrored = Meander::Crafts::Knotting::Craft.mirrored(at, {"s2" => 8})[:at]

    assert_equal ["far", "14 mm"], [mirrored[:side], mirrored[:along].typed]
  end

  def test_what_nothing_hangs_from
    at, any = "/sections/1/at/section", //

    assert_each_refused(
      fringe(onto: "s4 s4 s4") => [at, /a bar across all its cords/],
      fringe(onto: "b6> b6>") => [at, /a bar across all its cords/],
      fringe(onto: "-1 b11>") => [at, /a bar across all its cords/],
      fringe(form: {"kind" => "ring"}) => [at, /lie straight and flat/],
      fringe(round: {"across" => size("40 mm"), "deep" => size("9 mm")}, spacing: nil) => [at, /lie straight and flat/],
      fringe(along: "2 mm") => ["/sections/1/at/along", any]
    )
  end
end
