# frozen_string_literal: true

require_relative "../../test_helper"
require_relative "../../support/sections"
require_relative "../../support/trays"

# What is wrong with beads and findings is named at its field, and nothing else is complained of.
class BeadReadingTest < PieceTest
  include Sections
  include Trays

  def faults(json)
    plan(json)
    {}
  rescue Meander::InvalidInput => e
    e.faults.to_h { |fault| [fault.path, fault] }
  end

  def cuff = with_beads(document("cuff"), placed("woven", of: "repeat", every: 2, first: 1, on: "front"))

  def changed(json, path, value)
    put_in(json, path.split("."), value)
    json
  end

  BAD = {
    "tray.0.name" => ["", "x" * 81, 7, nil], "tray.0.material" => ["cheese", nil, 3],
    "tray.0.shape" => ["star fish", 1], "tray.0.drilled" => ["twice", nil],
    "tray.0.length" => [{"typed" => "0 mm"}, {"typed" => "-2 mm"}, {"typed" => "wide"}, {"typed" => "900 mm"}, "3 mm",
      nil],
    "tray.0.hole" => [{"typed" => "3 mm"}, {"typed" => ""}, {"typed" => "25 mm"}],
    "tray.0.mass" => [-1, 0, "heavy", 900], "tray.0.colour" => ["blue", "#12345", nil, 7],
    "tray.0.guessed" => [["weight"], "hole", nil],
    "beads.0.every" => [0, 501, 1.5, "two", nil], "beads.0.first" => [0, -1, 9999], "beads.0.of" => ["side", nil],
    "beads.0.on" => ["top", 1],
    "beads.0.bead" => ["k9", "", nil], "beads.0.section" => ["s9", nil], "beads.0.rule" => ["glued", nil],
    "beads.0.id" => ["", "ID", nil]
  }.freeze

  def test_bad_values_are_named_where_they_stand
    BAD.each do |path, values|
      values.each do |value|
        found = faults(changed(cuff, path, value))
        pointer = "/#{path.tr(".", "/")}"

        assert(found.keys.any? { |key| key.start_with?(pointer) }, "#{path} #{value.inspect}: #{found.keys}")
        found.each_value { |fault| refute_empty [fault.message, fault.accepted].map(&:to_s).reject(&:empty?), path }
      end
    end

    assert_empty faults(cuff)
  end

  def test_unknown_and_missing_fields_are_named
    assert_includes faults(changed(cuff, "beads.0.colour", "red")).keys, "/beads/0/colour"
    missing = cuff
    missing["beads"][0].delete("every")

    assert_equal ["/beads/0/every"], faults(missing).keys
    twice = cuff
    twice["tray"] << bead("k1")

    assert_equal ["/tray/1/id"], faults(twice).keys
    twice = cuff
    twice["beads"] << twice["beads"][0]

    assert_equal ["/beads/1/id"], faults(twice).keys
  end

  # Values off by ten or by 25.4 are questioned with the likely one offered; they are planned as they stand.
  def test_slipped_values_are_questioned
    {"40 mm" => "4 mm", "0.4 mm" => "4 mm"}.each do |typed, likely|
      made = plan(changed(changed(cuff, "tray.0.length", size(typed)), "tray.0.hole", size("0.3 mm")))
      doubt = said(made).find { |item| item.id == "value-doubtful" && item.place == "/tray/0/length" }

      assert_includes doubt.offers.map { |offer| offer.delete(" ") }, likely.delete(" "), typed
    end
    inches = said(plan(changed(cuff, "tray.0.width", size("3 in")))).find do |item|
      item.id == "value-doubtful" && item.place == "/tray/0/width"
    end

    assert_includes inches.offers, "3 mm"
  end

  # Every rule asks for the section it can lie on and for a wire in its role.
  def test_rules_ask_for_their_ground
    frame = document("pendant", tray: [bead])
    bend = put_together([bent("s1", "w1", {kind: "wave", length: 30.0, height: 4.0, waves: 3})],
      wires: [base("w1"), weaving("w3")])
    spun = {weaving: "w3"}
    on_weave =
      {"woven" => {of: "wrap", every: 1, first: 1, on: "back"}, "curve" => {**spun, side: "inside", wraps: 1, count: 0},
        "surface" => {**spun, count: 0},
"rows" => {**spun, counts: [], wraps: 1, from: size("1 mm")}}
    on_bend = {"strung" => {from: size("1 mm"), apart: size("0 mm"), count: 1},
      "scattered" => {**spun, from: size("1 mm"), coils: 1, passes: 1, count: 0},
"framed" => {**spun, from: size("1 mm"), circuits: 1, coils: 1}}

    on_weave.each do |rule, fields|
      assert_empty faults(with_beads(frame, placed(rule, **fields))), rule
      assert_includes faults(with_beads(bend, placed(rule, **fields))).keys, "/beads/0/section", rule
    end
    on_bend.each do |rule, fields|
      assert_includes faults(with_beads(frame, placed(rule, **fields))).keys, "/beads/0/section", rule
    end
    assert_empty faults(with_beads(bend, placed("scattered", **on_bend["scattered"])))
    assert_equal ["/beads/0/section"], faults(with_beads(bend, placed("framed", **on_bend["framed"]))).keys
    on_weave.merge(on_bend).select { |_, fields| fields[:weaving] }.each do |rule, fields|
      assert_includes faults(
        with_beads(on_weave.key?(rule) ? frame : bend, placed(rule, **fields, weaving: "w1"))
      ).keys, "/beads/0/weaving",
        rule
    end
  end

  FINDINGS =
    {"findings.0.count" => [0, 501, 1.5], "findings.0.inside" => [{"typed" => "0 mm"}, {"typed" => "x"}],
      "findings.0.wire" => [{"typed" => "9 mm"}], "findings.0.metal" => ["tin", nil],
               "findings.0.side" => ["left", nil], "findings.0.kind" => ["rope", nil]}.freeze

  def test_bad_findings_are_named
    rings = {"id" => "f1", "kind" => "jump_rings", "side" => "end", "inside" => size("4 mm"), "wire" => size("0.8 mm"),
      "metal" => "brass", "count" => 2}
    FINDINGS.each do |path, values|
      values.each do |value|
        json = document("bracelet", findings: [rings.dup])

        assert(faults(changed(json, path, value)).keys.any? { |key| key.start_with?("/#{path.tr(".", "/")}") },
          "#{path} #{value.inspect}")
      end
    end

    assert_empty faults(document("bracelet", findings: [rings]))
    assert_equal ["/findings/1/id"], faults(document("bracelet", findings: [rings, rings])).keys
  end
end
