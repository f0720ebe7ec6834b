# frozen_string_literal: true

require_relative "../../support/weaves"

# Pieces woven in any walk: what the planner makes of them, and what it refuses.
class WovenPiecesTest < PieceTest
  DIAMOND = Weaves::DIAMOND

  def woven(count, gaps, kind: "cuff", after: nil, **section)
    json = document(kind)
    weaving = json["wires"].last
    ids = (1..count).map { |i| "b#{i}" }
    json["wires"] = ids.map { |id| json["wires"].first.merge("id" => id) } << weaving
    walk = {"kind" => "walk", "gaps" => gaps, "before" => [],
      "after" => after || [{"gaps" => [gaps[0], (gaps[0] < count) ? gaps[0] + 1 : gaps[0] - 1], "times" => 3}]}
    json["sections"][0].merge!("base" => ids, "pattern" => walk, **section.transform_keys(&:to_s))
    json["endings"].each { |ending| ending["wires"] = ids }
    json
  end

  def drawn_mm(plan) = plan.strip_picture.strokes.sum { |stroke| Meander::Curve::Strand.polyline_length(stroke.points) }

  def faults(json)
    assert_raises(Meander::InvalidInput) { Meander::Document::PieceReader.call(json) }.faults.to_h do |fault|
      [fault.path, fault.message]
    end
  end

  CHANGING =
    {"kind" => "changing", "ends" => "free",
      "stations" => [[0, 0.5], [60, 5],
        [130, 1]].map { |at, clear| {"at" => {"typed" => "#{at} mm"}, "clear" => {"typed" => "#{clear} mm"}} }}.freeze

  def test_every_kind_of_weave_adds_up_and_is_drawn_as_reckoned
    [woven(1, [0, 1], kind: "bracelet"), woven(5, DIAMOND), woven(5, DIAMOND, from: "middle"),
      woven(3, [0, 2, 0, 2, 1, 3, 1, 3], kind: "bracelet", strands: 2),
      woven(4, [0, 1, 2, 3, 4, 3, 2]), woven(5, DIAMOND, cut_away: ["b2"]), woven(2, [1, 2, 1, 0], spacing: CHANGING),
      woven(2, [1, 2, 1, 0], spacing: CHANGING, from: "middle"),
      woven(3, [0, 3, 1, 2], rise: {"kind" => "open", "pitch" => {"typed" => "7 mm"}})].each do |json|
      plan = plan(json)
      name = json["sections"][0].inspect

      assert_in_epsilon plan.band.strip.account.path_mm, drawn_mm(plan), 0.002, name
      assert_in_delta plan.band.strip.account.path_mm,
        plan.band.strip.account.lengths.sum { |length| length.path_mm * length.strands.size }, 1e-6, name
      assert_in_delta plan.band.strip.account.total_mm,
        plan.band.strip.account.lengths.sum { |length| length.cut_mm * length.strands.size }, 1e-6, name
      assert_in_delta plan.fit.strip_mm, plan.band.strip.woven_mm + (2 * plan.fit.bare_mm) + plan.ends.reach_mm, 1e-9,
        name
      assert(JSON.generate(answer(plan)).scan(/-?\d+\.\d+/).map(&:to_f).all?(&:finite?))
    end
  end

  def test_from_the_middle_outwards_both_halves_are_mirror_images
    plan = plan(woven(5, DIAMOND, from: "middle", centre: "own"))
    middle = plan.band.strip.woven_mm / 2
    tops = plan.strip_picture.strokes.map do |stroke|
      stroke.points.map { |x, y, z| [x.round(6), (y - middle).round(6), z.round(6)] }
    end
    one, other = tops.each_slice(tops.size / 2).to_a

    assert_predicate plan.fit.repeats, :even?
    assert_equal one, other.map { |points| points.map { |x, y, z| [x, -y, z] } }
    assert_equal [0, 1], plan.band.strip.account.lengths.map(&:half).uniq
    odd = plan(woven(5, DIAMOND, from: "middle").merge("pins" => pins("repeats" => 7)))

    assert_match(/come in pairs: 6 or 8/, advice(odd, "pins-conflict").why)
    short = plan(woven(1, [0, 1], from: "middle").merge("pins" => pins("repeats" => 40)))

    assert_equal [nil], short.band.strip.account.lengths.map(&:half)
  end

  def test_what_is_cut_away_weighs_no_more
    whole, cut = plan(woven(5, Weaves::RAY)), plan(woven(5, Weaves::RAY, cut_away: %w[b3 b4]))
    bars = cut.runs.to_h { |bar| [bar.wire.id, bar] }

    assert_in_delta whole.runs.first.total_mm, bars["b3"].total_mm, 1e-9
    assert_operator bars["b4"].kept_mm, :<, bars["b3"].kept_mm
    assert_operator bars["b3"].kept_mm, :<, bars["b1"].kept_mm * 0.7
    assert_operator cut.mass[:finished_g], :<, whole.mass[:finished_g]
    assert_operator cut.strip_picture.rods.count { |rod| rod[:wire] == "b3" }, :>=, cut.fit.repeats
  end

  def test_two_strands_are_two_wires_side_by_side
    json = woven(2, [0, 1, 0, 2], strands: 2)
    doubled = plan(json)
    json["wires"] << json["wires"].last.merge("id" => "w9", "metal" => "sterling")
    json["sections"][0]["weaving"] = %w[w3 w9]
    two = plan(json)

    assert_in_delta doubled.band.strip.account.total_mm, two.band.strip.account.total_mm, 1e-9
    assert_equal %w[w3 w9], two.strip_picture.placements.map { |place| place[:wire] }.uniq
    json["wires"].last["size"] = size("0.5")

    assert_match(/must be of one size/, faults(json)["/kinds/3/size"])
  end

  # Two wires that take turns: each weaves every other repeat, and runs along behind the other's.
  def test_two_wires_in_turn
    json = woven(2, [0, 1, 0, 2], strands: 2, turns: "in_turn", weaving: %w[w3 w9])
    json["wires"] << json["wires"].last.merge("id" => "w9", "metal" => "sterling")
    plan = plan(json.merge("pins" => pins("repeats" => 31)))
    repeat = plan.band.layout.pattern
    one, other = plan.band.strip.account.strand_paths_mm

    assert_in_delta (15 * repeat.wire_mm) + (14 * repeat.advance_mm), other, 1e-6
    assert_in_delta repeat.wire_mm + repeat.advance_mm + plan.band.layout.weave.path_mm(31, 31, 31) - repeat.wire_mm,
      one - other, 3
    assert_in_epsilon one + other, drawn_mm(plan), 0.002
    counts = plan.strip_picture.placements.group_by { |place| place[:wire] }.transform_values do |places|
      places.sum { |place| place[:count] * plan.strip_picture.cells[place[:cell]].passes.size }
    end

    assert_equal({"w3" => (16 * 4) + 15 + 6, "w9" => (15 * 4) + 14}, counts)
    assert_equal [[0], [1]], plan.band.strip.account.lengths.map(&:strands).uniq
    assert_match(/cannot take turns/, faults(woven(2, [0, 1], turns: "in_turn"))["/sections/0/turns"])
  end

  def test_base_wires_that_bend_outwards_are_longer
    straight, bent = plan(woven(2, [1, 2, 1, 0]).merge("pins" => pins("woven" => "130 mm"))),
      plan(woven(2, [1, 2, 1, 0], spacing: CHANGING).merge("pins" => pins("woven" => "130 mm")))
    run = ->(plan) { plan.runs.first.parts.find { |part| part.kind == "section" }.mm }

    assert_in_delta straight.band.strip.woven_mm, run.call(straight), 1e-9
    assert_operator run.call(bent), :>, bent.band.strip.woven_mm
    assert advice(bent, "frame-narrows")
    assert_in_delta 130, bent.band.strip.woven_mm, 1
  end

  def test_walks_that_cannot_be_made_are_refused_at_their_place
    assert_match(/gap 6 is not there/, faults(woven(5, [0, 6, 1, 2]))["/sections/0/pattern/gaps/1"])
    assert_match(/stands twice in a row/, faults(woven(5, [0, 1, 1, 2]))["/sections/0/pattern/gaps/2"])
    assert_match(/returns to its first gap/, faults(woven(5, [0, 1, 0]))["/sections/0/pattern/gaps/0"])
    assert_match(/cannot begin there/,
      faults(woven(3, [0, 1], after: [{"gaps" => [1, 2], "times" => 2}]))["/sections/0/pattern/after/0/gaps/0"])
    assert_match(/5 base wires have 4 gaps/,
      faults(woven(5, DIAMOND, spacing: {"kind" => "apart", "clear" => [size("1")]}))["/sections/0/spacing/clear"])
    assert_match(/need two base wires/,
      faults(woven(3, [0, 1]).tap { |json| json["sections"][0]["pattern"] = document["sections"][0]["pattern"] })[
        "/sections/0/pattern/kind"])
    assert_match(/every base wire would be cut away/, faults(woven(1, [0, 1], cut_away: ["b1"]))["/sections/0"])
    assert_match(/forms or binds the hook/,
      faults(woven(3, [0, 1], kind: "bracelet", cut_away: ["b1"]))["/wires/0/route"])
    assert_match(/does not lie after/,
      faults(woven(2, [1, 2, 1, 0], spacing: CHANGING.merge("stations" => CHANGING["stations"].reverse)))[
        "/sections/0/spacing/stations/1/at"])
    assert_equal 3, faults(woven(5, [0, "x", -1, 2.5])).size
  end

  # Every pass over gaps that change is made by itself: there is an end to it, and it is said so.
  def test_too_many_passes_over_gaps_that_change_are_refused
    json = woven(2, [1, 2, 1, 0], spacing: CHANGING).merge("pins" => pins("repeats" => 2000))
    error = assert_raises(Meander::InvalidInput) { plan(json) }

    assert_equal ["/sections/0/spacing"], error.faults.map(&:path)
    assert_match(/at most 4000 passes/, error.faults.first.accepted)
  end

  def test_the_short_list_can_be_made_as_it_stands
    Meander::Weave::Samples::ALL.each do |sample|
      plan = plan(woven(sample.base, sample.gaps, after: JSON.parse(JSON.generate(sample.after))))

      assert_equal 0, said(plan).count { |item| item.severity == "stop" }, sample.name
      assert_nil advice(plan, "ends-on-pair"), sample.name
      assert_equal sample.name, answer(plan)[:sections][0][:strip][:weave][:words]
    end
  end

  def test_mirror_images_of_a_walk_with_its_beginning_and_end
    json = woven(3, [0, 2, 1, 3], after: [{"gaps" => [0, 1, 0, 2], "times" => 2}])
    mirrors = answer(plan(json))[:sections][0][:strip][:weave][:mirrors]

    assert_equal [[3, 1, 2, 0], [0, 3, 1, 2], [2, 1, 3, 0]], mirrors.values_at(:across, :along, :turned).map { |image|
      image[:gaps]
    }
    assert_equal [{gaps: [3, 2, 3, 1], times: 2, length: nil}], mirrors[:across][:after]
    assert_equal json["sections"][0]["pattern"]["gaps"],
      Meander::Weave::Mirrors.call({kind: "walk", before: [], after: [], **mirrors[:across].slice(:gaps)},
        3)[:across][:gaps]
    coils = answer(plan(document))[:sections][0][:strip][:weave][:mirrors]

    assert_equal [([2, 1] * 3) + ([2, 0] * 3), [{gaps: [2, 1], times: 3}]], coils[:across].values_at(:gaps, :after)
  end

  # Anchored on one wire, the others brought in one by one or by pairs, until every wire is held.
  def test_every_beginning_can_be_woven
    [2, 3, 4, 5, 7, 12, 25].each do |wires|
      Meander::Weave::Beginnings.all([wires])[wires].each do |how, before|
        json = woven(wires, [1, 0])
        json["sections"][0]["pattern"]["before"] = JSON.parse(JSON.generate(before))
        plan = plan(json)

        refute advice(plan, "wire-not-held"), "#{how} over #{wires}"
        assert_operator plan.band.layout.strip(1).runs.map(&:from_mm).each_cons(2)
          .map { |one, next_one| next_one - one }.min, :>, 0
        assert_in_epsilon plan.band.strip.account.path_mm, drawn_mm(plan), 0.002
      end
    end
  end

  ADVICE = {
    "odd-number-needed" => [4, [1, 2, 0, 3], {}],
    "runs-twice" => [3, [0, 1, 2], {}],
    "no-room" => [2, [1, 2, 1, 0], {spacing: {"kind" => "apart", "clear" => [{"typed" => "0.2 mm"}]}}],
    "gaps-pulled-together" => [5, DIAMOND, {}],
    "wire-not-held" => [4, [0, 1, 0, 2], {}],
    "ends-on-pair" => [3, [0, 2], {after: []}],
    "faces-differ" => [3, [0, 2, 0, 2, 1, 3, 1, 3], {}],
    "sides-unequal" => [2, [0, 1, 0, 1, 0, 2], {after: []}],
    "frame-narrows" => [2, [1, 2, 1, 0], {spacing: CHANGING}],
    "spool-closed" => [2, [1, 2, 1, 0], {spacing: CHANGING.merge("ends" => "joined")}],
    "pitch-below-packed" => [2, [0, 1, 0, 2], {rise: {"kind" => "open", "pitch" => {"typed" => "0.3 mm"}}}],
    "pitch-range" => [2, [0, 1, 0, 2], {rise: {"kind" => "open", "pitch" => {"typed" => "2 mm"}}}],
    "pitch-wide" => [2, [0, 1, 0, 2], {rise: {"kind" => "open", "pitch" => {"typed" => "20 mm"}}}],
    "tightest-bend" => [2, [0, 1, 0, 2], {}]
  }.freeze

  ADVICE.each do |id, (count, gaps, options)|
    define_method(:"test_#{id.tr("-", "_")}_is_raised_and_not_for_a_plain_coil") do
      item = advice(
        plan(woven(count, gaps, **options).merge("pins" => pins("repeats" => options[:spacing] ? 141 : 15))), id
      )

      assert item, "#{id} is missing"
      [item.title, item.why, item.remedy].each { |text| refute_match(/\A\z|NaN|Infinity/, text) }
      refute advice(plan(woven(1, [0, 1])), id)
    end
  end

  # R_i = c R_o with R_o = R_i + s: 3 + 3 leaves half the far wire bare, so R_i = s; of the settled heights to a
  # hundredth.
  def test_the_tightest_bend_edgewise
    figures = advice(plan(document), "tightest-bend").figures

    assert_equal "far", figures[:inside]
    assert_in_delta 1.4, figures[:inside_radius_mm], 0.01
    assert_in_delta 1.4 / 25, figures[:opens_at_25_mm], 0.001
  end
end
