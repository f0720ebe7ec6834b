# frozen_string_literal: true

require_relative "../../test_helper"
require_relative "../../support/sections"
require_relative "../../support/trays"

# Beads that lie alike on both sides, rows that lie level, gaps that are held while they are woven.
class BeadAdviceTest < PieceTest
  include Sections
  include Trays

  Spacer = Meander::Beads::Spacer

  def cuff(every:, first:, repeats: 20, of: "repeat")
    plan(with_beads(document("cuff", pins: pins("repeats" => repeats)),
      placed("woven", of:, every:, first:, on: "front")))
  end

  def sides(plan)
    plan.beads.first.lying.map { |one| one.at[0] }.minmax.then { |low, high| [low, plan.band.strip.woven_mm - high] }
  end

  # What is left at both ends is as good as alike (a bead begins its repeat, coils close the strip), or a number is
  # offered that makes it so.
  def test_beads_come_out_even
    (1..7).to_a.product((1..7).to_a, [19, 20, 21]).each do |every, first, repeats|
      made = cuff(every:, first:, repeats:)
      said = advice(made, "beads-uneven")
      made = cuff(every:, first: said.offers.first.to_i, repeats:) if said
      before, after = sides(made)
      unit = made.band.strip.woven_mm / repeats

      assert_nil advice(made, "beads-uneven")
      assert_operator (before - after).abs, :<=, 2.1 * unit,
        "every #{every} from #{first} of #{repeats}: #{said&.remedy}"
    end
    assert_equal "Begin with number 4.", advice(cuff(every: 5, first: 1), "beads-uneven").remedy
    assert_nil advice(cuff(every: 5, first: 4), "beads-uneven")
    assert_nil advice(cuff(every: 1, first: 1, of: "wrap"), "beads-uneven")
  end

  # On a crescent the outer wire is longer from row to row by the gap times the angle turned (s theta), so the rows
  # would tilt.
  def test_rows_lie_level
    rule = placed("rows", weaving: "w9", counts: [1, 2, 2, 1], wraps: 2, from: size("6 mm"))
    of = ->(form) {
      plan(
        with_beads(
          put_together([woven("s1", %w[w1 w2], form, extent: {"kind" => "length", "length" => size("3 mm")})],
            wires: [base("w1"), base("w2"), weaving]), rule
        )
      )
    }
    {"far" => "near", "near" => "far"}.each do |towards, longer|
      made = of.call({kind: "crescent", length: 40.0, width: 12.0, open: 0.0, radius: 30.0, towards:})
      set = made.beads.first
      rows = set.lying.map { |one| one.at[0] }.uniq
      angle = (rows.last - rows.first) / 30.0
      width = rows.sum { |along| set.site.edges(along).then { |near, far| far - near } } / rows.size

      assert_in_epsilon angle * width, set.tilt_mm.abs, 0.05
      assert_includes advice(made, "rows-not-level").why, "the #{longer} wire is"
    end
    assert_nil advice(of.call({kind: "leaf", length: 40.0, width: 12.0, open: 0.0}), "rows-not-level")
  end

  # A gap wider than the weave keeps is held by a bead of that width or length, nearest first, measured before guessed.
  def test_gaps_are_held
    json = document("cuff", "sections.0.spacing": {"kind" => "apart", "clear" => [size("3 mm")]},
      "sections.0.pattern": {"kind" => "walk", "gaps" => [0, 1, 2, 1], "before" => [], "after" => []})
    made = plan(json)

    assert_equal([["between the two wires", 3.0]],
      answer(made)[:beads][:held].map { |gap| gap.values_at(:between, :clear_mm) })
    held = answer(made)[:order].find { |step| step[:words].include?("Hold the gap of 3 mm") }

    assert_includes held[:words], "push it along after every repeat, take it off before the last one"
    assert_equal %w[anchor bead weave], answer(made)[:order].map { |step| step[:kind] }.each_cons(3).find { |three|
      three[1] == "bead"
    }
    assert_empty plan(document("cuff")).gaps
    kinds = [kind(width: size("3.1 mm"), length: size("8 mm")), kind(length: size("3 mm"), width: size("5 mm")),
      kind(width: size("3 mm"), guessed: ["width"]),
      kind(width: size("4 mm"), length: size("2 mm"))]
    holds = Spacer.call(kinds, 3.0)

    assert_equal [[kinds[1], "across"], [kinds[0], "along"], [kinds[2], "along"]], holds.map { |hold|
      [hold.kind, hold.lies]
    }
    assert(holds.all? { |hold| hold.off_mm.abs <= Spacer::OFF_MM })
    assert_empty Spacer.call(kinds, 9.0)
  end
end
