# frozen_string_literal: true

require_relative "../../test_helper"
require_relative "../../support/bead_pieces"

# Beads that are woven in: where they lie, what they take of wire, in which order they are strung.
class WovenBeadsTest < PieceTest
  include BeadPieces

  # Over a pass of length L it rises to the hole and comes down: 2 sqrt(a^2 + h^2) + b - L more, h half the bead less
  # half the wire.
  def test_beads_on_the_weaving_wire
    bare, made = plan(document("cuff")), cuff(woven_bead)
    count = (made.fit.repeats + 1) / 2
    extra = (2 * 1.3) + 3.0 # the first front pass goes round one wire: no straight at all

    assert_equal [count, count], [rule_of(made).count, answer(made)[:beads][:drawn][:set].size]
    assert_in_delta count * extra, made.band.strip.account.beads_mm, 1e-9
    assert_in_delta bare.band.strip.account.path_mm + (count * extra), made.band.strip.account.path_mm, 1e-6
    assert_in_delta made.band.strip.account.total_mm, made.band.strip.account.lengths.sum(&:cut_mm), 1e-6
    assert_in_delta count * 2.5e-3 * ((Math::PI * 27 / 6) - (Math::PI * 0.64 * 3 / 4)), made.mass[:beads_g], 1e-9
    long = cuff(woven_bead(of: "wrap", first: 6, every: 60), "sections.0.pattern.both": 1)

    assert_in_delta long.band.strip.account.beads_mm, rule_of(long).extra_mm, 1e-9
  end

  # Every bead lies on its own pass, on the face asked for, as many on each half where the work goes outwards from the
  # middle.
  def test_beads_lie_on_their_passes
    {"front" => 1, "back" => -1, "near" => 0, "far" => 0}.each do |on, face|
      made = cuff(woven_bead(of: "wrap", every: 5, on:), "sections.0.from": "middle", "sections.0.centre": "own",
        pins: pins("repeats" => 20))
      set = answer(made)[:beads][:drawn][:set]
      middle = made.band.strip.woven_mm / 2

      assert_equal [face], set.map { |row| row[5] }.uniq, on
      assert_equal set.size, set.map { |row| row[2] }.uniq.size
      assert_equal set.count { |row| row[2] > middle }, set.count { |row| row[2] < middle }
      assert_operator set.map { |row| row[1] }.max, :<, -1.9 if on == "near" # beside the near wire, half a bead off it
    end
  end

  # Beside the edge the wire goes round the bead instead of turning: straight up and down where it is as wide as the
  # turn is high.
  def test_a_bead_beside_the_edge
    made = cuff(woven_bead(on: "near"))
    rho, out, up = 0.7, 2.0, 1.5
    far = Math.hypot(out, up)
    turn = [Math.atan2(out, up) - Math.acos(rho / far), 0].max
    extra = (2 * ((rho * turn) + Math.sqrt((far**2) - (rho**2)))) + 3 - (Math::PI * rho)

    assert_in_delta extra, made.band.strip.account.beads_mm / rule_of(made).count, 1e-9
  end

  TWO = {"wires.3": {"id" => "w4", "role" => "weaving", "size" => {"typed" => "0.4 mm"}, "metal" => "brass",
    "temper" => "soft"}, "sections.0.weaving": %w[w3 w4], "sections.0.strands": 2}.freeze

  # Of two wires that take turns each carries the beads of its own repeats, and takes what leads round them; laid side
  # by side both lead through every bead. Either way a bead lies on every repeat.
  def test_beads_on_two_wires
    rule = placed("woven", of: "repeat", every: 1, first: 1, on: "near")
    %w[together in_turn].product(%w[end middle]).each do |turns, from|
      json = document("cuff", pins: pins("repeats" => 20), "sections.0.turns": turns, "sections.0.from": from,
        "sections.0.centre": "own", **TWO)
      bare, made = plan(json), plan(with_beads(json, rule))
      set = made.beads.first
      strands = (turns == "together") ? 2 : 1

      assert_equal [20, strands], [set.count, set.through.size], "#{turns} from #{from}"
      assert_in_delta made.band.strip.account.path_mm - bare.band.strip.account.path_mm, set.extra_mm, 1e-6
      assert_in_delta set.extra_mm, made.band.strip.account.beads_mm, 1e-6
      assert_in_delta made.band.strip.account.strand_paths_mm.sum, made.band.strip.account.path_mm, 1e-6
      along = set.lying.map { |one| one.at[0] }.sort
      steps = along.each_cons(2).map { |a, b| b - a }

      assert_in_delta made.band.layout.pattern.advance_mm, steps.sort[steps.size / 2], 1e-6
      strings = answer(made)[:beads][:strings]

      assert_equal 20, strings.sum { |one| one[:runs].sum { |run| run[:times] } }
      assert_equal((turns == "in_turn") ? ["0.4 mm brass", "0.4 mm copper"] : ["0.4 mm copper"],
        strings.map { |one| one[:wire] }.uniq.sort)
    end
  end

  # Each working length is strung with the beads it weaves, the last used first; one that weaves both halves as they lie
  # along the strip.
  def test_every_length_has_its_own_string
    rules = [placed("woven", id: "d1", of: "repeat", every: 4, first: 1, on: "near"),
      placed("woven", id: "d2", bead: "k2", of: "repeat", every: 4, first: 3, on: "near")]
    of = ->(**changes) {
      plan(
        document("cuff", pins: pins("repeats" => 40), **changes).merge("tray" => [bead, bead("k2")], "beads" => rules)
      )
    }
    two = of.call("allowances.working_length": size("900 mm"))
    strings = answer(two)[:beads][:strings]

    assert_equal two.band.strip.account.lengths.map { |length| "repeats #{length.first} to #{length.last}" },
      strings.map { |one| one[:share] }
    two.band.strip.account.lengths.zip(strings).each do |length, string|
      used = (length.first..length.last).filter_map { |repeat| {1 => "k1", 3 => "k2"}[repeat % 4] }

      assert_equal used.reverse, string[:runs].flat_map { |run| [run[:bead]] * run[:times] }
    end
    told = answer(two)[:order].find { |step| step[:kind] == "bead" }[:words]

    assert_match(/4 Bead k1 \(3 mm\) and 3 Bead k2 \(3 mm\) in their order\. Slide one up where it belongs/, told)
    whole = of.call("sections.0.from": "middle", "allowances.working_length": size("9 m"))

    assert_equal [""], answer(whole)[:beads][:strings].map { |one| one[:share] }
    assert_equal whole.beads.flat_map(&:lying).sort_by { |one| -one.at[0] }.map { |one| one.kind.id },
      answer(whole)[:beads][:strings].first[:runs].flat_map { |run| [run[:bead]] * run[:times] }
    halves = answer(of.call("sections.0.from": "middle", "allowances.working_length": size("900 mm")))[:beads][:strings]

    assert_operator halves.size, :>, 1
    assert(halves.all? { |one| one[:share].end_with?("half") })
  end

  # The order of stringing is that of use turned round.
  def test_the_order_they_are_strung_in
    json = document("cuff", tray: [bead("k1"), bead("k2", "2 mm", "2 mm")], pins: pins("repeats" => 6),
      beads: [woven_bead(every: 2), woven_bead(id: "d2", bead: "k2", first: 2, every: 4)])
    made = plan(json)
    used = made.beads.flat_map { |rule| rule.lying.map { |one| [one.at[0], one.kind.id] } }.sort.map(&:last)
    strung = answer(made)[:beads][:strings].first

    assert_equal %w[k1 k2 k1 k1 k2], used
    assert_equal used.reverse, strung[:runs].flat_map { |run| [run[:bead]] * run[:times] }
    assert_in_delta (3 * 3) + (2 * 2), strung[:length_mm], 1e-9
  end
end
