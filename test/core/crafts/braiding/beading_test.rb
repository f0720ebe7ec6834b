# frozen_string_literal: true

require_relative "../../../test_helper"
require_relative "../../../support/braids"

# Beads braided in: how they are strung, how far they make it advance, which may lie together.
class BeadingTest < PieceTest
  include Braids

  def section(...) = plan(braided(...)).sections.first

  def seeded
    seed = Integer(ENV.fetch("SEED", rand(100_000)))
    yield Random.new(seed), "seed #{seed}"
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

  # The outermost of four, five or six strands is filled from end to end: as many beads as its way through the stitches
  # that carry them has room for; the braid grows as thick as they make it, and its lengths are assumed.
  def test_a_strand_of_many_is_filled
    (4..6).each do |strands|
      plain = section(strands:, stitches: 16)
      made = plan(braided(strands:, stitches: 16, bead: "2 mm", beads: {"on" => "strand", "first" => 3, "last" => 3}))
      one = made.sections.first
      path = one.course.points(0, 3...13)

      assert_equal({0 => (Meander::Form::Trace.polyline_mm(path) / 2).floor}, made.beads.first.shares)
      assert_predicate one, :assumed?
      assert_operator one.thickness_mm, :>, plain.thickness_mm
      one.beads.each_cons(2) { |bead, after| assert_operator after.at[0], :>, bead.at[0] - 1 }
      far = section(strands:, stitches: 16, bead: "2 mm", scheme: {"kind" => "flat", "begun" => "far"},
        beads: {"on" => "strand", "first" => 3, "last" => 3})

      one.strand_mm.zip(far.strand_mm.reverse).each { |near, image| assert_in_delta near, image, 1e-6 }
      assert_equal one.beads.map { |bead| bead.at[0].round(6) }, far.beads.map { |bead| bead.at[0].round(6) }
    end
  end
end
