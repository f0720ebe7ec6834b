# frozen_string_literal: true

require_relative "../../test_helper"
require_relative "../../support/travelling"

# Where working wire can stay on its spool: as long as an end of the wires it goes between is open when they are woven.
class SpoolTest < PieceTest
  include Travelling

  def supply(plan) = answer(plan)[:supply].find { |way| way[:kind] == "spool" }
  def cut_off(plan) = order(plan).map { |step| plain(step.words) }.grep(/still on its spool/)

  def test_an_open_end_lets_it_pass
    json = travelling({"s1" => FIRST, "s2" => on("s1")}, [[["s1", 1], ["s2", 1]], [["s1", 2], ["s2", 2]]],
      woven_by: [%w[s1 s2]])
    json["sections"].each { |one| one["extent"] = {"kind" => "length", "length" => size("20 mm")} }
    plan = plan(json)

    assert supply(plan)[:possible]
    assert_empty supply(plan)[:why]
    assert_empty cut_off(plan)
  end

  # The fold closes the one end, the strip before it the other: what is left to weave is cut off there, and is what the
  # length has left from where the first strip ends.
  def test_it_is_cut_where_both_ends_are_closed
    plan = plan(folded_strips)
    first = plan.sections[0].strip.account.lengths.last
    told = cut_off(plan)
    used = first.path_mm * (1 + plan.calibration.slack)

    refute supply(plan)[:possible]
    assert_match(/no spool passes where section 2 is worked/, supply(plan)[:why])
    assert_equal 1, told.size
    assert_equal (first.cut_mm - first.begin_mm - used).ceil, told[0][/cut it (\d+) mm/, 1].to_i
  end

  # It is folded before the first strip, though the fold lies beyond the second.
  def test_a_wire_is_folded_before_both_its_legs_are_woven_on
    kinds = order(plan(folded_strips)).map(&:kind)

    assert_operator kinds.index("fold"), :<, kinds.index("weave")
  end

  # A loop made first closes the end that was open; made in its turn, it does not.
  def test_an_ending_made_before_it_is_woven_closes_an_end
    json = folded_strips(woven_by: [%w[s1], %w[s2]])
    json["endings"] = [{"id" => "e1", "kind" => "loop", "inside" => size("5 mm"), "wraps" => 3, "turns" => 1}]
    json["wires"][0]["ends"] = {"start" => {"ending" => "e1", "place" => 1}, "end" => {"ending" => "e1", "place" => 2}}
    shut = ->(steps) { Meander::Work::Order.new(plan(json.merge("steps" => steps))).spool.shut }

    assert_equal %w[s2], shut.call([])
    assert_equal %w[s2], shut.call(%w[s1 s2])
    assert_empty shut.call(%w[s2 s1]), "from the fold on there is always an end that is open"
    assert_equal %w[s1], shut.call(%w[s2 e1 s1]), "a loop at its start leaves it none"
    assert_equal %w[s1 s2], shut.call(%w[e1 s1 s2]), "nor where the fold lies beyond the second strip"
  end

  # Round the outside of both wires it passes whatever is closed.
  def test_round_all_of_them_it_always_passes
    json = folded_strips
    json["sections"].each do |one|
      one["pattern"] = {"kind" => "walk", "gaps" => [0, 2], "before" => [], "after" => []}
    end
    json["wires"][1]["route"] = json["wires"][1]["route"].first(2)

    assert supply(plan(json))[:possible]
  end

  # Frames are closed from the first, and lacing is pulled through the edges of what it joins.
  def test_frames_and_lacing_never_let_it_pass
    plans = demo_documents.map { |json| plan(json) }
    shut = plans.to_h { |plan| [plan, Meander::Work::Order.new(plan).spool.shut] }
    frames = plans.flat_map do |plan|
      plan.sections.select { |one| one.strip && one.opening }.map { |one| [plan, one.id] }
    end

    refute_empty frames
    frames.each { |plan, id| assert_includes shut[plan], id, plan.piece.name }
    plans.each { |plan| assert_empty plan.sections.grep(Meander::Crafts::Lacing::Laced).map(&:id) - shut[plan] }
  end
end
