# frozen_string_literal: true

require_relative "../../test_helper"
require_relative "../../support/bead_pieces"

# Beads that are set afterwards or strung on a wire: where they lie, what they take of wire, and what is noticed.
class BeadsTest < PieceTest
  include BeadPieces

  # Rows hold as many as their gap at their narrower side; both ends of one wire go through each, and wrap the frame
  # between.
  def test_rows_across_a_frame
    made = pendant(wired("rows", counts: [], wraps: 2, from: size("6 mm")), bead("k1", "2 mm", "2 mm"),
      "sections.0.extent": {"kind" => "repeats", "count" => 1})
    rule = rule_of(made)
    opening = made.sections.first.opening
    rows = rule.lying.group_by { |one| one.at[0] }
    across = rows.keys.sum { |along| 2 * (opening.clear_mm(along) + 0.8) }
    between = (rows.size - 1) * 2 * ((2 * Math.hypot(Math::PI * 1.1, 0.3)) + (2.0 - 0.6))

    rows.each { |along, row| assert_operator row.size * 2.0, :<=, opening.clear_mm(along) + 0.15 }
    rows.each { |along, row| assert_operator (row.size + 1) * 2.0, :>, opening.clear_mm(along) - 0.6 }
    assert_in_delta across + between, rule.own_mm, 1e-6
    assert_equal [0.3, 0.3], rule.through
    assert_in_delta 2.0, rule.pitch_mm, 1e-9
    assert_in_delta 1.1, rule.bare_mm, 1e-9
    # Drawn: across through each row, and between two rows its wraps round both wires, a wire apart.
    between = rule.wire_uses.drop(answer(made)[:beads][:placed][0][:words][/(\d+) rows?/, 1].to_i)

    assert_equal rule.wraps, between.size
    between.each { |(from, to), face| assert_equal [1.1, 1], [(to[1] - from[1]).round(6), face] }
    assert_in_delta 0.3, between.map { |(from, _), _| from[0] }.uniq.sort.each_cons(2).map { |a, b| b - a }.min, 1e-9
    wide = pendant(wired("rows", counts: [1, 2, 40], wraps: 9, from: size("12 mm")), bead("k1", "2 mm", "2 mm"))

    assert_in_delta 10 * 0.3, rule_of(wide).pitch_mm, 1e-9
    assert_match(/a row of 40 needs 80 mm between the wires/, advice(wide, "bead-no-room").remedy)
    assert_equal "warn", advice(wide, "bead-on-weave").severity
  end

  # Along the inside of an arc they sit at R - s/2 - D/2 - d - b/2; as many as that line holds, outside more.
  def test_beads_along_an_arc
    arc = lambda do |side, towards|
      strip = woven("s1", %w[w1 w2], {kind: "arc", radius: 20.0, towards:},
        extent: {"kind" => "repeats", "count" => 20})
      plan(with_beads(put_together([strip], wires: [base("w1"), base("w2"), weaving]),
        placed("curve", weaving: "w9", side:, wraps: 1, count: 0)))
    end
    %w[near far].each do |towards|
      inside, outside = %w[inside outside].map { |side| arc.call(side, towards) }
      long = inside.sections.first.length_mm
      line = long * (20 - 0.55 - 0.4 - 0.3 - 1.5) / 20

      assert_in_delta line, rule_of(inside).line_mm, 1e-9
      assert_equal (line / 3).floor, rule_of(inside).count
      assert_operator rule_of(outside).count, :>, rule_of(inside).count
      centre = inside.placed.poses["s1"].at([(towards == "far") ? 20.0 : -20.0, 0.0, 0.0])

      inside.beads_h[:drawn][:set].each do |_, x, y, *|
        assert_in_delta 20 - 2.75, Math.hypot(x - centre[0], y - centre[1]), 1e-3
      end
    end
  end

  # Strung, framed and centred beads: their room, their wire, their place.
  def test_beads_on_bent_wires
    stem = put_together([bent("s1", "w1", {kind: "line", length: 30.0})], wires: [base("w1"), weaving], endings: [])
    strung = plan(
      with_beads(stem.merge("wires" => [base("w1")]),
        placed("strung", from: size("2 mm"), apart: size("1 mm"), count: 0), bead(hole: "1 mm"))
    )

    assert_equal 7, rule_of(strung).count
    assert_in_delta 28 - 27, rule_of(strung).left_mm, 1e-9
    assert_equal [[0.8]], strung.beads.map(&:through)
    framed = plan(
      with_beads(stem, placed("framed", weaving: "w9", from: size("8 mm"), circuits: 2, coils: 6),
        bead("k1", "8 mm", "8 mm", hole: "1 mm"))
    )
    coil = Math.hypot(Math::PI * 1.1, 0.3)

    assert_in_delta (Math::PI * (8.3 + 8.9)) + (2 * Math::PI * 1.1) + (12 * coil), rule_of(framed).own_mm, 1e-9
    assert_in_delta framed.separate_lengths.first.path_mm, rule_of(framed).own_mm, 1e-9
    assert_includes order(framed).flat_map(&:cuts).map(&:mm), framed.separate_lengths.first.cut_mm
    assert_equal ["bead", "bead", "shape"], order(framed).map(&:kind).values_at(2, 3, 4)
    assert_match(/coil it 6 times round the stem below .* in 2 circuits/, order(framed)[3].words)
    framing = plan(
      with_beads(stem, placed("framed", weaving: "w9", from: size("8 mm"), circuits: 3, coils: 6),
        bead("k1", "8 mm", "6 mm", hole: "1 mm"))
    )
    # Each circuit lies a wire further out round the bead's middle, the odd one in front.
    coils, circuits = rule_of(framing).wire_uses.partition { |points, _| points.size == 2 }
    # Below and above, beyond the circuits, a wire apart.
    sides = coils.map { |((_, one), (_, other)), _| (one + other) / 2 }.each_slice(6).map(&:minmax)
    [[8 - (0.3 * 8.5), 8 - (0.3 * 3.5)], [16 + (0.3 * 3.5), 16 + (0.3 * 8.5)]].zip(sides) do |wanted, side|
      wanted.zip(side) { |mm, drawn| assert_in_delta mm, drawn, 1e-9 }
    end
    circuits.each_with_index do |(points, face), i|
      [[0, 0.0, 6.3], [1, 12.0, 8.3]].each do |axis, middle, first|
        reach = (first + (2 * i * 0.3)) / 2

        assert_equal [middle - reach, middle + reach].map { |mm| mm.round(6) },
          points.map { |point| point[axis].round(6) }.minmax
      end
      assert_equal [1, 1, -1][i], face
    end
    short = plan(
      with_beads(stem, placed("framed", weaving: "w9", from: size("2.6 mm"), circuits: 3, coils: 6),
        bead("k1", hole: "1 mm"))
    )

    assert_match(/it needs 2.7 mm of stem on each side .* a stem 8.4 mm long/, advice(short, "bead-no-room").remedy)
    assert_nil advice(framed, "bead-room-left")
    assert_equal "only a straight run is a stem",
      faults(with_beads(spun, placed("framed", weaving: "w9", from: size("1 mm"), circuits: 1, coils: 1)))[
        "/beads/0/section"]
  end

  def test_a_bead_in_the_centre
    made = pendant(wired("centre", wraps: 3), bead("k1", "10 mm", "10 mm"))
    rule = rule_of(made)

    assert_in_delta 15 + 0.8 + (6 * Math.hypot(Math::PI * 1.1, 0.3)), rule.own_mm, 1e-6
    assert_in_delta 15 - 0.6 - 10, rule.left_mm, 1e-6
    over = advice(pendant(wired("centre", wraps: 3), bead("k1", "16 mm", "16 mm")), "bead-over-opening")

    assert_equal ["note", "It is 16 mm wide, the opening 14.4 mm."], [over.severity, over.why]
    assert_nil advice(made, "bead-over-opening")
    ring = plan(
      put_together([woven("s1", %w[w1 w2], {kind: "ring"}, extent: {"kind" => "repeats", "count" => 40})],
        wires: [base("w1"), base("w2"), weaving]).merge("tray" => [bead],
          "beads" => [placed("centre", weaving: "w9", wraps: 2)])
    )
    x, y = ring.beads_h[:drawn][:set].first[1, 2]

    assert_in_delta ring.sections.first.length_mm / 2 / Math::PI, Math.hypot(x, y), 1e-3
  end

  # What goes through a hole, what is crowded, heavy, rough or guessed is said with figures.
  def test_what_is_noticed
    small = advice(cuff(woven_bead, bead(hole: "0.4 mm")), "bead-hole-small")

    assert_equal ["stop", "/beads/0/bead", 0.315], [small.severity, small.place, small.figures[:passes_mm]]
    assert_in_delta 0.45, small.figures[:need_mm], 1e-9
    assert_nil advice(cuff(woven_bead, bead(hole: "0.45 mm")), "bead-hole-small")
    assert_operator advice(cuff(woven_bead(every: 1)), "bead-crowded").figures[:pitch_mm], :<, 3
    assert_equal "warn", advice(cuff(woven_bead, bead("k1", "20 mm", "20 mm")), "bead-heavy").severity
    assert_equal "warn",
      advice(cuff(woven_bead, bead(material: "shell"), "wires.2.metal": "silver_plated"), "bead-rough").severity
    assert_match(/hole/, advice(cuff(woven_bead, bead(guessed: ["hole"])), "bead-guessed").why)
    %w[bead-hole-small bead-crowded bead-heavy bead-rough bead-guessed bead-no-room].each do |id|
      assert_nil advice(cuff(woven_bead), id), id
    end
  end

  # Round a core: bare turns are helices, the turn with a bead goes out round it; two passes hold twice as many, to both
  # sides.
  def test_beads_scattered_round_a_core
    core = put_together([bent("s1", "w1", {kind: "line", length: 40.0})], wires: [base("w1"), weaving])
    made = ->(
      **changes) {
      plan(
        with_beads(core,
          placed("scattered", weaving: "w9", from: size("2 mm"), coils: 4, passes: 1, count: 0, **changes))
      )
    }
    one, two = made.call, made.call(passes: 2)
    coil = Math.hypot(Math::PI * 1.1, 0.3)
    rho, out, up = 0.55, 1.9, 1.5
    far = Math.hypot(out, up)
    beaded = (Math::PI * rho) +
      (2 * ((rho * [Math.atan2(out, up) - Math.acos(rho / far), 0].max) + Math.sqrt((far**2) - (rho**2)))) + 3

    assert_equal [(38 / 4.2).floor, 2 * (38 / 4.2).floor], [one, two].map { |plan| rule_of(plan).count }
    assert_in_delta 9 * ((4 * coil) + beaded), rule_of(one).own_mm, 1e-9
    assert_equal [-1.9, 1.9], two.beads_h[:drawn][:set].map { |row| row[1] }.minmax.map { |x| x.round(6) }
    # Drawn, four bare turns stand before each bead of the first pass, a wire apart and clear of it.
    along = ->(points) { points.sum(&:last) / 2 }
    turns = rule_of(one).wire_uses.map { |points, _| along.call(points) }.each_slice(5).to_a
    turns.zip(rule_of(one).lying) do |(*bare, _), bead|
      bare.each_cons(2) { |mm, further| assert_in_delta 0.3, further - mm, 1e-9 }
      assert_in_delta bead.at[1] - 1.5 - 0.15, bare.last, 1e-9
    end
    assert_in_delta 2 + 0.15, turns[0][0], 1e-9
    assert_operator rule_of(two).wire_uses.flat_map { |points, _| points.map(&:last) }.max, :<=, 40
    assert_match(/100 need a core \d+ mm long/, advice(made.call(count: 100), "bead-no-room").remedy)
  end

  # Round a bent core they stand off it square to its way: as far from the middle of the arc as it is bent, and bead and
  # wire stand off.
  def test_beads_scattered_round_a_bent_core
    arc = {kind: "arc", radius: 20.0, angle: 140, towards: "far"}
    json = put_together([bent("s1", "w1", arc)], wires: [base("w1"), weaving])
    plan = plan(with_beads(json, placed("scattered", weaving: "w9", from: size("2 mm"), coils: 4, passes: 1, count: 0)))
    off = rule_of(plan).lying.map { |one| Math.hypot(one.at[0] - 20, one.at[1]) - 20 }

    assert_operator off.size, :>, 5
    off.each { |mm| assert_in_delta 1.9, mm.abs, 1e-3 }
    assert_equal [-1, 1], off.map { |mm| mm <=> 0 }.uniq.sort
  end

  # Stitched on where two wires meet: wraps on both, straight across through the bead; in front where there is no room
  # between.
  def test_beads_where_two_sections_meet
    rows = lambda do |apart|
      line = {kind: "line", length: 30.0}
      beside = {"kind" => "beside", "section" => "s1", "across" => size("#{apart} mm"), "along" => size("0 mm"),
        "side" => "far"}
      json = put_together([bent("s1", "w1", line), bent("s2", "w2", line, at: beside)],
        wires: [base("w1"), base("w2"), weaving])
      plan(with_beads(json, placed("met", weaving: "w9", other: "s2", places: 2, wraps: 3)))
    end
    far, near = rows.call(5), rows.call(1)
    coil = Math.hypot(Math::PI * 1.1, 0.3)
    on = far.beads.first.site.places.each_cons(2).sum do |a, b|
      Math.hypot(5, b.met.one.place[1] - a.met.other.place[1])
    end

    assert_in_delta (2 * 5) + (12 * coil) + on, rule_of(far).own_mm, 1e-9
    assert_equal [[0, 0], [1, 1]], [far, near].map { |plan| plan.beads_h[:drawn][:set].map { |row| row[5] } }
    assert_equal "beads are stitched on where two sections meet",
      faults(with_beads(spun, placed("met", weaving: "w9", other: "s1", places: 1, wraps: 1)))["/beads/0/other"]
  end

  def test_what_cannot_be
    json = document("cuff")

    assert_equal ["/tray/0/hole"], faults(with_beads(json, woven_bead, bead(hole: "3 mm"))).keys
    assert_equal ["/tray/0/length"], faults(with_beads(json, woven_bead, bead("k1", "0 mm"))).keys
    assert_equal ["/beads/0/bead"], faults(with_beads(json, woven_bead(bead: "k9"))).keys
    assert_equal ["/beads/0/section"], faults(with_beads(json, woven_bead(section: "s7"))).keys
    assert_equal ["/beads/0/section"],
      faults(with_beads(json, placed("strung", from: size("1 mm"), apart: size("0 mm"), count: 3))).keys
    assert_equal ["/beads/0/section"],
      faults(with_beads(json, wired("rows", counts: [], wraps: 1, from: size("0 mm")))).keys
    assert_equal ["/beads/0/every"], faults(with_beads(json, woven_bead(every: 1.5))).keys
    assert_equal ["/beads/0/weaving"], faults(with_beads(json, wired("surface", weaving: "w1", count: 0))).keys
  end

  # A thousand beads on a short wire are named, and only as many as there is room for are drawn.
  def test_far_too_many
    json = with_beads(put_together([bent("s1", "w1", {kind: "line", length: 50.0})], wires: [base("w1")]),
      placed("strung", from: size("0 mm"), apart: size("0 mm"), count: 1000), bead(hole: "1 mm"))
    made = plan(json)

    assert_equal [16, 984], [rule_of(made).count, advice(made, "bead-no-room").figures[:over]]
  end

  # What fills a gap: those the wire passes first, then those that leave least between.
  def test_what_fits
    kinds = [["3 mm", "0.8 mm"], ["4 mm", "0.84 mm"], ["4.5 mm", "0.3 mm"], ["30 mm", "1 mm"],
      ["6 mm", "1 mm"]].map { |long, hole| kind(length: size(long), width: size(long), hole:) }
    fits = Meander::Beads::Fitting.call(kinds, gap_mm: 13.0, wires: [0.4, 0.4])

    assert_equal [[3.0, 4, false], [4.0, 3, false], [6.0, 2, true],
      [4.5, 2, false]].sort_by { |along, count, passes| [passes ? 0 : 1, (13 - (along * count)) / (count + 1)] },
      fits.map { |fit| [fit.kind.along_mm, fit.count, fit.passes] }
    assert_in_delta 13 - 12, fits.find { |fit| fit.kind.along_mm == 4 }.left_mm, 1e-9
  end
end
