# frozen_string_literal: true

require_relative "../../../test_helper"
require_relative "../../../support/knots"

# What is said of a knotted section: advice where it belongs and not elsewhere, steps, beads, and its figures alike in
# every place.
class KnottedToldTest < Minitest::Test
  include Knots

  def advice(json) = Meander.answer(Meander.plan(json))[:advice].to_h { |one| [one[:id], one] }
  def ids(rows, **rest) = advice(knotted(rows, **rest)).keys.grep(/\Aknot-/)
  def steps(json) = Meander.steps(Meander.plan(json)).join("\n")

  def test_advice_is_there_where_it_belongs
    assert_equal %w[knot-assumed knot-ends-loose], ids("s4").sort
    assert_includes ids("h4 x2; s4<"), "knot-granny"
    refute_includes ids("h4 x3; s4<"), "knot-granny"
    assert_includes ids("h4", count: 3), "knot-spiral"
    refute_includes ids("h4>; h4<", count: 6), "knot-spiral"
    assert_includes ids("s4", metal: "copper", wire: "0.8 mm"), "knot-stiff"
    refute_includes ids("s4", metal: "copper", wire: "0.4 mm"), "knot-stiff"
    assert_includes ids("s4", count: 60), "knot-exchange"
    refute_includes ids("s4 x4; e4", count: 15), "knot-exchange"
    refute_includes ids("s4", finish: "knot"), "knot-ends-loose"
  end

  # Rows hung wide need bare cord between them: as much as is told, and no more.
  def test_cords_that_run_level
    said = ->(gap) {
      plan = Meander.plan(knotted("~#{gap} s4 s4; ~#{gap} -2 s4", cords: 8, spacing: size("6 mm")))
      Meander::Advice::Council.call(plan).find { |one| one.id == "knot-rows-level" }
    }
    across, down, needs = said.call(0).figures.values_at(:across_mm, :down_mm, :needs_mm)

    assert_in_delta 30.0, Math.atan2(down + needs, across) * 180 / Math::PI, 1e-6
    assert said.call((needs - 0.1).round(2))
    assert_nil said.call((needs + 0.1).round(2))
    refute_includes ids("s4 s4; -2 s4", cords: 8), "knot-rows-level"
  end

  def test_thin_fillers_and_wide_panels
    thin = knotted("s3", cords: 3)
    thin["kinds"] << {**thin["kinds"][0], "id" => "k2", "size" => size("0.6 mm")}
    thin["wires"][1]["kind"] = "k2"

    assert_includes advice(thin).keys, "knot-thin-core"
    mount = {"kind" => "head", "over" => size("2 mm")}

    assert_includes ids("v8>", cords: 8, mount:), "knot-wider-than-mount"
    refute_includes ids("s4 s4", cords: 8, mount:), "knot-wider-than-mount"
  end

  # A cord that is to hand and too short is named with the row in which it ends.
  def test_a_cord_that_runs_out
    long = made(knotted("s4", count: 20)).knotted_mm(0)
    given = ->(share) { advice(knotted("s4", count: 20, to_hand: size("#{((long * share) + 200).round} mm"))) }
    told = given[0.5]["knot-runs-out"]

    assert_equal "stop", told[:severity]
    assert_match(/2 cords/, told[:title])
    assert_includes 9..11, told[:why][/row 1 of repeat (\d+)/, 1].to_i
    refute_includes given[1.01].keys, "knot-runs-out"
  end

  # It runs short as soon as it is shorter than what is cut for it without its margin: tails at both ends, what hangs
  # free, both legs of a folded one.
  def test_runs_out_as_it_is_cut
    mount = {"kind" => "head", "over" => size("2 mm"), "room" => nil}
    [nil, mount].product([0, 12]).each do |hung, free|
      of = ->(hand) {
        knotted("s4", count: 10, mount: hung, to_hand: hand, bare: {"length" => size("#{free} mm"), "gives" => false})
      }
      run = Meander.plan(of.call(nil)).runs.max_by(&:total_mm)
      needs = run.total_mm - run.parts.select { |part| part.kind == "trim" }.sum(&:mm)

      assert_includes advice(of.call(size("#{(needs - 0.2).round(2)} mm"))).keys, "knot-runs-out"
      refute_includes advice(of.call(size("#{(needs + 0.2).round(2)} mm"))).keys, "knot-runs-out"
    end
  end

  # From a bar nothing is left bare above the knots; below them cords hang free, and are as much longer.
  def test_a_fringe
    mount = {"kind" => "head", "over" => size("2 mm"), "room" => nil}
    plain, fringe = [0, 25].map do |free|
      made(knotted("s4", mount:, bare: {"length" => size("#{free} mm"), "gives" => false}))
    end

    assert_in_delta plain.length_mm + 25, fringe.length_mm, 1e-9
    fringe.base.each_index { |number| assert_in_delta plain.run_mm(number) + 25, fringe.run_mm(number), 1e-9 }
    assert_equal plain.trace(0).first(3), fringe.trace(0).first(3)
    assert_in_delta plain.trace(0).last[1] + 25, fringe.trace(0).last[1], 1e-9
  end

  def test_lengths_follow_a_swatch
    swatch = {"knots" => 10, "length" => size("50 mm"), "used" => size("230 mm")}
    plain, measured = made(knotted("s4", count: 20)), made(knotted("s4", count: 20, swatch:))

    # A lead of 1.1 cords before the first knot.
    assert_in_delta 101.1, measured.made_mm, 1e-6
    assert_in_delta 461.1, measured.knotted_mm(0), 2.0
    assert_operator plain.knotted_mm(0), :<, measured.knotted_mm(0)
    refute_predicate measured, :assumed?
    refute_match(/assumed/, steps(knotted("s4", count: 20, swatch:)))
  end

  # Beads lie where they are put, the cord goes round them, and holes are asked for all that goes through.
  def test_beads
    bare = made(knotted("s4", count: 12))
    json = knotted("s4", count: 12, beads: [{"every" => [3], "first" => 2}], bead: "6 mm")
    plan = Meander.plan(json)
    section, rule = plan.sections.first, plan.beads.first

    assert_equal 4, rule.count
    assert_in_delta bare.made_mm + 24, section.made_mm, 1e-9
    assert_in_delta bare.knotted_mm(1) + 24, section.knotted_mm(1), 1e-9
    assert_operator section.knotted_mm(0), :>, bare.knotted_mm(0) + (4 * 6.2)
    assert_equal [1.0, 1.0], rule.through
    assert_match(/Slide 4 Glass \(6 mm\) on, with knots [^:]+, one each: on to the cords it is tied round, below it/,
      steps(json))
    side = Meander.plan(knotted("s4", count: 12, beads: [{"on" => "left"}], bead: "3 mm")).beads.first

    assert_equal [[1.0], 12], [side.through, side.count]
    assert(side.lying.all? { |one| one.at[1] < -2 })
  end

  # A bead at a side hangs on the working cord of that side, however thick that is.
  def test_beads_at_either_side
    through = %w[left right].map do |on|
      json = knotted("s4", count: 4, beads: [{"on" => on}], bead: "3 mm")
      json["kinds"] << json["kinds"][0].merge("id" => "k2", "size" => size("1.3 mm"))
      json["wires"].last["kind"] = "k2"
      Meander.plan(json).beads.first.through
    end

    assert_equal [[1.0], [1.3]], through
  end

  # Beads that are not with every knot name the knots they are with.
  def test_which_knots_have_beads
    mixed = knotted("s4", count: 9, beads: [{"first" => 0, "every" => [1, 2]}, {"first" => 2, "every" => [3]}])
    many = knotted("s4 s4; -2 s4", cords: 8, count: 12, beads: [{"first" => 1, "every" => [2]}])

    assert_match(/Slide 6 Glass \(3 mm\) on, with knots 1, 2, 4, 5, 7 and 8, one each: .*Slide 3 .*knots 3, 6 and 9,/,
      steps(mixed))
    assert_match(/with knot 2: on to .*with knots 4, 6, 8, 10 and so on to 36, one each/m, steps(many))
  end

  def test_steps
    told = steps(knotted("~4 s4> s4>; -2 s4<", cords: 8, count: 3, finish: "melt", metal: "nylon_cord",
      mount: {"kind" => "reverse", "over" => size("3 mm")}))

    assert_match(/Tape the ends/, told)
    refute_match(/Straighten|eye protection|with a file/, told)
    assert_match(/Fold 4 cords at the fold mark/, told)
    assert_match(/behind the bar \(3 mm thick\)/, told)
    assert_match(/Row 1: leave 4 mm bare, then a square knot from the left with 2 cords round 2, 2 such/, told)
    assert_match(/Tie these rows again, 3 times in all: 9 knots/, told)
    assert_match(/melt each back/, told)
    caution = Meander.answer(Meander.plan(knotted("s4", finish: "melt", metal: "nylon_cord")))[:order]
      .filter_map { |step| step[:caution] }

    assert(caution.any? { |words| words.start_with?("A flame") })
  end

  # A mounted cord is marked where it is folded, its margin before the mark; its legs are told as long as they are cut.
  def test_the_fold_of_a_mounted_cord
    plan = Meander.plan(knotted("s4>; -2 s4", cords: 8, count: 3, margin: 0.2,
      mount: {"kind" => "head", "over" => size("2 mm")}))
    told = Meander.steps(plan).join("\n")
    plan.runs.each_with_index do |run, i|
      before = run.parts.take_while { |part| part.kind != "fold" }.sum(&:mm)

      assert_equal [["fold", before.round(9)]], run.marks.map { |mark| [mark.words, mark.at_mm.round(9)] }
      one, other = [before, run.total_mm - before].map { |mm| (mm.round(1) % 1).zero? ? mm.round : mm.round(1) }

      assert_match(/#{(2 * i) + 1} and #{(2 * i) + 2}[^:;]*: #{((before - run.total_mm + before).abs < 0.5) ?
        "both legs alike" : "#{one} mm left, #{other} mm right"}/, told)
    end
  end

  # Cord has a mass by its length: 1 m of 1 mm at 1.15 g/cm3 (from memory, no source).
  def test_mass
    plan = Meander.plan(knotted("s4", count: 40))
    mm = plan.sections.first.then { |one| one.base.each_index.sum { |number| one.knotted_mm(number) } }

    assert_in_delta mm * Math::PI / 4 * 1.15 / 1000, Meander.answer(plan)[:mass][:finished_g], 0.15
  end

  # The command line: models' formulas; a list of working cords, then the filler.
  def test_knots_on_their_own
    told = Meander.knot("knot" => "square", "cord" => "1", "fillers" => "2", "length" => "160", "bead" => "6",
      "every" => "2")

    assert_equal [22, 11], told.values_at(:knots, :beads)
    assert_in_delta (22 * 17.1956) + (11 * Meander::Knot::Ways.past_mm(6.0, 6.0, 1.0, 2.5)), told[:wire_mm].first, 0.01
    assert_equal [4.2, 6.0, 6.0, true], told.values_at(:advance_mm, :width_mm, :thickness_mm, :assumed)
    hitch = Meander.knot("knot" => "hitch", "cord" => "1", "fillers" => "1", "length" => "160")

    assert_in_delta 19.8, hitch[:wire_mm].first / hitch[:knots], 0.05
    {"knot" => "bow", "cord" => "thick", "fillers" => "9", "length" => "0", "every" => "0"}.each do |option, text|
      options = {"knot" => "square", "cord" => "1", "fillers" => "2", "length" => "160", option => text}

      assert_match(/\A--#{option}: .*accepted/, assert_raises(Meander::Error) { Meander.knot(options) }.message)
    end
  end
end
