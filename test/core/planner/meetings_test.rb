# frozen_string_literal: true

require_relative "../../test_helper"
require_relative "../../support/travelling"
require "minimization"

# Ends that must come together: what is found for them, against a general minimizer (Nelder and Mead's, of the gem
# minimization), and what is said where they cannot.
class MeetingsTest < PieceTest
  include Travelling

  NEAR_MM = 1e-6

  # Two arms of woven strip, bent to arcs, from both ends of a straight strip.
  def arms(meetings, turn: -40, radius: 18.0, repeats: 20)
    arc = {kind: "arc", radius:, towards: "near", shaped: "after"}
    places = {"s1" => FIRST, "s2" => on("s1", bare: 4.0, turn:, from: "start"), "s3" => on("s1", bare: 4.0, turn:)}
    json = travelling(places,
      (1..2).map { |seat| [["s2", seat, true], ["s1", seat], ["s3", seat]] }, forms: {"s2" => arc, "s3" => arc})
    json["sections"].drop(1).each { |one| one["extent"]["count"] = repeats }
    json.merge("meetings" => meetings)
  end

  def meeting(id, section, other, asks, *gives)
    {"id" => id, "end" => {"section" => section, "side" => "end"}, "other" => other, "asks" => asks,
      "gives" => gives.map { |value| value.split.then { |name, of| {"section" => of || section, "value" => name} } }}
  end

  def end_of(section) = {"kind" => "end", "section" => section, "side" => "end"}
  def middle = {"kind" => "middle", "section" => "s1"}
  def leaving(plan, id) = plan.pose(plan.placed.section(id)).on(*plan.placed.section(id).out)

  # Both arms flow into each other where the strip's middle is: in one place, heading opposite, one the mirror image of
  # the other.
  def test_arms_that_flow_into_each_other
    plan = plan(arms(%w[s2 s3].map { |id| meeting("m#{id}", id, middle, "flow", "radius", "turn") }))
    one, other = leaving(plan, "s2"), leaving(plan, "s3")

    assert_predicate plan.met, :met?
    assert_in_delta one.x, other.x, NEAR_MM
    assert_in_delta one.y, other.y, NEAR_MM
    assert_in_delta(-1.0, Math.cos(one.turn - other.turn), NEAR_MM)
    found = plan.met.values.group_by { |give, _| give.section }.transform_values { |some| some.map(&:last) }

    found.fetch("s2").zip(found.fetch("s3")).each { |here, there| assert_in_delta here, there, 1e-4 }
  end

  # One arm led to the middle line, heading along the strip: the equations of its two arcs written out, and what is left
  # of them made as small as can be.
  def test_what_is_found_is_what_a_general_minimizer_finds
    plan = plan(arms([meeting("m1", "s3", middle, "flow", "radius", "turn")]))
    radius, turn = plan.met.values.map(&:last)
    half, length = plan.sections.first.length_mm / 2, plan.placed.section("s3").length_mm
    left = ->((mm, degrees)) {
      first = degrees * Math::PI / 180
      bent = first + (length / mm)
      along = half + (4.0 / first * Math.sin(first)) + (mm * (Math.sin(bent) - Math.sin(first)))
      (along**2) + (100 * (Math.sin(bent)**2))
    }
    found = Minimization::NelderMead.minimize(left, [18.0, 40.0])

    assert_in_delta 0.0, found.f_minimum, 1e-6
    assert_in_delta found.x_minimum[0], radius, 2e-3
    assert_in_delta found.x_minimum[1], -turn, 2e-2
  end

  # Ends that touch stand half their widths apart; middles that meet stand in one place, whatever gives.
  def test_touching_and_meeting
    touch = plan(arms([meeting("m1", "s2", end_of("s3"), "touch", "radius")], repeats: 26))
    one, other = leaving(touch, "s2"), leaving(touch, "s3")

    assert_in_delta touch.sections.last.width_mm, Math.hypot(one.x - other.x, one.y - other.y), NEAR_MM
    [%w[radius turn], ["radius", "radius s3"], ["turn", "turn s3"], ["bare", "radius"]].each do |gives|
      met = plan(arms([meeting("m1", "s2", end_of("s3"), "meet", *gives)], repeats: 30))
      one, other = leaving(met, "s2"), leaving(met, "s3")

      assert_in_delta 0.0, Math.hypot(one.x - other.x, one.y - other.y), NEAR_MM, gives.join(", ")
    end
  end

  # Whole counts settle first: of counts near by the one that lets the rest change least.
  def test_whole_counts_settle_first
    gives = ["radius", "radius s3", "repeats s1"]
    plan = plan(arms([meeting("m1", "s2", end_of("s3"), "meet", *gives)], repeats: 22))
    counted = plan.met.values.find { |give, _| give.whole? }

    assert_predicate plan.met, :met?
    assert_kind_of Integer, counted.last
    assert_equal counted.last, plan.sections.first.repeats
  end

  # What was asked for stays as it was typed; the plan has what was found.
  def test_the_document_stays_as_it_was_asked
    json = arms([meeting("m1", "s3", middle, "meet", "turn")])
    plan = plan(json)

    assert_equal "18.0 mm", plan.asked.to_h[:sections][2][:form][:radius][:typed]
    assert_equal(-40, plan.asked.to_h[:sections][2][:at][:turn])
    refute_equal(-40, plan.piece.section("s3")[:at][:turn])
    told = answer(plan)[:met]

    assert told[:met]
    assert_equal [["s3", "turn", -40]], told[:values].map { |one| one.values_at(:section, :value, :stood) }
    assert_in_delta plan.piece.section("s3")[:at][:turn], told[:values].first[:number], 1e-12
  end

  # Ends that cannot meet are told, by how much, and what would free them.
  def test_what_cannot_meet_says_so
    plan = plan(arms([meeting("m1", "s2", end_of("s3"), "meet", "radius", "radius s3")], repeats: 12))
    item = advice(plan, "meeting-not-met")

    assert_equal "stop", item.severity
    assert_match(/stay [\d.]+ mm apart/, plain(item.title))
    assert_operator plan.met.off_mm, :>, 1
    held = plan(arms([meeting("m1", "s2", end_of("s3"), "meet", "radius", "radius s3")], turn: -20, repeats: 24))

    assert_match(/if the (turn|bare|radius) of section \d/, plain(advice(held, "meeting-not-met").remedy))
    assert advice(plan(arms([meeting("m1", "s2", end_of("s3"), "meet", "turn", "turn s3")], repeats: 30)),
      "meeting-not-held")
  end

  # As many values give as it takes, each once, of sections that have them.
  def test_what_may_give
    few = arms([meeting("m1", "s2", end_of("s3"), "meet", "radius")])

    assert_refused "/meetings/0/gives", few, /2 values must give for this, 1 does/
    many = arms([meeting("m1", "s2", middle, "meet", "radius", "turn")])

    assert_refused "/meetings/0/gives", many, /1 value must give for this, 2 do/
    assert_refused "/meetings/0/gives/1", arms([meeting("m1", "s2", end_of("s3"), "meet", "turn", "turn")]), /already/
    assert_refused "/meetings/0/gives/0/value", arms([meeting("m1", "s2", middle, "meet", "length")]), /no such value/
    assert_refused "/meetings/0/gives/0/section", arms([meeting("m1", "s2", middle, "meet", "turn s9")])
    assert_refused "/meetings/0/end/section", arms([meeting("m1", "s9", middle, "meet", "turn")])
    assert_refused "/meetings/0/other/section", arms([meeting("m1", "s2", end_of("s2"), "meet", "turn", "radius")]),
      /own/
    both = arms([meeting("m1", "s2", middle, "meet", "turn", "repeats s2", "repeats s3")])

    assert_refused "/meetings/0/gives", both, /one section/
  end
end
