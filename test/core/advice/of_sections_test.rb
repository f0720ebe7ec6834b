# frozen_string_literal: true

require_relative "../../test_helper"
require_relative "../../support/sections"

# What Meander notices about pieces put together from sections: each check where it must speak and where it must not.
class BuiltAdviceTest < PieceTest
  include Sections

  def strip(form, **more)
    plan(put_together([woven("s1", %w[w1 w2], form, **more)], wires: [base("w1"), base("w2"), weaving]))
  end

  def wire(bend, typed = "0.8 mm") = plan(put_together([bent("s1", "w1", bend)], wires: [base("w1", typed)]))

  def assert_said(id, plan, severity: "warn", place: nil)
    found = advice(plan, id)

    assert found, "#{id} not among #{said(plan).map(&:id)}"
    assert_equal severity, found.severity
    assert_equal place, found.place if place

    refute_empty found.why
    refute_empty found.remedy
    found
  end

  def refute_said(id, plan) = assert_nil(advice(plan, id))

  # Coils that cover the inside wire set the tightest bend; the figures say how far those outside open: (R + s/2) / (R -
  # s/2) - 1.
  def test_bent_too_tight
    plan = strip({kind: "arc", radius: 1.4, towards: "far"}, extent: {"kind" => "repeats", "count" => 2})
    spread = plan.sections.first.layout.frame.centres.then { |centres| centres.last - centres.first }
    said = assert_said("bend-too-tight", plan, place: "/sections/0/form")

    assert_in_delta ((1.4 + (spread / 2)) / (1.4 - (spread / 2))) - 1, said.figures[:opens], 1e-9
    refute_said "bend-too-tight", strip({kind: "straight"})
  end

  # The barer wire inside a bend lets its coils close up; a maker who lays the fuller side inside chose that, and is
  # told how far those outside open, not to bend it the other way.
  def test_which_side_single_coils_lie_on
    chosen = strip({kind: "arc", radius: 10.0, towards: "near"})

    refute_match(/other way/, assert_said("bend-opens", chosen, severity: "note").remedy)
    refute_said "bend-too-tight", chosen
    refute_said "bend-too-tight", strip({kind: "arc", radius: 14.0, towards: "far"})
    assert_operator assert_said("bend-too-tight",
      strip({kind: "arc", radius: 1.2, towards: "far"}, extent: {"kind" => "repeats", "count" => 2})).figures[
        :least_mm], :>, 0
  end

  def test_an_arc_that_overlaps_itself
    said = assert_said("bend-overlaps", strip({kind: "arc", radius: 3.0, towards: "far"}), severity: "stop",
      place: "/sections/0/form/radius")

    assert_operator said.figures[:length_mm], :>, said.figures[:round_mm]
    refute_said "bend-overlaps", strip({kind: "arc", radius: 30.0, towards: "far"})
  end

  # Turns lie side by side at least; what was asked for is told, not changed in silence.
  def test_turns_of_a_helix
    long = {"kind" => "length", "length" => size("80 mm")}
    said = assert_said("helix-overlaps", strip({kind: "helix", dowel: 8.0, rise: 1.0}, extent: long),
      place: "/sections/0/form/rise")

    assert_in_delta 1.0, said.figures[:rise_mm]
    refute_said "helix-overlaps", strip({kind: "helix", dowel: 8.0, rise: 0.0}, extent: long)
    refute_said "helix-overlaps", strip({kind: "helix", dowel: 8.0, rise: 5.0}, extent: long)
  end

  def test_frames_soft_and_springy
    leaf = lambda do |long, typed, temper|
      changes = [0, 1].flat_map { |i| [[:"wires.#{i}.size", size(typed)], [:"wires.#{i}.temper", temper]] }.to_h
      plan(document("pendant", "sections.0.form.length": size("#{long} mm"),
        "sections.0.form.width": size("#{long / 4.0} mm"), **changes))
    end

    assert_said "frame-soft", leaf.call(60, "0.7 mm", "soft")
    refute_said "frame-soft", leaf.call(60, "0.7 mm", "half_hard")
    assert_said "frame-springy", leaf.call(14, "1.3 mm", "hard")
    refute_said "frame-springy", leaf.call(14, "1.3 mm", "soft")
  end

  def test_a_weave_longer_than_its_frame
    said = assert_said("section-too-long",
      plan(document("earring", "sections.0.extent": {"kind" => "repeats", "count" => 90})), severity: "stop",
      place: "/sections/0/extent")

    assert_operator said.figures[:over_mm], :>, 0
    refute_said "section-too-long", plan(document("earring"))
    refute_said "section-too-long", plan(document("earring", "sections.0.extent": {"kind" => "repeats", "count" => 20}))
  end

  # Ten petals of 0.7 mm leave 2 * 0.35 / sin(9 degrees) - 0.7 = 3.77 mm.
  def test_the_centre_of_a_rosette
    rosette = {kind: "rosette", long: 14.0, short: 11.0, fold: 1.6, centre: 0.0, petals: 10}

    said = assert_said("centre-open", wire(rosette, "0.7 mm"), severity: "note", place: "/sections/0/bend/centre")

    assert_in_delta 3.775, said.figures[:hole_mm], 0.01
    refute_said "centre-open", wire(rosette.merge(petals: 3, fold: 3.0), "0.7 mm")
    assert_in_delta 5.3,
      assert_said("centre-open", wire(rosette.merge(centre: 6.0), "0.7 mm"), severity: "note").figures[:hole_mm], 1e-9
  end

  def test_waists_that_differ
    assert_said "waists-differ", plan(document("links", "sections.0.form.crossing": "in_turn"))
    %w[left right].each do |side|
      refute_said "waists-differ", plan(document("links", "sections.0.form.crossing": side))
    end
    refute_said "waists-differ",
      plan(document("links", "sections.0.form.crossing": "in_turn", "sections.0.form.frames": 2))
  end

  def test_wire_bent_tighter_than_it_is_thick
    assert_said "wire-bent-tight", wire({kind: "wave", length: 20.0, height: 6.0, waves: 6}, "1.2 mm")
    assert_said "wire-bent-tight", wire({kind: "swirl", inside: 0.8, pitch: 1.2, turns: 2}, "1.0 mm")
    refute_said "wire-bent-tight", wire({kind: "wave", length: 60.0, height: 4.0, waves: 2})
    refute_said "wire-bent-tight", wire({kind: "line", length: 60.0})
  end

  def test_a_bail_and_its_chain
    said = assert_said("bail-too-small", plan(document("pendant", "body.chain": size("5 mm"))),
      place: "/endings/0/inside")

    assert_equal({inside_mm: 4.0, chain_mm: 5.0}, said.figures)
    refute_said "bail-too-small", plan(document("pendant"))
  end

  # Common practice: past about 7 g an earring pulls.
  def test_weight_on_an_ear
    heavy = document("earring",
      "sections.0.form": {"kind" => "drop", "length" => size("70 mm"), "width" => size("40 mm"),
        "open" => size("5 mm")}, "wires.0.size": size("1.6 mm"),
      "wires.1.size": size("1.6 mm"))

    assert_operator assert_said("ear-heavy", plan(heavy)).figures[:mass_g], :>, 7
    refute_said "ear-heavy", plan(document("earring"))
    refute_said "ear-heavy", plan({**heavy, "body" => {"kind" => "component"}})
  end

  def test_a_single_earring
    assert_said "pair-not-mirrored", plan(document("earring", "body.pair": false)), severity: "note"
    refute_said "pair-not-mirrored", plan(document("earring"))
  end

  def test_a_row_round_a_wrist
    said = assert_said("row-off", plan(document("links")))

    assert_equal 8, said.figures[:frames]
    refute_said "row-off", plan(document("links", "sections.0.form.frames": 8))
    refute_said "row-off", plan(document("links", pins: []))
    assert_said "row-not-closed", plan(document("links", endings: []))
    refute_said "row-not-closed", plan(document("links"))
  end

  # A row without frames says how far it is off where no ease takes it up.
  def test_a_row_of_loops
    row = ->(count) {
      put_together([bent("s1", "w1", {kind: "loops", inside: 6.0, pitch: 9.0, count:})], wires: [base("w1", "1.2 mm")],
        body: {"kind" => "links", "ease" => size("10 mm")},
        pins: pins("wrist" => "160 mm"))
    }

    assert_said "row-off", plan(row.call(6))
    refute_said "row-off", plan(row.call(19))
    assert_nil plan(row.call(19)).fit.frames
  end

  # What the weave says of a section is said at that section, and the usual cautions once.
  def test_sections_speak_at_their_place
    plan = plan(
      put_together(
        [woven("s1", %w[w1 w2]),
          woven("s2", %w[w1 w2], {kind: "leaf", length: 30.0, width: 9.0, open: 0.0}, at: after("s1"))],
        wires: [base("w1"), base("w2"), weaving]
      )
    )

    assert_equal ["/sections/1/spacing"], said(plan).select { |item| item.id == "frame-narrows" }.map(&:place)
    assert_equal 1, said(plan).count { |item| item.id == "caution-cutting" }
    assert_said "skin-marks", plan, severity: "note"
  end

  # Stops first, then what to look out for, then what is good to know.
  def test_in_order_of_weight
    order = said(
      plan(document("earring", "sections.0.extent": {"kind" => "repeats", "count" => 90}, "body.pair": false))
    ).map(
      &:severity
    )

    assert_equal order.sort_by { |severity| %w[stop warn note].index(severity) }, order
    assert_includes order, "stop"
  end
end
