# frozen_string_literal: true

require_relative "../../test_helper"
require_relative "../../support/sections"
require_relative "../../support/trays"

# What is noticed of how sections and beads lie to each other: said where it is so, and not said where it is not.
class LyingAdviceTest < PieceTest
  include Sections
  include Trays

  def two(at, more = [], **changes)
    drop = {kind: "drop", length: 30.0, width: 12.0, open: 2.0}
    put_together([woven("s1", %w[w1 w2], drop), woven("s2", %w[w3 w4], drop, at:), *more],
      wires: [*%w[w1 w2 w3 w4].map { |id| base(id) }, weaving], **changes)
  end

  def beside(across)
    {"kind" => "beside", "section" => "s1", "across" => size("#{across} mm"), "along" => size("0 mm"), "side" => "far"}
  end

  def said?(id, json) = said(plan(json)).any? { |item| item.id == id }

  def test_sections_that_lie_on_one_another
    assert said?("sections-overlap", two(beside(7)))
    refute said?("sections-overlap", two(beside(16)))
    refute said?("sections-overlap", two({"kind" => "centre", "section" => "s1", "turn" => 90})),
      "on its centre it is meant to lie"
    built_demos.each { |json| refute said?("sections-overlap", json), json["name"] }
  end

  def test_sections_that_nothing_holds
    lace = {"id" => "s3", "craft" => "lace", "base" => [], "weaving" => ["w9"], "rows" => %w[s1 s2], "places" => 3,
      "wraps" => 2}

    assert_equal "/sections/1/at", advice(plan(two(beside(16))), "section-loose").place
    refute said?("section-loose", two(beside(16), [lace]))
    refute said?("section-loose",
      put_together([woven("s1", %w[w1 w2]), woven("s2", %w[w1 w2], at: after("s1"))],
        wires: [base("w1"), base("w2"), weaving]))
  end

  # Beads of two placements on one line, 2 mm wide each: every one of the second lies in one of the first, or between
  # two.
  def test_beads_that_lie_in_each_other
    json = put_together([bent("s1", "w1", {kind: "line", length: 60.0})], wires: [base("w1")])
    line = ->(from, id) { placed("strung", id:, from: size("#{from} mm"), apart: size("2 mm"), count: 10) }
    alone = json.merge("tray" => [bead("k1", "2 mm", "2 mm")], "beads" => [line.call(2, "d1")])

    refute said?("beads-overlap", alone)
    assert_equal 10,
      advice(plan(alone.merge("beads" => [line.call(2, "d1"), line.call(3, "d2")])), "beads-overlap").figures[:pairs]
    refute said?("beads-overlap", alone.merge("beads" => [line.call(2, "d1"), line.call(4, "d2")])),
      "they touch, and no more"
    demo_documents.each { |demo| refute said(plan(demo)).any? { |item| item.id == "beads-overlap" }, demo["name"] }
  end

  # A turn needs as much of the fold as its wire is thick; where not one has room nothing is cut or told for it.
  def test_a_fold_too_short_to_be_covered
    kelp = demo_documents.find { |json| json["name"] == "Kelp earrings" }
    cover = kelp["wires"].index { |wire| wire["route"].any? { |stop| stop["kind"] == "cover" } }
    fold = plan(kelp).separate_lengths.find { |one| one.kind == "cover" }
    covered = ->(mm) {
      kind = {**kelp["kinds"][0], "id" => "k9", "use" => "working", "size" => size(mm)}
      plan({**kelp, "kinds" => [*kelp["kinds"], kind], "wires" => kelp["wires"].each_with_index.map { |wire, i|
        (i == cover) ? {**wire, "kind" => "k9"} : wire
      }})
    }

    assert_nil advice(covered.call("0.8 mm"), "fold-not-covered")
    assert_equal 1, covered.call("0.8 mm").separate_lengths.count { |one| one.kind == "cover" }
    bare = covered.call("1.2 mm")
    told = advice(bare, "fold-not-covered")

    assert_in_delta told.figures[:fold_mm], fold.wraps * fold.wire.mm, fold.wire.mm
    assert_equal ["/wires/#{cover}", 1.2], [told.place, told.figures[:wire_mm]]
    assert_empty bare.separate_lengths.select { |one| one.kind == "cover" }
    refute(order(bare).any? { |step| step.words.include?("slide it on to the fold mark") })
  end

  def test_beads_under_a_dowel
    helix = ->(on, mm) {
      json = put_together(
        [woven("s1", %w[w1 w2], {kind: "helix", dowel: 8.0, rise: 0.0},
          extent: {"kind" => "length", "length" => size("60 mm")})], wires: [base("w1"), base("w2"), weaving]
      )
      with_beads(json, placed("woven", of: "repeat", every: 6, first: 1, on:), bead("k1", "#{mm} mm", "#{mm} mm"))
    }

    assert_in_delta 2.0, advice(plan(helix.call("back", 2)), "bead-under-dowel").figures[:behind_mm], 1e-9
    assert_in_delta (3.0 - 1.4) / 2, advice(plan(helix.call("near", 3)), "bead-under-dowel").figures[:behind_mm], 1e-9
    refute said?("bead-under-dowel", helix.call("front", 3))
  end

  def test_a_turn_without_wire_to_turn_in
    json = ->(bare,
      turn) {
      put_together([woven("s1", %w[w1 w2]), woven("s2", %w[w1 w2], at: after("s1", bare:, turn:))],
        wires: [base("w1"), base("w2"), weaving])
    }

    assert_equal ["stop", "/sections/1/at/bare"],
      advice(plan(json.call(0.0, 40)), "turn-not-made").to_h.values_at(:severity, :place)
    refute said?("turn-not-made", json.call(0.0, 0))
    refute said?("turn-not-made", json.call(4.0, 40))
  end

  # A row of links is told when it is visibly off, not only when it could not be worn.
  def test_a_row_that_is_off
    row = ->(length) {
      put_together([bent("s1", "w1", {kind: "line", length:})], wires: [base("w1")],
        body: {"kind" => "links", "ease" => size("10 mm")}, pins: pins("wrist" => "160 mm"),
        endings: %w[e0 e1].zip(%w[start end]).map do |id, side|
          {"id" => id, "side" => side, "kind" => "eye", "wires" => ["w1"], "inside" => size("3 mm")}
        end)
    }
    off = ->(length) { plan(row.call(length)).fit.off_mm }
    right = 165.0 - off.call(165.0)

    [-20.0, -4.0, 4.0, 20.0].each do |mm|
      assert_in_delta mm, advice(plan(row.call((right + mm).round(3))), "row-off").figures[:off_mm], 0.01
    end
    refute said?("row-off", row.call(right.round(3)))
  end

  def pushed(json, push)
    Meander::Planner::PlanPiece.call(Meander::Document::PieceReader.call(json).piece,
      calibration: Meander::Calibration.of({push:}))
  end

  # Where pushing harder brings more repeats in it is told how many, and only there: as many as are planned when a pass
  # leans so far.
  def test_coils_that_ride_over
    eight = ->(clear) {
      document("cuff",
        "sections.0.pattern": {"kind" => "walk", "gaps" => ([1, 2] * 3) + ([1, 0] * 3), "before" => [], "after" => []},
        "sections.0.spacing": {"kind" => "apart", "clear" => [size("#{clear} mm")]})
    }
    told = advice(plan(eight.call(1.2)), "coils-ride-over")
    lightly, hard = %w[lightly hard].map { |push| pushed(eight.call(1.2), push).fit.repeats }

    assert_in_delta lightly, told.figures[:fewest], 1
    assert_in_delta hard, told.figures[:most], 1
    assert_includes told.figures[:fewest]..told.figures[:most], plan(eight.call(1.2)).fit.repeats
    [0.6, 2.4].each { |clear| assert_nil advice(plan(eight.call(clear)), "coils-ride-over") }
    # Of a frame that is so narrow for most of its length, too; one that is wide nearly everywhere is not.
    narrow, wide = [1.4, 9.0].map do |width|
      json = put_together(
        [woven("s1", %w[w1 w2], {kind: "leaf", length: 40.0, width:, open: 0.0},
          pattern: eight.call(1.2)["sections"][0]["pattern"])],
        wires: [base("w1"), base("w2"), weaving("w9", "0.4 mm")]
      )
      [json, advice(plan(json), "coils-ride-over")]
    end
    repeats = plan(narrow[0]).sections[0].strip.repeats

    assert_nil wide[1]
    assert_operator narrow[1].figures[:most], :>, narrow[1].figures[:fewest]
    assert_includes narrow[1].figures[:fewest]..narrow[1].figures[:most], repeats
  end

  # A leaf wider than it is long opens steeply at both ends; one four times as long as wide nowhere. No frame is woven
  # further than wire passes between its base wires, whatever its repeats come to.
  def test_what_opens_steeply_and_what_shuts
    leaf = ->(long, wide, a_side) {
      pattern = {"kind" => "walk", "gaps" => ([1, 2] * a_side) + ([1, 0] * a_side), "before" => [], "after" => []}
      plan(put_together([woven("s1", %w[w1 w2], {kind: "leaf", length: long, width: wide, open: 0.0}, pattern:)],
        wires: [base("w1"), base("w2"), weaving]))
    }
    wide = leaf.call(15.0, 17.0, 2)

    assert_in_delta 0.5 * wide.sections.find(&:strip).strip.woven_mm, advice(wide, "opens-steeply").figures[:steep_mm],
      0.25 * wide.sections.find(&:strip).strip.woven_mm
    assert_nil advice(leaf.call(36.0, 9.0, 2), "opens-steeply")
    (1..8).each do |a_side|
      section = leaf.call(27.0, 6.0, a_side).sections.find(&:strip)

      assert_operator section.opening.clear_mm(section.woven_to - 0.15), :>=, 0.299, "#{a_side} a side"
    end
  end

  # A frame that closes is told from its widest to its narrowest, one that only opens is not; and a stagger ends round
  # the two wires its last wraps go round, not round the three of the way back.
  def test_what_narrows_and_what_ends
    narrows = advice(plan(document("earring")), "frame-narrows").figures
    stations = [[0, 1], [200, 9]].map { |at, clear| {"at" => size("#{at} mm"), "clear" => size("#{clear} mm")} }
    opens = document("cuff", "sections.0.spacing": {"kind" => "changing", "ends" => "free", "stations" => stations})
    stagger = document("cuff",
      "sections.0.pattern": {"kind" => "walk", "gaps" => [0, 2, 0, 2, 1, 3, 1, 3], "before" => [], "after" => []})
    stagger["wires"].insert(2, stagger["wires"][0].merge("id" => "w0"))
    stagger["sections"][0]["base"] = %w[w1 w2 w0]
    stagger["endings"].each { |ending| ending["wires"] = %w[w1 w2 w0] }

    assert_in_delta 16.0, narrows[:from_mm], 0.1
    assert_operator narrows[:to_mm], :<, 14.5
    assert_nil advice(plan(opens), "frame-narrows")
    assert_equal "The weave ends round 2 wires", advice(plan(stagger), "ends-on-pair").title
    assert_nil advice(plan(document("earring")), "sides-unequal")
    assert_nil advice(plan(document("ring")), "sides-unequal")
  end
end
