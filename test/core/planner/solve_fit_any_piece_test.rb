# frozen_string_literal: true

require_relative "../../test_helper"
require_relative "../../support/sections"

# What is left open is found in pieces of any kind: frames of a chain, a strip among several, what is woven of a frame.
class FitAnyPieceTest < PieceTest
  include Sections

  def start(kind) = JSON.parse(JSON.generate(Meander::Document::StartingPiece.call(kind)))
  def now(json) = JSON.parse(JSON.generate(Meander::Document::PieceReader.call(json).piece.to_h))

  def pin(quantity, length, **of)
    {"id" => "p#{quantity}#{of.values.first}", "quantity" => quantity, **of.transform_keys(&:to_s),
      "length" => size(length)}
  end

  def links(wrist, frames = nil)
    start("links").tap { |json| json["sections"][0]["form"]["frames"] = frames }
      .merge("pins" => [pin("wrist", "#{wrist} mm")])
  end

  # Two frames and a strip between, or arcs that bend the row; the strip is left open.
  def row(wrist, between: {kind: "straight"}, gives: false)
    sections =
      [woven("s1", %w[w1 w2], {kind: "drop", length: 14.0, width: 6.0, open: 0.0}),
        woven("s2", %w[w1 w2], between, at: after("s1", bare: 3.0, turn: 20)),
        woven("s3", %w[w1 w2], {kind: "arc", radius: 30.0, towards: "far"}, at: after("s2", bare: 2.0))]
    json = now(
      put_together(sections, wires: [base("w1"), base("w2"), weaving],
        body: {"kind" => "links", "ease" => size("10 mm")}, pins: pins("wrist" => "#{wrist} mm"))
    )
    json["sections"][1].merge!("extent" => {"kind" => "free"}, "bare" => {"length" => size("2 mm"), "gives" => gives})
    json
  end

  def refused(path, json)
    fault = assert_raises(Meander::InvalidInput) { plan(json) }.faults.first

    assert_equal path, fault.path
    refute_empty fault.accepted
  end

  # The same piece with all that was found given plans the same.
  def assert_same_given(json, found)
    given = JSON.parse(JSON.generate(json))
    found.fit.found.each do |id|
      section = given["sections"].find { |one| one["id"] == id }
      found.fit.copies[id] ? section["form"]["frames"] = found.fit.copies[id] :
        section["extent"] = {"kind" => "repeats", "count" => found.fit.extents[id].first}
    end

    assert_equal found.cut_list.map { |cut| cut.to_h.except(:place) }, plan(given).cut_list.map { |cut|
      cut.to_h.except(:place)
    }
  end

  def test_as_many_frames_as_the_wrist_asks_for
    [118, 150, 171, 204, 240].each do |wrist|
      plan = plan(links(wrist))
      frames = plan.fit.copies.fetch("s1")
      off = [-1, 0, 1].map { |by| plan(links(wrist, frames + by)).fit.off_mm }

      assert_equal off.map(&:abs).min, off[1].abs, wrist
      assert_in_delta off[1], plan.fit.off_mm, 1e-9
      assert_in_delta 12 + off[1], plan.fit.ease_mm, 1e-9
      assert_equal [frames - 1, frames + 1], plan.neighbours.map { |one| one[:repeats] }
      assert_in_delta off[2], plan.neighbours.last[:off_mm], 1e-9
      assert_in_delta plan(links(wrist, frames + 1)).working_mm("k2") - plan.working_mm("k2"),
        plan.neighbours.last[:weaving_change_mm], 1e-6
      assert_nil advice(plan, "row-off")
      assert_same_given links(wrist), plan
    end
  end

  def test_more_frames_than_there_may_be
    plan = plan(links(950))

    assert_equal 40, plan.fit.copies["s1"]
    assert_match(/40 frames reach/, advice(plan, "pins-conflict").why)
  end

  # In a straight row and in one that bends, whether bent itself or not.
  def test_a_strip_among_several
    [{kind: "straight"}, {kind: "arc", radius: 150.0, towards: "near"}].each do |between|
      plan = plan(row(150, between:))
      fit, repeats = plan.fit, plan.fit.extents["s2"].first
      beside = [repeats - 1, repeats + 1].map do |count|
        row(150, between:).tap { |json| json["sections"][1]["extent"] = {"kind" => "repeats", "count" => count} }
      end

      assert_equal ["s2"], fit.found
      beside.each { |json| assert_operator plan(json).fit.off_mm.abs, :>=, fit.off_mm.abs - 1e-6 }
      assert_in_delta 10 + fit.off_mm, fit.ease_mm, 1e-9
      assert_same_given row(150, between:), plan
    end
  end

  # An arc that comes round before the row is long enough.
  def test_a_length_that_is_never_reached
    plan = plan(row(150, between: {kind: "arc", radius: 60.0, towards: "near"}))

    assert_match(/bend back/, advice(plan, "pins-conflict").why)
    assert_operator plan.fit.extents["s2"].first, :<, 120
  end

  # With repeats pinned as well the bare ends give, and the row reaches just as far as is asked.
  def test_bare_ends_that_give
    json = row(150, gives: true)
    json["sections"][1]["extent"] = {"kind" => "repeats", "count" => 20}
    plan = plan(json)

    assert_equal ["bare"], plan.fit.floats
    assert_in_delta plan.fit.wanted_mm, plan.fit.strip_mm, 1e-6
    assert_in_delta plan.fit.bare_mm, plan.sections[1].strip.bare_mm, 1e-9
  end

  def test_a_frame_as_far_as_the_wire_to_hand_goes
    json = start("earring")
    json["sections"][0]["extent"] = {"kind" => "free"}
    filled = plan(start("earring"))
    [300, 700, 1000, 1500].each do |mm|
      plan = plan(json.merge("pins" => [pin("wire", "#{mm} mm", kind: "k2")]))

      assert_operator plan.working_mm("k2"), :<=, mm
      assert_operator plan.working_mm("k2") + plan.neighbours.last[:weaving_change_mm], :>, mm
      assert_same_given json, plan
    end
    assert_equal filled.repeats, plan(json.merge("pins" => [pin("wire", "20 m", kind: "k2")])).repeats
    assert_match(/to hand/, advice(plan(json.merge("pins" => [pin("wire", "60 mm", kind: "k2")])), "pins-conflict").why)
  end

  # Two frames share it evenly; what a third one takes that is given comes off first.
  def test_wire_shared
    frame = {kind: "leaf", length: 30.0, width: 8.0, open: 0.0}
    sections = %w[s1 s2 s3].each_with_index.map { |id, i| woven(id, ["w#{(2 * i) + 1}", "w#{(2 * i) + 2}"], frame) }
    json = now(
      put_together(sections, wires: [*(1..6).map { |i| base("w#{i}") }, weaving],
        body: {"kind" => "pendant", "chain" => size("2 mm")})
    )
    json["sections"].first(2).each { |section| section["extent"] = {"kind" => "free"} }
    json["sections"][2]["extent"] = {"kind" => "repeats", "count" => 12}
    json["pins"] = [pin("wire", "1.8 m", kind: json["kinds"].find { |kind| kind["use"] == "working" }["id"])]
    plan = plan(json)
    one, two, given = plan.repeats

    assert_equal [one, 12], [two, given]
    assert_operator plan.spare_mm, :>=, 0
    assert_operator plan.spare_mm, :<, plan.neighbours.last[:weaving_change_mm] * 2
    assert_same_given json, plan
  end

  def test_a_frame_as_far_as_its_woven_length
    json = start("pendant")
    json["sections"][0]["extent"] = {"kind" => "free"}
    half = plan(json.merge("pins" => [pin("woven", "18 mm", section: "s1")]))

    assert_in_delta 18, half.sections[0].strip.woven_mm, 0.5
    assert_match(/reach/,
      advice(plan(json.merge("pins" => [pin("woven", "80 mm", section: "s1")])), "pins-conflict").why)
  end

  # Lengths that are given take what wire they take; what is missing is told, and only then.
  def test_wire_that_is_short
    json = start("earring")
    takes = plan(json).working_mm("k2")
    short = advice(plan(json.merge("pins" => [pin("wire", "#{(takes - 10).floor} mm", kind: "k2")])), "wire-short")

    assert_in_delta 10, short.figures[:short_mm], 1.0
    assert_nil advice(plan(json.merge("pins" => [pin("wire", "#{takes.ceil} mm", kind: "k2")])), "wire-short")
  end

  def test_what_nothing_finds
    refused "/sections/0/form/frames", links(170).merge("pins" => [])
    refused "/sections/0/extent/kind", start("earring").tap { |json|
      json["sections"][0]["extent"] = {"kind" => "free"}
    }
    two = row(150)
    two["sections"][2]["extent"] = {"kind" => "free"}
    refused "/sections/2/extent/kind", two
    two["pins"] << pin("woven", "20 mm", section: "s3")

    assert_in_delta 20, plan(two).sections[2].strip.woven_mm, 1.5
  end
end
