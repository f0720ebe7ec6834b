# frozen_string_literal: true

require_relative "../test_helper"
require_relative "../support/sections"

# Facts of the trade: common practice, no published source.
class TradeTest < PieceTest
  include Sections

  # Two 22 AWG wires, 28 AWG weaving wire, 5 + 2, woven 20 mm to each side of the middle: about 500 mm are said to be
  # used; the computed path lies between 0.80 and 1.00 of that.
  def test_a_woven_forty_millimetres
    plan = plan(document("wires.0.size": size("22 awg"), "wires.1.size": size("22 awg"), "wires.2.size": size("28 awg"),
      "sections.0.pattern.single": 5, "sections.0.pattern.both": 2, pins: pins("repeats" => 18)))
    run = plan.band.layout.strip(18).runs.find { |one| one.repeat.equal?(plan.band.layout.pattern) }

    assert_in_delta 40.5, run.woven_mm, 0.1
    assert_includes 0.80..1.00, run.wire_mm / 500
  end

  # Weaving wire per mm of finished strip, tight.
  def test_wire_per_millimetre_of_strip
    [["0.64", "0.32", 5, 2, 11.0], ["1.0", "0.4", 5, 2, 13.0], ["0.64", "0.32", 8, 2, 10.7],
      ["0.8", "0.32", 8, 2, 12.5], ["0.8", "0.315", 3, 3, 14.7]].each do |base, wire, single, both, stated|
      plan = plan(
        document("wires.0.size": size(base), "wires.1.size": size(base), "wires.2.size": size(wire),
          "sections.0.pattern.single": single, "sections.0.pattern.both": both)
      )

      assert_in_epsilon stated, plan.band.layout.pattern.wire_mm / plan.band.layout.pattern.advance_mm, 0.05,
        "#{single} + #{both} on #{base}"
    end
  end

  # 3 + 3 on two 0.8 mm wires with 0.315, 60 repeats in three stretches, six tails of 50 mm: 2,000 mm are said to be
  # used, computed 0.80 to 1.05 of that.
  def test_sixty_repeats_of_three_and_three
    plan = plan(document("wires.0.size": size("0.8"), "wires.1.size": size("0.8"), "wires.2.size": size("0.315")))

    assert_in_delta 113.4, plan.band.layout.pattern.advance_mm * 60, 1e-6
    assert_in_delta 1667, plan.band.layout.pattern.wire_mm * 60, 1
    assert_includes 0.80..1.05, ((plan.band.layout.pattern.wire_mm * 60) + 300) / 2000
    assert_in_delta 2.545, plan.strip_picture.width_mm, 1e-6
  end

  # The gap of a frame as a maker would measure it, and a figure-eight walked along it pass by pass.
  def filled(base, wire, count, length_mm, &gap)
    profile = Meander::Weave::Profile.new((0..(length_mm * 4)).map { |i| [i / 4.0, yield(i / 4.0)] })
    walk = Meander::Weave::Walk.new(([1, 2] * count) + ([1, 0] * count))
    course = Meander::Weave::Course.new({base_mm: [base, base], wire_mm: wire, strands: 1}, profile, before: [], walk:,
      after: [], lean: 0.3)
    repeats = (1..400).bsearch { |number| course.strip(number).woven_mm >= length_mm }
    course.strip(repeats)
  end

  # Figure-eight, 4 a side, 0.3 on 0.8 mm, a petal of 20 mm, gap rising as a half sine from 0.3 to 6 mm and back: 1,000
  # mm are said to be used, the computed path 0.50 to 1.00 of that.
  def test_a_petal
    strip = filled(0.8, 0.3, 4, 20) { |y| 0.3 + (5.7 * Math.sin(Math::PI * y / 20)) }

    assert_includes 0.50..1.00, strip.wire_mm / 1000
  end

  # Figure-eight, 2 a side, 0.4 on 1.25 mm, a drop woven over 45 mm, gap from 1 to 8 mm over 30 mm and back to 3, then
  # eight 2 mm beads of one and a half wraps each: 2,000 mm are said to be used, the computed path with the beads 0.60
  # to 1.00 of that.
  def test_a_drop
    strip = filled(1.25, 0.4, 2, 45) { |y| (y <= 30) ? 1 + (7 * y / 30.0) : 8 - (5 * (y - 30) / 15.0) }
    beads = 8 * 1.5 * Math::PI * (2 + 0.4)

    assert_includes 0.60..1.00, (strip.wire_mm + beads) / 2000
  end

  # Diamonds of five take about 25 mm of wire per mm of strip, of seven 32.
  def test_wire_per_millimetre_of_diamonds
    {"diamond-5" => 25, "diamond-7" => 32}.each do |key, stated|
      sample = Meander::Weave::Samples::ALL.find { |one| one.key == key }
      frame = Meander::Weave::Frame.tight(base_mm: [0.8] * sample.base, wire_mm: 0.32, visited: sample.gaps)
      repeat = Meander::Weave::Repeat.new(frame, Meander::Weave::Walk.new(sample.gaps), lean: 0.3)

      assert_in_epsilon stated, repeat.wire_mm / repeat.advance_mm, 0.15, key
    end
  end

  # A bracelet's centre line is wrist + ease + pi t, with t = D + 2 d for a woven band.
  def test_the_centre_line_of_a_bracelet
    plan = plan(document("bracelet", pins: pins("wrist" => "168 mm")))

    assert_in_delta 168 + 12 + (Math::PI * 1.8), plan.fit.wanted_mm, 1e-9
  end

  # The same facts planned as whole pieces, with frames and sections.

  # 5 + 2, woven 20 mm to each side of the middle of two 22 AWG wires: as a section from the middle outwards.
  def test_forty_millimetres_as_a_section
    section = woven("s1", %w[w1 w2], {kind: "straight"}, extent: {"kind" => "length", "length" => size("40 mm")},
      from: "middle",
      pattern: {"kind" => "coils", "single" => 5, "both" => 2, "anchor" => 0, "closing" => 1})
    made = plan(put_together([section], wires: [base("w1", "22 awg"), base("w2", "22 awg"), weaving("w9", "28 awg")]))
      .sections.first

    assert_equal 18, made.strip.repeats
    assert_includes 0.80..1.00, made.strip.account.path_mm / 500
  end

  # A petal 20 mm long with a gap that rises as a half sine to 6 mm, 4 a side: as a frame, whose width is told from
  # middle to middle of its wires.
  def test_a_petal_as_a_frame
    petal = woven("s1", %w[w1 w2],
      {kind: "crescent", length: 20.0, width: 7.0, open: 0.0, radius: 400.0, towards: "far"},
      pattern: {"kind" => "walk", "gaps" => ([1, 2] * 4) + ([1, 0] * 4), "before" => [], "after" => []})

    assert_includes 0.50..1.00,
      plan(put_together([petal], wires: [base("w1"), base("w2"), weaving])).sections.first.strip.account.path_mm / 1000
  end

  # 3 + 3, 60 repeats in three stretches on the same wires, with six tails of 50 mm.
  def test_three_stretches_as_sections
    stretch = ->(id, at) { woven(id, %w[w1 w2], {kind: "straight"}, extent: {"kind" => "repeats", "count" => 20}, at:) }
    plan = plan(
      put_together(
        [stretch.call("s1", {"kind" => "first", "turn" => 0}), stretch.call("s2", after("s1", bare: 10.0)),
          stretch.call("s3", after("s2", bare: 10.0))],
        wires: [base("w1"), base("w2"), weaving("w9", "0.315 mm")]
      )
    )
    path = plan.sections.select(&:strip).sum { |section| section.strip.account.path_mm }

    assert_includes 0.80..1.05, (path + (6 * 50)) / 2000
    assert_in_delta 60 * 1.89,
      plan.sections.select(&:strip).sum { |section| section.layout.strip(20).runs.first.woven_mm }, 0.1
    plan.runs.each do |cut|
      assert_in_delta plan.sections.select(&:strip).sum(&:length_mm) + 20,
        cut.parts.select { |part| %w[section between].include?(part.kind) }.sum(&:mm), 1e-6
    end
  end
end
