# frozen_string_literal: true

require_relative "../../support/weaves"

# Pins over every kind of weave: what is answered must hold as an equation, what cannot be answered must say so.
class PinsEverywhereTest < PieceTest
  STATIONS = [["0", "0.6 mm"], ["60 mm", "4 mm"], ["120 mm", "0.6 mm"]]
    .map { |at, clear| {"at" => {"typed" => at}, "clear" => {"typed" => clear}} }.freeze
  SECTIONS = {
    "diamonds" => [5, Weaves::DIAMOND, {}],
    "from the middle" => [5, Weaves::DIAMOND, {"from" => "middle"}],
    "two strands" => [3, Weaves::STAGGER, {"strands" => 2}],
    "opened up" => [2, [0, 1, 0, 2], {"rise" => {"kind" => "open", "pitch" => {"typed" => "3 mm"}}}],
    "held apart" => [2, [1, 2, 1, 0], {"spacing" => {"kind" => "apart", "clear" => [{"typed" => "2 mm"}]}}],
    "gaps that change" => [2, [1, 2, 1, 0],
      {"spacing" => {"kind" => "changing", "ends" => "free", "stations" => STATIONS}}],
    "gaps that change, from the middle" => [2, [1, 2, 1, 0],
      {"from" => "middle", "spacing" => {"kind" => "changing", "ends" => "free", "stations" => STATIONS}}],
    "a walk that runs twice" => [3, [0, 1, 2, 3, 1], {}]
  }.freeze

  def woven(name, pinned, kind = "cuff")
    count, gaps, section = SECTIONS.fetch(name)
    json = document(kind, pins: pins(pinned))
    ids = (1..count).map { |i| "b#{i}" }
    json["wires"] = ids.map { |id| json["wires"].first.merge("id" => id) } << json["wires"].last
    first = gaps.first
    after = [{"gaps" => [first, (first < count) ? first + 1 : first - 1], "times" => 2}]
    json["sections"][0].merge!("base" => ids,
      "pattern" => {"kind" => "walk", "gaps" => gaps, "before" => [], "after" => after}, **section)
    json["endings"].each { |ending| ending["wires"] = ids }
    plan(json)
  end

  def assert_closes(plan, words)
    fit = plan.fit

    assert_in_delta fit.strip_mm, fit.woven_mm + (2 * fit.bare_mm) + plan.ends.reach_mm, 1e-6, words
    if fit.wrist_mm && fit.conflicts.empty?
      assert_in_delta fit.strip_mm,
        fit.wrist_mm + fit.ease_mm + (Math::PI * plan.band.layout.frame.thickness_mm) - fit.opening_mm, 1e-6, words
    end

    assert_in_delta plan.band.layout.woven_mm(fit.repeats), fit.woven_mm, 1e-9, words
    assert_equal 0, fit.repeats % plan.band.layout.sides, words
  end

  SECTIONS.each_key do |name|
    define_method(:"test_each_pin_alone_over_#{name.tr(" ,", "_")}") do
      {"wrist" => "172 mm", "repeats" => 40, "woven" => "118 mm", "weaving_wire" => "2.2 m"}.each do |quantity, value|
        plan = woven(name, {quantity => value})

        assert_empty plan.fit.conflicts, "#{name}: #{quantity}"
        assert_closes plan, "#{name}: #{quantity}"
      end
    end

    define_method(:"test_wire_to_hand_is_never_overdrawn_over_#{name.tr(" ,", "_")}") do
      plan = woven(name, {"weaving_wire" => "1.7 m"})
      more = Meander::Crafts::Weaving::Account.new(plan.band.layout, plan.fit.repeats + plan.band.layout.sides)

      assert_operator plan.band.strip.account.total_mm, :<=, 1700
      assert_operator more.total_mm, :>, 1700
      short = woven(name, {"wrist" => "172 mm", "weaving_wire" => "1.7 m"})

      assert_closes short, name
      assert_equal [plan.fit.repeats, woven(name, {"wrist" => "172 mm"}).fit.repeats].min, short.fit.repeats, name
    end

    define_method(:"test_a_wrist_and_repeats_that_contradict_each_other_over_#{name.tr(" ,", "_")}") do
      wrist = woven(name, {"wrist" => "172 mm"}).fit.repeats
      plan = woven(name, {"wrist" => "172 mm", "repeats" => wrist * 3})
      item = advice(plan, "pins-conflict")

      assert item, name
      assert_equal %w[wrist repeats], item.figures[:pins]
      assert_match(/let go of/i, item.remedy)
      near = woven(name,
        {"wrist" => "172 mm", "repeats" => [wrist - (2 * plan.band.layout.sides), plan.band.layout.sides].max})

      assert_empty near.fit.conflicts, name
      assert_equal ["bare"], near.fit.floats, name
      assert_closes near, name
    end
  end

  def test_a_closed_bracelet_in_any_weave
    SECTIONS.each_key do |name|
      plan = woven(name, {"wrist" => "165 mm"}, "bracelet")

      assert_closes plan, name
      assert_in_delta 0, plan.fit.opening_mm, 1e-12
      assert_equal plan.piece.base_wires.size, plan.ends.at("end").strands.size
    end
  end

  # One more and one fewer are real strips.
  def test_neighbours_are_what_pinning_them_gives
    SECTIONS.each_key do |name|
      plan = woven(name, {"repeats" => 40})
      answer(plan)[:fit][:neighbours].each do |other|
        pinned = woven(name, {"repeats" => other[:repeats]})

        assert_in_delta pinned.band.strip.woven_mm, other[:woven_mm], 1e-6, name
        assert_in_delta pinned.band.strip.account.total_mm - plan.band.strip.account.total_mm,
          other[:weaving_change_mm], 1e-6, name
      end
    end
  end
end
