# frozen_string_literal: true

require_relative "../../../test_helper"
require_relative "../../../support/crochets"
require_relative "../../../support/near_lines"

# Discs whose first round is worked round a ring of wire, outwards or inwards.
class RoundRingTest < Minitest::Test
  include Crochets

  EDGE = {"begun" => "edge"}.freeze

  def section(json) = planned(json).sections.last

  # Stitches and chains of the first round about the middle of the ring: [[kind, [[x, y, z], ...]], ...].
  def first_round(made)
    made.cloth.each_cell.select { |cell| cell.row == 1 }.map do |cell|
      x, y, turn = cell.at
      cos, sin = Math.cos(turn), Math.sin(turn)
      [cell.kind, made.cloth.line(cell.key).map { |a, b, z| [x + (a * cos) - (b * sin), y + (a * sin) + (b * cos), z] }]
    end
  end

  # Where a way passes through the ring, or outside it: 1 to the front, -1 to the back.
  def passes(line, radius, outside)
    line.each_cons(2).filter_map do |(x, y, z), (to_x, to_y, to_z)|
      next if (z <=> 0) == (to_z <=> 0) || z == to_z

      share = z / (z - to_z)
      (to_z <=> z) if outside == (Math.hypot(x + ((to_x - x) * share), y + ((to_y - y) * share)) > radius)
    end
  end

  # Both strands of every foot go through the ring, or outside it, once each way; neither they nor the chains that lead
  # up go into its wire. How near wires of the round come to each other is printed: a tight ring brings them together.
  def test_feet_go_round_the_ring
    worst = %w[single half double treble].product([1.2, 4], [0.6, 3], [8, 30], %w[closed spiral], %w[far near])
      .filter_map do |stitch, hook, bar, radius, way, side|
      next if side == "near" && radius == 8 && (hook == 4 || stitch == "treble") # no room

      made = section(round_ring(1, hoop(radius), stitch:, hook: "#{hook} mm", bar: "#{bar} mm", way:, side:))
      whose, lines = [stitch, hook, bar, radius, way, side].join(" "), first_round(made)
      near = lines.flat_map { |_, line| line.map { |x, y, z| Math.hypot(Math.hypot(x, y) - radius, z) } }.min

      assert_operator near, :>, 0.99 * (bar + 0.3) / 2, whose
      lines = lines.filter_map { |kind, line| line unless kind == "chain" }

      lines.each { |line| assert_equal [-1, 1], passes(line, radius, side == "near").sort, whose }
      NearLines.least(lines.first(4).map { |line| line.map { |point| point.map { |mm| mm / 0.3 } } }, along: 2.6,
        within: 2.0)
    end
    puts "\nfirst rounds about a ring, nearest: #{worst.min.round(2)} of touching, usually #{worst.sort[16].round(2)}"

    assert_operator worst.min, :>, 0.4
  end

  # It lies flat about the ring: every round a stitch further out, with as many stitches as have room there, within one.
  def test_lies_flat_about_the_ring
    plan = planned(round_ring(4, hoop(8), hook: "3 mm"))
    made, gauge = plan.sections.last, plan.sections.last.gauge
    out = (1..4).map { |round| 8 + ((1.2 - 0.3) / 2) + (round * gauge.height_mm("single")) }
    middle = plan.placed.pose(made).at(made.centre)

    made.cloth.rounds.drop(1).zip(out) { |round, radius| assert_in_delta radius, round.radius, 1e-9 }
    made.fabric.rows.zip(out) do |row, radius|
      assert_includes 0.0...1.5, row.heads - (2 * Math::PI * radius / gauge.stitch_mm)
    end
    assert_in_delta (2 * out.last) + 0.3, made.length_mm, 1e-9
    assert_in_delta 0.0, Math.hypot(middle[0] + 8, middle[1]), 1e-6
  end

  # Inwards as well: every round a stitch further in, with no more stitches than have room there. The last is a round,
  # and one more would have no room.
  def test_lies_flat_within_the_ring
    plan = planned(round_ring(7, hoop(30), side: "near", hook: "3 mm"))
    made, gauge = plan.sections.last, plan.sections.last.gauge
    within = (1..7).map { |round| 30 - ((1.2 - 0.3) / 2) - (round * gauge.height_mm("single")) }
    middle = plan.placed.pose(made).at(made.centre)

    made.cloth.rounds.drop(1).zip(within) { |round, radius| assert_in_delta radius, round.radius, 1e-9 }
    made.fabric.rows.zip(within) do |row, radius|
      assert_includes 0.0...1.0, (2 * Math::PI * radius / gauge.stitch_mm) - row.heads
    end
    assert_equal 7, made.layout.most_repeats
    assert_operator within.last - gauge.height_mm("single"), :<, 5 * gauge.stitch_mm / (2 * Math::PI)
    assert_in_delta 0.0, Math.hypot(middle[0] + 30, middle[1]), 1e-6
    out = Meander::Form::Hull.call(made.outline).map { |x, y| Math.hypot(x - made.centre[0], y - made.centre[1]) }.max

    assert_in_delta made.length_mm / 2, out, 0.1
    assert_in_delta 30 + 0.6 + 0.3, out, 0.1
  end

  # The face is to the maker both ways, and rounds run to the left of their heads: the turn from where a round runs to
  # where its heads are is the same.
  def test_face_inwards_and_outwards
    hands = %w[far near].map do |side|
      cloth = section(round_ring(1, hoop(20), side:, stitch: "half")).cloth
      one, other = cloth.each_cell.select { |cell| cell.kind == "half" }.values_at(3, 4)
      line = cloth.line(one.key)
      top = line.max_by { |x, y, _| ((side == "far") ? 1 : -1) * Math.hypot(x, y) }
      run = other.at[2] - one.at[2]
      heads = (side == "far") ? 1 : -1
      [run.positive? ? heads : -heads, line.sum { |_, _, z| z } <=> 0, top[2] <=> 0]
    end

    assert_equal(*hands)
  end

  # As much more than a disc on chains with the same rounds as its stitches take round the ring.
  def test_wire_taken
    made = section(round_ring(3, hoop(8), first: 24, more: 6, bar: "1.5 mm"))
    plain = section(crocheted({"kind" => "disc", "stitch" => "single", "first" => 24, "more" => 6,
      "rounds" => "closed"}, count: 3))
    ring = (4 * plain.gauge.mm("chain")) + plain.gauge.mm("slip")

    assert_in_delta plain.run_mm(0) - ring + (24 * ((2 * Math::PI) + 4) * (1.5 - 0.3) / 2), made.run_mm(0), 1e-6
  end

  def test_told
    told = Meander::Output::Answer.call(planned(round_ring(2, hoop(8, towards: "far"), side: "near")))
    words = told[:order].map { |step| step[:words] }

    assert_includes words, "Section 2 is worked round the ring of section 1, outwards."
    assert(words.any? { |one| one.include?("begin round the ring of section 1; the first round goes into the ring") })
    assert(words.any? { |one| one.include?("round 1: 20 singles into the ring; begin it with 1 chain and close it") })
    lying = %w[section-loose sections-overlap rim-crossed crochet-rows-spread crochet-cups crochet-ruffles]

    assert_empty told[:advice].map { |one| one[:id] } & lying
  end

  # Rows as they were typed stand on a wire as a band does.
  def test_typed_rows_on_a_wire
    rows = ->(text, begun) {
      onto_wire(typed(text, begun:, count: 2, **EDGE), straight(60), side: "far", along: nil, bar: "1.2 mm")
    }
    made, band = section(rows.call("6s", 6)), section(round_wire(6, 2, straight(60)))

    assert_in_delta band.run_mm(0), made.run_mm(0), 1e-6
    assert_equal band.trace(0), made.trace(0)
    assert_raises(Meander::InvalidInput) { section(rows.call("20s", 20)) }
  end

  # So do rounds as they were typed, about a ring or by themselves: they are the disc that they say.
  def test_typed_rounds
    disc = section(round_ring(3, hoop(8), first: 20))
    rounds = onto_wire(typed("s20; (4s s2)4; (5s s2)4", begun: 1, kind: "hole", way: "closed", count: 3, **EDGE),
      hoop(8), side: "far", along: nil, bar: "1.2 mm")

    assert_equal [20, 24, 28], section(rounds).fabric.rows.map(&:heads)
    assert_in_delta section(round_ring(3, hoop(8), first: 20, more: 4)).run_mm(0), section(rounds).run_mm(0), 1e-6
    assert_equal "closed", disc.fabric.way
    flat = section(crocheted({"kind" => "disc", "stitch" => "single", "first" => 10, "rounds" => "closed"}, count: 3))
    within = onto_wire(typed("s25; (2s s/2)6 1s; (s s/2)6 1s", begun: 1, kind: "hole", way: "closed", count: 3, **EDGE),
      hoop(20), side: "near", along: nil, bar: "1.2 mm")

    assert_equal [25, 19, 13], section(within).fabric.rows.map(&:heads)
    assert_in_delta section(round_ring(3, hoop(20), side: "near", more: 6)).run_mm(0), section(within).run_mm(0), 1e-6
    typed = section(typed(flat.crochet[:notation], begun: 4, kind: "hole", way: "closed", count: 3))

    assert_in_delta flat.length_mm, typed.length_mm, 1e-9
    assert_equal flat.outline, typed.outline
    assert_in_delta flat.run_mm(0), typed.run_mm(0), 1e-6
  end

  def test_refused
    assert_each_refused({round_ring(2, hoop(8, angle: 300)) => ["/sections/1/at/section", /360°/],
     round_ring(2, hoop(8), side: "near") => ["/sections/1/extent", "up to 1 round"],
     round_ring(1, hoop(5), side: "near") => ["/sections/1/at/side", "far"],
     round_ring(1, hoop(20), side: "near", extent: {"kind" => "length", "length" => size("20 mm")}) =>
       ["/sections/1/extent", "a number of rounds"],
     round_ring(1, hoop(20), side: "near", first: 32) => ["/sections/1/at/section", /up to 31/],
     round_ring(2, hoop(8), along: size("3 mm")) => ["/sections/1/at/along", "null"],
     round_ring(2, hoop(8), first: 200) => ["/sections/1/at/section", /up to 75/],
     round_ring(2, hoop(8), form: {"kind" => "ring"}) => ["/sections/1/form/kind", "straight"],
     crocheted({"kind" => "disc", "stitch" => "single", "rounds" => "closed"}, begun: "edge") =>
       ["/sections/0/begun", /chain/]})
  end
end
