# frozen_string_literal: true

require_relative "../../../test_helper"
require_relative "../../../support/sections"

# What joins sections: lacings and ties, one on the centre of another, wires cut away between two.
class LacedTest < PieceTest
  include Sections

  Meeting = Meander::Form::Meeting

  def lace(rows, places: 1, wraps: 3, id: "s9")
    {"id" => id, "craft" => "lace", "base" => [], "weaving" => ["w9"], "rows" => rows, "places" => places,
      "wraps" => wraps}
  end

  def beside(section, across)
    {"kind" => "beside", "section" => section, "across" => size("#{across} mm"), "along" => size("0 mm"),
      "side" => "far"}
  end

  def laced(plan) = plan.sections.find { |one| one.joins.any? }

  def pair(bend, across, **lacing)
    plan(put_together(
      [bent("s1", "w1", bend), bent("s2", "w2", bend, at: beside("s1", across)), lace(%w[s1 s2], **lacing)],
      wires: [base("w1"), base("w2"), weaving]
    ))
  end

  def faults(json)
    assert_raises(Meander::InvalidInput) { plan(json) }.faults.to_h { |fault| [fault.path, fault.message] }
  end

  # Parallel rows meet straight across, whichever way each of them runs.
  def test_rows_meet_where_they_are_nearest
    one = (0..300).map { |i| [0.0, i / 10.0, 0.0] }
    other = one.map { |_, y, z| [4.0 + ((y - 15).abs / 10), y, z] }
    [other, other.reverse].each do |row|
      met = Meeting.call([one], [row], 3)

      assert_equal [10.0, 15.0, 20.0], met.map { |m| m.one.place[1] }
      met.each { |m| assert_in_delta m.one.place[1], m.other.place[1], 1e-9 }
      assert_in_delta 4.0, met[1].apart_mm, 1e-9
    end
  end

  # Two straight wires apart: coils on each (helices), straight across, slantwise on to the next place; every length by
  # hand.
  def test_a_lacing_by_hand
    lacing = laced(pair({kind: "line", length: 30.0}, 5.0, places: 3, wraps: 2))
    coil = Math.hypot(Math::PI * 1.1, 0.3)
    on = lacing.places.each_cons(2).sum { |a, b| Math.hypot(5.0, b.met.one.place[1] - a.met.other.place[1]) }

    refute_predicate lacing, :tied?
    assert_equal 12, lacing.wraps
    assert_in_delta (12 * coil) + (3 * 5.0) + on, lacing.path_mm, 1e-6
  end

  # Wires that touch are tied with open belts round both; of one size that is twice the distance and a whole turn.
  def test_a_tie_by_hand
    plan = pair({kind: "line", length: 20.0}, 0.8, wraps: 3)
    lacing = laced(plan)

    assert_predicate lacing, :tied?
    assert_in_delta 3 * ((2 * 0.8) + (Math::PI * 1.1)), lacing.path_mm, 1e-6
    assert_equal 3, plan.wraps
    assert_equal 1, plan.runs.sum { |run| run.marks.count { |mark| mark.words == "tie 1" } } / 2
  end

  # Loops in two rows laced loop by loop: a place on every loop of both, marked on their wires in order, and all of it
  # in the cut list.
  def test_two_rows_of_loops_laced_together
    plan = pair({kind: "loops", inside: 5.0, count: 6, pitch: 6.5}, 8.0, places: 6, wraps: 2)
    marks = plan.runs.map { |run| run.marks.select { |mark| mark.words.start_with?("lacing") } }

    assert_equal [6, 6], marks.map(&:size)
    marks.each { |own| assert_equal own.map(&:at_mm).sort, own.map(&:at_mm) }
    laced(plan).places.each { |one| assert_in_delta 8.0 - 5.8, one.met.apart_mm, 1e-6 }
    lacing = laced(plan).separate_lengths.first
    loops = plan.runs.sum { |run| run.wire.material.mass_g(0.8, run.kept_mm) }

    assert_in_delta lacing.mass_g, plan.mass_g - loops, 1e-9
    assert_includes Meander.csv(plan), "laces sections 1 and 2"
    steps = order(plan).map(&:words)

    assert(steps.any? { |words|
      words.match?(/\ACut #{lacing.cut_mm} mm of .* and lace section 1 and section 2 together/)
    })
    assert_nil said(plan).find { |item| item.id == "lacing-loose" }
    assert advice(pair({kind: "line", length: 30.0}, 12.0), "lacing-loose")
  end

  def test_what_cannot_be_laced
    line = {kind: "line", length: 30.0}
    same = put_together([bent("s1", "w1", line), lace(%w[s1 s1])], wires: [base("w1"), weaving])
    later = put_together([lace(%w[s1 s2], id: "s3"), bent("s1", "w1", line), bent("s2", "w2", line)],
      wires: [base("w1"), base("w2"), weaving])

    assert_equal "a section is not laced to itself", faults(same)["/sections/1/rows/1"]
    assert_equal %w[/sections/0/rows/0 /sections/0/rows/1], faults(later).keys
  end

  # A waved ring on a rosette's centre: the same middle, and the hole counts as covered.
  def test_a_waved_ring_on_a_centre
    rosette = {kind: "rosette", long: 14.0, short: 10.0, fold: 1.6, centre: 3.0, petals: 8}
    ring = {kind: "waved_ring", across: 7.0, height: 1.5, waves: 8}
    alone, covered =
      [[], [bent("s2", "w2", ring, at: {"kind" => "centre", "section" => "s1", "turn" => 20})]].map do |more|
      plan(put_together([bent("s1", "w1", rosette), *more], wires: [base("w1"), *(more.empty? ? [] : [base("w2")])]))
    end
    points = covered.sections[1].trace(1).map { |point| covered.placed.poses["s2"].at(point) }

    points.each { |x, y| assert_includes 2.749..4.251, Math.hypot(x, y) }
    assert(said(alone).any? { |item| item.id == "centre-open" })
    assert(said(covered).none? { |item| item.id == "centre-open" })
  end

  # A wire cut away between two sections is cut and marked, but is neither drawn nor weighed; one wire at least must
  # stay.
  def test_wires_cut_away_between
    sections =
      ->(cut) { [woven("s1", %w[w1 w2]), woven("s2", %w[w1 w2], at: {**after("s1", bare: 9.0), "cut_away" => cut})] }
    whole, cut = [[], ["w2"]].map do |gone|
      plan(put_together(sections.call(gone), wires: [base("w1"), base("w2"), weaving]))
    end

    assert_equal whole.runs.map(&:total_mm), cut.runs.map(&:total_mm)
    assert_in_delta whole.mass_g - (8.96e-3 * Math::PI * 0.16 * 9), cut.mass_g, 1e-9
    assert_equal ["cut away from here", "cut away to here"], cut.runs[1].marks.map(&:words).grep(/cut away/)
    assert(order(cut).any? { |step| step.words.start_with?("Cut the far wire away between section 2") })
    assert_equal "nothing would hold the two sections together",
      faults(put_together(sections.call(%w[w1 w2]), wires: [base("w1"), base("w2"), weaving]))["/wires/0/route/1"]
  end

  # Bent before it is woven, an arc's wraps lie close on its inside and further apart on its middle line, and take
  # longer wire.
  def test_an_arc_bent_before_it_is_woven
    first_plan, after_plan = %w[before after].map do |shaped|
      plan(put_together([woven("s1", %w[w1 w2], {kind: "arc", radius: 4.0, towards: "near", shaped:})],
        wires: [base("w1"), base("w2"), weaving]))
    end
    first, after = [first_plan, after_plan].map { |plan| plan.sections.first }
    half = first.layout.frame.centres.then { |low, high| (high - low) / 2 }

    assert_in_delta after.layout.pattern.advance_mm, first.layout.pattern.advance_mm * (4 - half) / 4, 1e-9
    assert_operator first.strip.account.path_mm, :>, after.strip.account.path_mm
    refute_nil advice(after_plan, "bend-opens")
    assert_nil advice(first_plan, "bend-opens")
  end

  # Weaving wire kept for later: cut and told where to begin, on the side it is kept; from the middle the beginning
  # moves off it.
  def test_weaving_wire_kept_for_later
    kept = ->(side,
      from) {
      plan(
        document("sections.0.reserve": {"side" => side, "length" => size("500 mm")}, "sections.0.from": from,
          pins: pins("repeats" => 20))
      ).band.strip.account
    }
    plain = kept.call("end", "end").lengths.first

    assert_in_delta 50, plain.begin_mm, 1e-9
    assert_in_delta 550, kept.call("start", "end").lengths.first.begin_mm, 1e-9
    middle, other = %w[start end].map { |side| kept.call(side, "middle") }

    assert_in_delta 500, middle.lengths.first.begin_mm - other.lengths.first.begin_mm, 1e-6
    assert_in_delta other.lengths.first.cut_mm, middle.lengths.first.cut_mm, 1e-6
    assert_in_delta 500, middle.reserve_mm, 1e-9
    assert_in_delta middle.total_mm, middle.lengths.sum(&:cut_mm), 1e-6
  end

  # A bare coil slid over a fold covers pi (f + D / 2) with turns that touch inside it; it is cut, drawn and weighed.
  def test_a_coil_over_a_fold
    json = document("pendant")
    ends = json["endings"].map { |ending| (ending["kind"] == "fold") ? ending.merge("cover" => "w3") : ending }
    bare, covered = plan(json), plan(json.merge("endings" => ends))
    coil = covered.separate_lengths.first
    fold = covered.runs.flat_map(&:parts).find { |part| part.words == "folded" && part.mm.positive? }.mm

    assert_equal (fold / 0.3).floor, coil.wraps
    assert_in_delta coil.wraps * Math.hypot(Math::PI * 1.1, 0.3), coil.path_mm, 1e-9
    assert_in_delta coil.mass_g, covered.mass_g - bare.mass_g, 1e-9
    assert_equal "a fold is covered with a weaving wire",
      faults(json.merge("endings" => ends.map { |ending| ending["cover"] ? ending.merge("cover" => "w1") : ending }))[
        "/endings/1/cover"]
  end
end
