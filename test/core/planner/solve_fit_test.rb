# frozen_string_literal: true

require_relative "../../test_helper"

class SolveFitTest < PieceTest
  def solved(pinned, kind = "cuff", **changes) = plan(document(kind, pins: pins(pinned), **changes))

  def conflict(pinned, ...)
    plan = solved(pinned, ...)
    item = advice(plan, "pins-conflict")

    assert item, "#{pinned} should contradict each other"
    assert_equal "stop", item.severity
    item
  end

  def agrees(pinned, ...)
    plan = solved(pinned, ...)

    assert_empty plan.fit.conflicts
    plan
  end

  # What was worked out must hold as an equation: strip = wrist + ease + pi t - opening.
  def assert_closes(plan)
    fit = plan.fit

    assert_in_delta fit.strip_mm,
      fit.wrist_mm + fit.ease_mm + (Math::PI * plan.band.layout.frame.thickness_mm) - fit.opening_mm, 1e-6
    assert_in_delta fit.strip_mm, fit.woven_mm + (2 * fit.bare_mm) + plan.ends.reach_mm, 1e-9
  end

  def test_the_wrist_alone_takes_the_nearest_repeat_and_tells_the_difference
    plan = agrees({"wrist" => "170 mm"})

    assert_closes plan
    assert_operator plan.fit.off_mm.abs, :<=, plan.band.layout.pattern.advance_mm / 2
    assert_in_delta 5, plan.fit.bare_mm, 1e-9
    assert_in_delta 12 + plan.fit.off_mm, plan.fit.ease_mm, 1e-9
  end

  def test_one_more_and_one_fewer_are_told
    plan = agrees({"wrist" => "170 mm"})
    fewer, more = answer(plan)[:fit][:neighbours]

    assert_equal [plan.fit.repeats - 1, plan.fit.repeats + 1], [fewer[:repeats], more[:repeats]]
    assert_in_delta plan.band.layout.pattern.advance_mm, more[:change_mm], 1e-9
    assert_operator fewer[:off_mm].abs, :>=, plan.fit.off_mm.abs
    assert_operator more[:weaving_change_mm], :>, 0
  end

  def test_each_quantity_alone_answers_the_others
    repeats = agrees({"repeats" => 50})

    assert_closes repeats
    assert_equal 50, repeats.fit.repeats
    woven = agrees({"woven" => "120 mm"})

    assert_closes woven
    assert_in_delta 120, woven.band.strip.woven_mm, woven.band.layout.pattern.advance_mm / 2
    wire = agrees({"weaving_wire" => "1.5 m"})

    assert_closes wire
    assert_operator wire.band.strip.account.total_mm, :<=, 1500
    assert_operator Meander::Crafts::Weaving::Account.new(wire.band.layout, wire.fit.repeats + 1).total_mm, :>, 1500
  end

  def test_wrist_and_repeats
    plan = agrees({"wrist" => "170 mm", "repeats" => 50})

    assert_closes plan
    assert_equal [50, ["bare"]], [plan.fit.repeats, plan.fit.floats]
    tight = agrees({"wrist" => "170 mm", "repeats" => 61})

    assert_closes tight
    assert_equal [%w[bare ease], 0.0], [tight.fit.floats, tight.fit.bare_mm]
    item = conflict({"wrist" => "170 mm", "repeats" => 90})

    assert_equal %w[wrist repeats], item.figures[:pins]
    assert_equal %w[wrist repeats], item.figures[:frees].map { |free| free[:pin] }
    assert_match(/let go of the repeats \(it becomes 5\d repeats\)/i, item.remedy)
  end

  def test_wrist_and_woven_length
    plan = agrees({"wrist" => "170 mm", "woven" => "110 mm"})

    assert_closes plan
    assert_equal ["bare"], plan.fit.floats
    assert_equal %w[wrist woven], conflict({"wrist" => "150 mm", "woven" => "260 mm"}).figures[:pins]
  end

  def test_wrist_and_weaving_wire
    plenty = agrees({"wrist" => "170 mm", "weaving_wire" => "9 m"})

    assert_closes plenty
    assert_operator plenty.spare_mm, :>, 5000
    short = agrees({"wrist" => "170 mm", "weaving_wire" => "2 m"})

    assert_closes short
    assert_equal ["bare"], short.fit.floats
    assert advice(short, "wire-limits-length")
    assert_equal %w[wrist wire], conflict({"wrist" => "170 mm", "weaving_wire" => "150 mm"}).figures[:pins]
  end

  def test_repeats_and_woven_length
    assert_closes agrees({"repeats" => 50, "woven" => "121 mm"})
    item = conflict({"repeats" => 50, "woven" => "90 mm"})

    assert_equal %w[repeats woven], item.figures[:pins]
    assert_match(/woven length \(it becomes 121.2 mm woven\)/, item.remedy)
  end

  def test_repeats_and_weaving_wire
    assert_closes agrees({"repeats" => 20, "weaving_wire" => "2 m"})
    item = conflict({"repeats" => 50, "weaving_wire" => "1 m"})

    assert_equal %w[repeats wire], item.figures[:pins]
    assert_match(/50 repeats need/, item.why)
  end

  def test_woven_length_and_weaving_wire
    assert_closes agrees({"woven" => "60 mm", "weaving_wire" => "2 m"})
    assert_equal %w[woven wire], conflict({"woven" => "160 mm", "weaving_wire" => "1 m"}).figures[:pins]
  end

  def test_all_four_pins_may_agree
    free = agrees({"wrist" => "170 mm"})
    pinned = {"wrist" => "170 mm", "repeats" => free.fit.repeats, "woven" => "#{free.band.strip.woven_mm.round(2)} mm",
      "weaving_wire" => "9 m"}

    assert_closes agrees(pinned)
  end

  def test_a_strip_for_no_wrist_is_said_so
    item = conflict({"repeats" => 1}, "bracelet")

    assert_match(/goes round no wrist/, item.why)
  end

  def test_openings_by_length_and_by_share
    share = agrees({"wrist" => "180 mm"}, "body.opening": {"kind" => "share", "share" => 0.2})
    length = agrees({"wrist" => "180 mm"}, "body.opening": {"kind" => "length", "length" => size("36 mm")})

    assert_in_delta 36, share.fit.opening_mm, 1e-9
    assert_in_delta length.fit.strip_mm, share.fit.strip_mm, 1e-9
    back = agrees({"repeats" => share.fit.repeats}, "body.opening": {"kind" => "share", "share" => 0.2})

    assert_in_delta 180 + (share.fit.off_mm / 0.8), back.fit.wrist_mm, 1e-6
  end

  # Whatever is pinned, the plan is whole: finite figures, at least one repeat, and no exception.
  def test_any_mixture_of_values_gives_a_whole_plan
    seed = Random.new_seed % 100_000
    random = Random.new(seed)
    20.times do
      values = {"wrist" => "#{random.rand(20..400)} mm", "repeats" => random.rand(1..300),
        "woven" => "#{random.rand(1..500)} mm", "weaving_wire" => "#{random.rand(10..9000)} mm"}
      pinned = values.to_a.sample(random.rand(1..4), random:).to_h
      plan = solved(pinned, %w[cuff bracelet].sample(random:), "sections.0.pattern.single": random.rand(1..20),
        "sections.0.pattern.both": random.rand(1..20),
        "allowances.working_length": size("#{random.rand(100..3000)} mm"),
        "sections.0.bare": size("#{random.rand(0..30)} mm"))
      numbers = JSON.generate(answer(plan)).scan(/-?\d+\.\d+e?\d*/).map(&:to_f)

      assert numbers.all?(&:finite?), "seed #{seed}: #{pinned}"
      assert_operator plan.fit.repeats, :>=, 1
      assert_operator plan.fit.bare_mm, :>=, 0
    end
  end
end
