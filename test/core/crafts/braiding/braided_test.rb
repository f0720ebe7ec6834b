# frozen_string_literal: true

require_relative "../../../test_helper"
require_relative "../../../support/braids"

# Braided sections planned: lengths, cords, beads by strand, ends, and what is refused.
class BraidedTest < PieceTest
  include Braids

  def section(...) = plan(braided(...)).sections.first
  def cuts(json) = plan(json).runs.to_h { |run| [run.wire.id, run.total_mm] }

  def seeded
    seed = Integer(ENV.fetch("SEED", rand(100_000)))
    yield Random.new(seed), "seed #{seed}"
  end

  def faults(**given)
    assert_raises(Meander::InvalidInput, given.to_s[0, 120]) { plan(braided(**given)) }.faults.map { |one| [one.path, one.message] }
  end

  # Facts of the trade, common practice with no source: need against wire given. Closures are the trade's own.
  def test_what_a_braid_needs_against_what_makers_cut
    plait = braided(wire: "20 awg", extent: {"kind" => "length", "length" => size("158 mm")})

    assert_includes 0.80..0.97, (cuts(plait).fetch("w1") + 16) / 228
    beaded = braided(bead: "6 mm", extent: {"kind" => "length", "length" => size("150 mm")})

    assert_includes 0.75..0.97, (cuts(beaded).fetch("w1") + 46) / 300
    edged = braided(strands: 4, wire: "1.0 mm", stitches: 19, bead: "6 mm",
      beads: {"on" => "near", "first" => 3, "last" => 3}, form: {"kind" => "arc", "radius" => size("40 mm"),
        "towards" => "far"})

    assert_includes 0.40..0.97, cuts(edged).values.max / 250
    assert_equal [13, [4, 3, 3, 3]], plan(edged).beads.first.then { |rule|
      [rule.count, rule.shares.values.sort.reverse]
    }
  end

  # Two wires side by side in each strand: the solved ratio, by the pitch in wires.
  def test_doubled_strands_take_what_was_solved
    solved = {4.0 => 1.425, 4.5 => 1.287, 5.0 => 1.227, 5.5 => 1.193, 6.0 => 1.167, 7.0 => 1.127, 8.0 => 1.1}
    solved.each do |pitch, told|
      one = section(strands: Array.new(3) { {"wires" => 2} }, wire: "1.0 mm", pitch: size("#{pitch} mm"))

      assert_in_epsilon told, one.take_up, 0.004, "at #{pitch}"
      runs = one.base.each_index.map { |number| one.run_mm(number) }

      assert_in_epsilon told * one.length_mm, runs.sum / 6, 0.02, "at #{pitch}"
    end
  end

  # Each wire of a cord is a helix: sqrt(1 + (pi d T)^2) of the cord, T turns a mm; the closed form against the drawn
  # line, and the tightest that keeps its wires together.
  def test_cords_are_helices
    {[0.3, 3] => 1.039, [0.6, 2] => 1.069, [0.6, 4] => 1.252, [0.3, 5] => 1.106}.each do |(d, turns), told|
      twist = {lay: Meander::Units::Size.new(10.0 / turns, ""), hand: "right"}
      wires = Array.new(2) { Struct.new(:mm).new(d) }
      strand = Meander::Crafts::Braiding::Strand.all([{wires: 2, twist:}], wires).first

      assert_in_delta told, strand.take_up, 0.001
      straight = (0..400).map { |i| [0.0, i * 0.1, 0.0] }
      strand.lines(straight).each do |line|
        fine = Meander::Form::Trace.polyline_mm(line)

        assert_in_epsilon strand.take_up * 40, fine, 0.012
      end
      assert_in_delta d, strand.lines(straight).transpose.map { |one, other|
        Math.sqrt(one.zip(other).sum { |a, b| (a - b)**2 })
      }.min, 1e-6
    end
    cord = {"wires" => 2, "twist" => {"lay" => size("2 mm"), "hand" => "left"}}

    assert_equal [["/sections/0/strands/0/twist/lay", "twisted so tight its wires no longer lie against each other"]],
      faults(strands: Array.new(3) { |i| i.zero? ? cord : {"wires" => 1} })
    plain, twisted = [nil, {"lay" => size("6 mm"), "hand" => "left"}].map do |twist|
      cuts(braided(strands: [{"wires" => 2, "twist" => twist}, {"wires" => 1}, {"wires" => 1}]))
    end

    assert_operator twisted.fetch("w1"), :>, plain.fetch("w1")
    assert_operator plain.fetch("w3"), :<, plain.fetch("w1") * 1.1
  end

  # Every millimetre of a wire is in one part, whatever is braided; wires end where the crossings put them.
  def test_random_braids_add_up
    seeded do |random, said|
      25.times do
        json = random_braid(random)
        made = plan(json)
        one = made.sections.first

        made.runs.each { |run| assert_in_delta run.total_mm, run.parts.sum(&:mm), 1e-9, said }
        one.base.each_index do |number|
          assert_in_delta one.run_mm(number), one.parts(number).sum { |_, mm, _| mm }, 1e-9, said
        end
        # Where a cord bends, one of its wires lies inside, another outside: on average they are as told.
        one.strands.each do |strand|
          told, drawn = [strand.numbers.map { |number| one.run_mm(number) },
            strand.numbers.map { |number| drawn_mm(one, number) }].map { |all| all.sum / all.size }

          assert_in_epsilon told, drawn, strand.twisted? ? 0.05 : 0.02, "#{said}: #{json["sections"][0]}"
        end
        across = one.layout.across("end", one.repeats)
        ends = one.strands.map { |strand| across.values_at(*strand.numbers).sum / strand.size }

        assert_equal one.layout.scheme.after(one.repeats), ends.each_index.sort_by { |i| ends[i] }, said
        assert numbers(answer(made)).all?(&:finite?), said
      end
    end
  end

  def numbers(value)
    return value.values.flat_map { |one| numbers(one) } if value.is_a?(Hash)

    value.is_a?(Array) ? value.flat_map { |one| numbers(one) } : [*(value if value.is_a?(Numeric))]
  end

  # As it is drawn, with what it is known or assumed to take more; a cord's line is told in chords.
  def drawn_mm(one, number)
    bare = [0, 1].sum { |side| one.bare_run_mm(number, side) }
    strand = one.strand_of(number)
    more = one.strand_mm[strand] / one.send(:path_mm, strand)
    ((Meander::Form::Trace.polyline_mm(one.trace(number)) - bare) * more) + bare
  end

  def random_braid(random)
    count = random.rand(3..7)
    strands = Array.new(count) do
      twist = {"lay" => size("#{random.rand(4.0..9.0).round(1)} mm"), "hand" => %w[left right].sample(random:)}
      [{"wires" => 1}, {"wires" => 1}, {"wires" => 1}, {"wires" => 2, "twist" => twist}].sample(random:)
    end
    strands.each { |one| one.replace("wires" => 1) } if random.rand < 0.6
    strands.each { |one| one.replace("wires" => 2) } if count == 3 && random.rand < 0.3
    form = [{"kind" => "straight"}, {"kind" => "arc", "radius" => size("60 mm"), "towards" => "near"},
      {"kind" => "ring"}, {"kind" => "helix", "dowel" => size("18 mm"), "rise" => size("0 mm"),
        "hand" => "right"}].sample(random:)
    scheme = (random.rand < 0.3 && count < 6) ? held_scheme(count, random) : {"kind" => "flat"}
    braided(strands:, form:, scheme:, stitches: random.rand(6..30), bare: "#{random.rand(0..9)} mm",
      wire: "#{random.rand(0.4..0.8).round(2)} mm")
  end

  # Some crossings that hold.
  def held_scheme(count, random)
    loop do
      crossings = Array.new(random.rand(count..(2 * count))) do
        {"gap" => random.rand(1..(count - 1)), "over" => %w[right left].sample(random:)}
      end
      made = Meander::Braid::Scheme.of(count, crossings.map { |one| one.transform_keys(&:to_sym) })
      return {"kind" => "crossings", "crossings" => crossings} unless Meander::Braid::Holding.call(made)
    end
  end

  # Braided move by move with strands in hand: whoever begins a stitch at the left takes the next bead to the middle;
  # on an edge whoever turns there.
  def test_beads_are_strung_as_they_are_used
    seeded do |random, said|
      20.times do
        every = Array.new(random.rand(1..3)) { random.rand(1..4) }
        on, count = [["middle", 3], ["near", 4], ["far", 4], ["near", random.rand(3..9)],
          ["far", random.rand(3..9)]].sample(random:)
        placed = {"on" => on, "every" => every, "first" => random.rand(0..3), "last" => random.rand(0..3),
          "count" => [0, random.rand(1..6)].sample(random:)}
        stitches = random.rand(8..30)
        made = plan(braided(strands: count, stitches:, bead: "4 mm", beads: placed, wire: "0.7 mm"))
        rule = made.beads.first

        assert_equal by_hand(count, stitches, placed).tally.sort, rule.shares.to_a, "#{said}: #{placed}"
        assert_equal rule.count, answer(made)[:beads][:strings].sum { |one| one[:runs].sum { |run| run[:times] } }, said
        assert_equal rule.count, answer(made)[:sections][0][:braid][:strands].sum { |one| one[:beads] }
      end
    end
  end

  def by_hand(count, stitches, placed)
    scheme, lying, left = Meander::Braid::Scheme.flat(count), [*0...count], placed["count"]
    due, turn, carried = placed["first"], 0, []
    stitches.times do |stitch|
      if stitch == due && stitch < stitches - placed["last"] && (left != 0 || placed["count"].zero?)
        # On an edge the strand that a stitch leaves outermost turns there in the middle of it; of an odd number the one
        # that begins it at the far edge does.
        after = scheme.order.map { |place| lying[place] }
        carried << {"middle" => lying.first, "near" => after.first, "far" => (count.odd? ? lying : after).last}
          .fetch(placed["on"])
        left -= 1
        due += placed["every"][turn % placed["every"].size]
        turn += 1
      end
      lying = scheme.order.map { |place| lying[place] }
    end
    carried
  end

  # Two kinds in turn on one edge, and both edges at once: nobody has measured those, so their lengths are assumed.
  def test_beads_of_several_kinds_and_on_both_edges
    two = ->(*placed) {
      braided(strands: 4, stitches: 12, bead: "4 mm").tap do |json|
        kind = json["tray"][0]
        json["tray"] = [kind, kind.merge("id" => "k2", "length" => size("5 mm"), "width" => size("5 mm"))]
        json["beads"] = placed.each_with_index.map do |one, i|
          json["beads"][0].merge("id" => "b#{i + 1}", "bead" => "k#{i + 1}", **one)
        end
      end
    }
    turns = plan(two[{"on" => "near", "every" => [2]}, {"on" => "near", "every" => [2], "first" => 1}])
    one = turns.sections.first

    assert_equal [6, 6], turns.beads.map(&:count)
    assert_in_delta 6 * (4 + 1.2 + 5 + 1.2), one.braided_mm, 1e-6
    assert_equal %w[b1 b2] * 6, one.beads.sort_by { |bead| bead.at[0] }.map { |bead| "b#{bead.placement + 1}" }
    strings = answer(turns)[:order].find { |step| step[:kind] == "bead" }[:words]

    assert_match(/strand \d: \d Glass \(5 mm\)/, strings.delete("\u2060"))
    both = plan(two[{"on" => "near"}, {"on" => "far"}]).sections.first

    assert_equal [true, nil, 24], [both.assumed?, both.curve, both.beads.size]
    assert_operator both.width_mm, :>, 2 * 5
    roomy = plan(two[{"on" => "near", "room" => size("3 mm")}, {"on" => "far"}]).sections.first

    assert_in_delta 12 * (4 + 3), roomy.braided_mm, 1e-6
    clash = assert_raises(Meander::InvalidInput) { plan(two[{"on" => "near"}, {"on" => "near", "first" => 4}]) }

    assert_equal ["/beads/1/first"], clash.faults.map(&:path)
  end

  # Bent to a closed outline the braid is as long round it as it is braided, as wide as was asked, and its ends leave
  # side by side, a width apart; wound on a dowel its strands stay as long, as they lie over and under alike.
  def test_braids_are_bent_to_outlines_and_wound
    tips = {"tip" => size("3 mm")}
    [tips, {**tips, "fold" => size("3 mm")}, {**tips, "fold" => size("3 mm")}].zip(%w[drop leaf heart]) do |own, kind|
      one = section(stitches: 40, bare: "6 mm", form: {"kind" => kind, "width" => size("24 mm"), **own})
      line = one.middle_line
      fine = (0..4000).map { |i| one.way.at(6 + (one.braided_mm * i / 4000), 0.0, 0.0) }

      assert_in_epsilon one.braided_mm, Meander::Form::Trace.polyline_mm(fine), 1e-4, kind
      wide = (0..400).flat_map do |i|
        [-1, 1].map { |side| one.way.at(6 + (one.braided_mm * i / 400), side * one.width_mm / 2, 0.0)[0] }
      end

      assert_in_delta 24, wide.max - wide.min, 0.05, kind
      assert_in_delta one.width_mm, (line.last[0] - line.first[0]).abs, 1e-6, kind
      assert_in_delta Math::PI, one.out.last.abs, 1e-9, kind
      runs = one.strands.each_index.map { |strand| one.strand_mm[strand] }

      assert_in_epsilon section(stitches: 40).strand_mm.sum, runs.sum, 0.005, kind
    end
    helix = section(stitches: 40,
      form: {"kind" => "helix", "dowel" => size("14 mm"), "rise" => size("4 mm"), "hand" => "left"})

    helix.strand_mm.zip(section(stitches: 40).strand_mm).each { |wound, flat| assert_in_epsilon flat, wound, 0.003 }
    assert_in_delta 14 + (2 * helix.thickness_mm), helix.outline.map(&:first).minmax.then { |low, high|
      high - low
    }, 2.5
  end

  # Wires that are to hand and too short end in the stitch in which their way through it is used up.
  def test_where_a_wire_runs_out
    long = plan(braided(stitches: 50, bare: "5 mm")).runs.first
    told = ->(given) {
      plan(braided(stitches: 50, bare: "5 mm", to_hand: size("#{given} mm"))).then { |made|
        Meander::Advice::Council.call(made).find { |item| item.id == "braid-runs-out" }
      }
    }

    assert_nil told[long.cut_mm]
    half = told[(long.total_mm - (long.parts.find { |part| part.kind == "section" }.mm / 2)).round(3)]

    assert_equal "stop", half.severity
    assert_match(/\Athe wire of strands? \d takes/i, half.why)
    assert_includes 25..26, half.why[/stitch (\d+) of 50/, 1].to_i
    assert_match(/before the first stitch/, told[10].why)
  end

  # A swatch that used a tenth more than reckoned makes every length a tenth longer, and nothing is assumed any more.
  def test_a_swatch_sets_what_is_taken
    crossings = Meander::Braid::Notation.read("3r 2r 2r 1l 2l 2l", 4)
    round = {strands: 4, scheme: {"kind" => "crossings", "crossings" => crossings}}
    assumed = section(**round)
    used = (100 * assumed.take_up * 1.1).round(4)
    measured = section(**round, swatch: {"length" => size("100 mm"), "used" => size("#{used} mm")})

    assert_in_epsilon assumed.run_mm(0) * 1.1, measured.run_mm(0), 1e-3
    assert_equal [true, false], [assumed.assumed?, measured.assumed?]
    told = ->(one) { one.advice(nil).map(&:id) }

    assert_includes told[assumed], "braid-assumed"
    refute_includes told[measured], "braid-assumed"
  end

  # An arc asks for a stitch along the other edge, and that stitch makes the same arc.
  def test_a_curve_is_solved_either_way
    wanted = section(strands: 4, stitches: 24, bead: "5 mm", beads: {"on" => "far"},
      form: {"kind" => "arc", "radius" => size("70 mm"), "towards" => "near"})
    inner = size("#{wanted.layout.threading.own.first.inner_mm.round(6)} mm")
    asked = section(strands: 4, stitches: 24, bead: "5 mm", beads: {"on" => "far", "inner" => inner})

    assert_in_delta 70, wanted.curve[:radius_mm], 1e-6
    wanted.curve.each { |key, value| assert_in_delta value, asked.curve[key], 1e-3, key }
    bent = braided(form: {"kind" => "arc", "radius" => size("70 mm"), "towards" => "far"})

    assert_includes answer(plan(bent))[:sections].first[:gives], "radius"
    # Turned towards its near side, and as far as an arc of that length turns.
    assert_operator wanted.out.first[0], :<, 0
    assert_in_epsilon wanted.curve[:turn], -wanted.out.last * 180 / Math::PI, 1e-6
  end
end
