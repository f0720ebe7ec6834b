# frozen_string_literal: true

require_relative "../../test_helper"
require_relative "../../support/sections"
require_relative "../../support/trays"
require_relative "../../support/weaves"

# Figures at the ends of what can be made, each reckoned once more by hand.
class RightFiguresTest < PieceTest
  include Sections
  include Trays
  include Weaves

  # A wire led over 27 mm from gap to gap leans back far, and how it lay at its start shows for long. The rise told is
  # the settled one, however many repeats are asked for.
  def test_weaves_that_drift_end
    repeat = ->(gaps, wire, clear) { repeat(gaps, [1.0] * 3, wire, clear:) }

    assert_operator repeat.call([2, 3, 2, 0], 0.2, [27.3, 0.2]).advance_mm, :>, 0
    [8.0, 18.0, 25.4, 39.0, 60.0].product([0.1, 0.25]).each do |wide, wire|
      assert_in_delta 2 * wire, repeat.call([3, 1, 0, 1], wire, [wire, wide]).advance_mm, 1e-4,
        "#{wide} mm in #{wire} mm wire: two passes of it lie on the far wire"
    end
  end

  # Beside a much thicker wire a taut one does not touch the thin one between: it is a crossed belt round the other two
  # (any machine-design handbook): 2 sqrt(s^2 - (a + b)^2) + (a + b)(pi + 2 asin((a + b) / s)).
  def test_a_thin_wire_that_is_not_touched
    frame = Frame.new(base_mm: [0.5, 0.5, 2.0], wire_mm: 0.2, clear_mm: [4.0, 0.0])
    passes = PassTable.new(frame).closed([0, 1, 3, 1])
    s, both = 5.75, 0.35 + 1.1

    assert_in_delta (2 * Math.sqrt((s**2) - (both**2))) + (both * (Math::PI + (2 * Math.asin(both / s)))),
      passes.sum(&:length_mm), 1e-9
    passes.each do |pass|
      assert(pass.chain.pieces.grep(Meander::Curve::Arc)
        .all? { |arc| (arc.sweep * pass.face * (pass.to <=> pass.from)).negative? })
    end
  end

  # The bindings of loops and bails lie on the wires they bind.
  def test_bindings_lie_on_their_wires
    wires = [[0, -1.9], [1, 2.3]]
    seats = wires.map { |id, x| Meander::Endings::Seat.new(id, 0.8, x) }
    inside = Meander::Units::Size.of(4.0)
    bails = %w[round between].map { |bound| Meander::Endings::Bail.new({inside:, wraps: 3, bound:}, seats) }
    [Meander::Endings::ClosingLoop.new({inside:, wraps: 3, turns: 1}, seats), *bails].each do |ending|
      bound = ending.strands[0].parts.last.points

      assert_in_delta(-1.9 - 0.8, bound.map(&:first).min, 1e-6)
      assert_in_delta 2.3 + 0.8, bound.map(&:first).max, 1e-6
      gaps = ending.strands[0].parts.each_cons(2).map do |one, other|
        Math.sqrt(one.points.last.zip(other.points.first).sum { |a, b| (a - b)**2 })
      end

      assert_operator gaps.max, :<, 1e-6, "in one piece"
    end
  end

  # Wraps over a band go round all of it, whichever wires wrap: once round two wires 1.9 mm apart in 0.8 mm wire, woven
  # with 0.3: two straights and four quarter turns.
  def test_a_wrap_goes_round_the_whole_band
    section = woven("s1", %w[w1 w2], {kind: "straight"})
    plan = plan(
      put_together([section], wires: [base("w1"), base("w2"), weaving],
        endings: [{"id" => "e1", "side" => "end", "kind" => "wrap", "wires" => ["w1"], "wraps" => 1}])
    )
    ending = plan.ends.of_base.first
    rho, apart = 0.4 + 0.3 + 0.4, 0.8 + 0.3
    fold = Math::PI * rho / 2

    assert_in_delta fold + Math.hypot((2 * apart) + (2 * Math::PI * rho), 0.8), ending.strands[0].length, 1e-6
  end

  # What lies on a chain of frames lies on each of them: twice as many frames take twice the wire.
  def test_beads_on_a_chain_are_counted_once_a_frame
    {"surface" => {count: 4}, "curve" => {side: "inside", wraps: 1, count: 5}}.each do |rule, fields|
      own = [1, 2, 3, 9].map do |frames|
        json = put_together(
          [woven("s1", %w[w1 w2], {kind: "waists", length: 20.0, width: 7.0, frames:, crossing: "left"})],
          wires: [base("w1"), base("w2"), weaving]
        )
        plan(with_beads(json, placed(rule, weaving: "w9", **fields), bead("k1", "2 mm", "2 mm"))).separate_lengths.first
          .path_mm
      end

      assert_equal [1.0, 2.0, 3.0, 9.0], own.map { |mm| (mm / own[0]).round(9) }, rule
    end
  end

  # Beads along a frame follow its wire: every one as far from it as the weave and half a bead ask.
  def test_beads_follow_a_frame
    [{kind: "drop", length: 30.0, width: 14.0, open: 0.0},
      {kind: "crescent", length: 40.0, width: 8.0, open: 0.0, radius: 25.0, towards: "near"}]
        .product(%w[inside outside]).each do |form, side|
      json = put_together([woven("s1", %w[w1 w2], form)], wires: [base("w1"), base("w2"), weaving])
      plan = plan(
        with_beads(json, placed("curve", weaving: "w9", side:, wraps: 1, count: 0), bead("k1", "2 mm", "2 mm"))
      )
      wires = plan.sections.first.base.each_index.map do |id|
        plan.sections.first.trace(id).map { |point| plan.pose(plan.sections.first).at(point) }
      end
      off = plan.bead_places.lying.map do |_, _, _, (x, y), _|
        wires.flatten(1).map { |px, py| Math.hypot(px - x, py - y) }.min
      end

      assert_operator off.size, :>, 10, side
      off[1..-2].each { |mm| assert_in_delta 0.4 + 0.3 + 1.0, mm, 0.06, "#{form[:kind]} #{side}" }
    end
  end

  # The order on one wire that weaves both halves from its middle: from its end to the middle and on to its other end,
  # whatever place along the strip a pass leans to.
  def test_the_order_of_one_wire_through_both_halves
    walk = {"kind" => "walk", "gaps" => [2, 3, 2, 3, 1, 4, 1, 4, 0, 5, 0, 5, 1, 4, 1, 4], "before" => [], "after" => []}
    json = document("cuff", "sections.0.from": "middle", "sections.0.centre": "own", "sections.0.pattern": walk,
      pins: pins("repeats" => 4), "allowances.working_length": size("20 m"))
    json["wires"] = (1..5).map { |i| json["wires"][0].merge("id" => "b#{i}") } << json["wires"][2]
    json["sections"][0]["base"] = (1..5).map { |i| "b#{i}" }
    json["endings"].each { |ending| ending["wires"] = json["sections"][0]["base"] }
    kinds = [bead("k1", "1 mm", "1 mm"), bead("k2", "1.2 mm", "1.2 mm")]
    on = [placed("woven", of: "wrap", every: 3, first: 1, on: "front"),
      placed("woven", id: "d2", bead: "k2", of: "wrap", every: 2, first: 2, on: "back")]
    plan = plan(json.merge("tray" => kinds, "beads" => on))
    half = plan.band.layout.strip(4).pass_count
    on_wire = plan.beads
      .flat_map { |rule| rule.lying.map { |one| [(one.pass < half) ? one.pass : half - 1 - one.pass, one.kind.id] } }
        .sort.map(&:last)
    told = Meander::Beads::Stringing.call(plan.beads)

    assert_equal 1, told.size
    assert_equal on_wire.reverse, told.first.runs.flat_map { |kind, times| [kind.id] * times }
  end

  # In every drop the weaving wire passes where the frame lets it: no gap rounded below it.
  def test_no_drop_stops_its_own_wire
    %w[0.32 0.315 0.25 0.28].push("28 awg", "30 swg").product([9.0, 16.3], [0.0]).each do |wire, width, open|
      json = put_together([woven("s1", %w[w1 w2], {kind: "drop", length: 31.0, width:, open:})],
        wires: [base("w1"), base("w2"), weaving("w9", wire)])

      assert_nil advice(plan(json), "no-room"), "#{wire} in #{width}, open #{open}"
    end
  end

  # Endings of a helix begin where its wires end, and lead on along them.
  def test_endings_of_a_helix_lie_on_their_wires
    json = put_together(
      [woven("s1", %w[w1 w2], {kind: "helix", dowel: 6.0, rise: 0.0},
        extent: {"kind" => "length", "length" => size("60 mm")})], wires: [base("w1"), base("w2"), weaving],
      endings: [{"id" => "e1", "side" => "start", "kind" => "post", "wires" => ["w2"], "length" => size("9 mm")},
        {"id" => "e2", "side" => "end", "kind" => "fold", "wires" => %w[w1 w2]}]
    )
    plan = plan(json)
    section = plan.sections.first
    ended = plan.instance_variable_get(:@ended)
    at = ->(id, last) { plan.pose(section).at(section.trace(id).public_send(last ? :last : :first)) }
    far = ->(one, other) { Math.sqrt(one.zip(other).sum { |a, b| (a - b)**2 }) }

    assert_operator far.call(ended["e1"].points(1).first, at.call(1, false)), :<, 1e-6
    assert_operator far.call(ended["e2"].points(0).first, at.call(0, true)), :<, 1e-6
    assert_operator far.call(ended["e2"].points(0).last, at.call(1, true)), :<, 1e-6
    leads = ended["e1"].points(1).first(2).then { |a, b| b.zip(a).map { |q, p| q - p } }
    onward = section.trace(1).first(2).then { |a, b| a.zip(b).map { |q, p| q - p } }
    cos = leads.zip(onward).sum { |a, b| a * b } / Math.sqrt(leads.sum { |a| a * a } * onward.sum { |a| a * a })

    assert_operator cos, :>, 0.995, "on along the wire, but for half a step of its trace"
  end

  # No bead of a row lies in the wire of its frame, at a rounded end least of all.
  def test_rows_at_a_rounded_end
    [[2.0, 2.0], [3.0, 2.0], [2.0, 4.0], [4.0, 4.0]].each do |long, wide|
      json = put_together([woven("s1", %w[w1 w2], {kind: "drop", length: 32.0, width: 16.0, open: 14.0})],
        wires: [base("w1"), base("w2"), weaving])
      plan = plan(
        with_beads(json, placed("rows", weaving: "w9", counts: [], wraps: 1, from: size("19 mm")),
          bead("k1", "#{long} mm", "#{wide} mm"))
      )
      site = plan.beads.first.site

      assert_operator plan.beads.first.lying.size, :>, 2
      plan.beads.first.lying.each do |one|
        out = (0..72).map do |i|
          (Math::PI * i / 36).then do |t|
            [one.at[0] + (wide / 2 * Math.sin(t)), one.at[1].abs + (long / 2 * Math.cos(t))]
          end
        end
        into = out.map { |along, across| across - (site.clear_mm(along) / 2) }.max

        assert_operator into, :<=, 0.06, "#{long} by #{wide}: half of what a row may be pressed"
      end
    end
  end

  # Wire kept for later is kept once, however many frames there are, and on bobbin and spool as well; base wires are
  # held at both ends where that is asked.
  def test_what_is_kept_and_held
    kept = ->(length, frames) {
      section = woven("s1", %w[w1 w2], {kind: "waists", length: 18.0, width: 6.0, frames:, crossing: "left"},
        reserve: {"side" => "end", "length" => size(length)})
      plan(put_together([section], wires: [base("w1"), base("w2"), weaving]))
    }
    [1, 4].each do |frames|
      none, some = kept.call("0 mm", frames), kept.call("300 mm", frames)

      assert_equal [300.0] * 3, answer(none)[:supply].zip(answer(some)[:supply]).map { |one, other|
        (other[:total_mm] - one[:total_mm]).round(6)
      }
      assert_equal 300, some.cut_list.sum { |row| row.count * row.cut_mm } - none.cut_list.sum { |row|
        row.count * row.cut_mm
      }
      assert_equal frames, some.cut_list.select { |row| row.kind == "weaving" }.sum(&:count)
    end
    start, both = %w[start both].map { |tails| plan(document("ring", "allowances.base_tails": tails)).runs.first }

    assert_in_delta 20.0, both.total_mm - start.total_mm, 1e-9
    assert_in_delta start.kept_mm, both.kept_mm, 1e-9
    earring = document("earring", "allowances.base_tails": "both")

    assert_equal plan(document("earring")).runs.first.cut_mm, plan(earring).runs.first.cut_mm,
      "at the fold there is nothing to hold"
  end

  # From the middle the halves share one group of coils, or have two: the strip, the wire and the passes differ by just
  # those coils.
  def test_coils_shared_in_the_middle
    own, shared = %w[own shared].map do |centre|
      plan(document("cuff", "sections.0.from": "middle", "sections.0.centre": centre, "sections.0.pattern.single": 5,
        "sections.0.pattern.both": 2, pins: pins("repeats" => 12)))
    end

    assert_equal 10, own.band.layout.passes(12) - shared.band.layout.passes(12)
    assert_in_delta 5 * 0.4, own.band.strip.woven_mm - shared.band.strip.woven_mm, 0.1
    assert_in_delta 5 * Math.hypot(Math::PI * 1.4, 0.4),
      own.band.strip.account.path_mm - shared.band.strip.account.path_mm, 0.1
    singles = shared.strip_picture.strokes.select { |stroke| stroke.face == 1 && stroke.points.map(&:first).max < 1.0 }
      .map { |stroke| stroke.points.map { |point| point[1] }.minmax.sum / 2 }
    coil = {"kind" => "walk", "gaps" => [0, 1], "before" => [], "after" => []}
    middle = shared.band.strip.woven_mm / 2

    assert_equal 5, singles.count { |at| (at - middle).abs < 1.2 }, "one group in the middle"
    assert_nil advice(shared, "centre-not-shared")
    refute_nil advice(plan(document("cuff", "sections.0.from": "middle", "sections.0.pattern": coil)),
      "centre-not-shared")
  end
end
