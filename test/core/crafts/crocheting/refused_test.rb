# frozen_string_literal: true

require_relative "../../../test_helper"
require_relative "../../../support/crochets"

# What cannot be crocheted is named at its field with what can; what is likely to go wrong is told.
class CrochetRefusedTest < PieceTest
  include Crochets

  def refused(json) = assert_raises(Meander::InvalidInput, json.to_s[0, 200]) { planned(json) }.faults.first

  def test_what_cannot_be_crocheted_is_named
    every = {"kind" => "every", "every" => [1], "first" => 0}
    {typed("12s") => ["/sections/0/fabric/rows/0", /takes 12 stitches and the beginning has 10/],
      typed("10s; 11s") => ["/sections/0/fabric/rows/1", /takes 11 stitches and the row below has 10/],
      typed("9s", kind: "ring", way: "closed") => ["/sections/0/fabric/rows/0", /does not close/],
      typed("10c", count: 1) => ["/sections/0/fabric/rows/0", /holds on to nothing/],
      band(wire: "1.5 mm") => ["/sections/0/hook", /no loops/],
      band(500, 100) => ["/sections/0/extent", /more than can be planned/],
      band(3, 2000, extent: {"kind" => "length", "length" => size("2 m")}, hook: "0.6 mm", wire: "0.1 mm") =>
        ["/sections/0/extent", /more than can be planned/],
      cord(held: 4) => ["/sections/0/fabric", /more than three wires/],
      cord(turns: 2) => ["/sections/0/turns", /takes no turns/],
      band(begun: "edge") => ["/sections/0/begun", /no edge here/],
      band(lying: "along", begun: "edge") => ["/sections/0/begun", /only rows across/],
      crocheted({"kind" => "disc", "stitch" => "single"},
        form: {"kind" => "ring"}) => ["/sections/0/form/kind", /not bent/],
      crocheted({"kind" => "cup", "stitch" => "single", "over" => size("10 mm")}, count: 40) =>
        ["/sections/0/extent", /closed before/],
      band(beads: {picks: [every, every]}) => ["/beads/1/pick", /carries Glass 1 already/],
      band(beads: {picks: [{"kind" => "chart", "places" => [{"row" => 9, "stitch" => 1}]}]}) =>
        ["/beads/0/pick/places/0", /no stitch 1 in row 9/],
      band(beads: {picks: [{"kind" => "share", "share" => 0.6, "seed" => 1}] * 2}) => ["/beads/1/pick/share", /120/]}
      .each do |json, wanted|
      fault = refused(json)

      assert_equal wanted[0], fault.path
      assert_match wanted[1], fault.message
      refute_empty fault.accepted.to_s
    end
  end

  # Of a chart it is said which stitch there is none of, and how many rows there are; the last one can be pointed at.
  def test_a_chart_reaches_as_far_as_the_rows
    pointed = ->(row, stitch) {
      places = [{"row" => row, "stitch" => stitch}]
      band(6, 4, beads: {picks: [{"kind" => "chart", "places" => places}]})
    }

    assert_equal "rows up to 4", refused(pointed.call(9, 1)).accepted
    assert_match(/no stitch 7 in row 4/, refused(pointed.call(4, 7)).message)
    assert_equal 1, planned(pointed.call(4, 6)).beads.sum(&:count)
  end

  # Valid input at the ends of its ranges is planned in bounded work, its figures finite.
  def test_the_ends_of_ranges_are_planned
    [cord(2000, hook: "3.5 mm"), band(1, 1), band(1000, 12), tube(5, 2000), tube(1000, 12),
      crocheted({"kind" => "oval", "stitch" => "treble", "chains" => 200}, count: 2),
      crocheted({"kind" => "disc", "stitch" => "single", "first" => 5, "more" => 0}, count: 300),
      crocheted({"kind" => "disc", "stitch" => "double", "more" => 60}, count: 5),
      crocheted({"kind" => "triangle", "stitch" => "half", "more" => 2}, count: 100),
      typed("p s l t"), typed("s12 9-"), typed("5s/2", count: 1)].each do |json|
      plan = planned(json)
      section = plan.sections.first

      assert_predicate section.run_mm(0), :finite?
      assert_operator section.length_mm, :>, 0
      refute_match(/NaN|Infinity/, JSON.generate(Meander::Output::Answer.call(plan)))
      refute_empty Meander.steps(plan)
    end
  end

  def test_what_is_likely_to_go_wrong_is_told
    ids = ->(json) { planned(json).then { |plan| plan.sections.first.advice(plan).map(&:id) } }
    disc = ->(**more) { crocheted({"kind" => "disc", "stitch" => "single", **more.transform_keys(&:to_s)}, count: 5) }
    every = {"kind" => "every", "every" => [1], "first" => 0}

    {band(wire: "0.7 mm") => "crochet-stiff", band(hook: "6 mm") => "crochet-loose",
      disc[more: 12] => "crochet-ruffles",
      disc[more: 2] => "crochet-cups", tube(8, 10) => "crochet-seam", band(6, 8, stitch: "double") => "crochet-edges",
      band(3, 20, lying: "along") => "crochet-ends-back",
      band(beads: {mm: "4.5 mm", picks: [every]}) => "crochet-beads-crowd"}.each do |json, id|
      assert_includes ids[json], id
    end

    assert_equal %w[crochet-assumed], ids[band(6, 2)]
    assert_equal %w[crochet-assumed], ids[disc[more: 6]]
  end

  # Fine wire is usual where it is crocheted, and looks slipped where it is not.
  def test_fine_wire_is_usual_here
    ask = ->(json) { Meander::Document::PieceReader.call(json).questions.map { |one| one[:path] } }

    assert_empty ask[band(wire: "0.3 mm")]
    assert_equal ["/kinds/0/size"], ask[band(wire: "0.12 mm", hook: "1 mm")]
  end
end
