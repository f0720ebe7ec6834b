# frozen_string_literal: true

require_relative "../../test_helper"
require_relative "../../support/trays"

# The order of work: what is cut, strung, woven, joined, bent and ended, in the maker's order and with the figures of
# the plan.
class WorkTest < PieceTest
  include Trays

  KINDS = %w[cut bead anchor weave join turn secure bead bend end].freeze

  def band(kind, **changes) = plan(document(kind, **changes))
  def words(plan, kind) = Meander::Work::Order.call(plan).select { |step| step.kind == kind }.map(&:words)

  # Every length of the plan is cut, every wrap timed, no step comes before one it needs.
  def test_bands_of_every_kind
    {"cuff" => [/open 42.5 mm/, "wrist of 170 mm"], "bracelet" => [/gently/, "wrist of 170 mm"],
      "ring" => [/ISO 54/, "side by side"]}.each do |kind, (round, worn)|
      plan = band(kind)
      steps = Meander::Work::Order.call(plan)
      order = steps.reject { |step| step.kind == "join" }.map { |step| KINDS.index(step.kind) }
      woven = steps.map(&:kind).select { |step| %w[weave join].include?(step) }

      assert_equal order.sort, order, kind
      assert_equal %w[weave] + (%w[join weave] * plan.band.strip.joins.size), woven,
        "a length is joined on before what it weaves"
      assert_in_delta answer(plan)[:work][:minutes], steps.sum(&:minutes), 1e-9
      plan.runs.each { |bar| assert_includes steps.first.words, "#{bar.cut_mm} mm of #{bar.wire.words}" }
      plan.band.strip.account.lengths.each do |length|
        assert_includes steps.first.words,
          "#{length.cut_mm.ceil} mm of #{plan.piece.sections.first.working_wire.words} to weave with"
      end
      bent = words(plan, "bend").first

      assert_match round, bent
      assert_includes bent, worn
    end
  end

  # From the middle the work is turned over; two wires lie side by side or take turns; wires that only hold are cut
  # away.
  def test_what_is_not_always_done
    middle = band("cuff", "sections.0.from": "middle")
    second = document["wires"].last.merge("id" => "w4", "metal" => "brass")
    two = {"wires.3": second, "sections.0.weaving": %w[w3 w4], "sections.0.strands": 2}

    assert_match(/at the middle mark/, words(middle, "anchor").first)
    assert_equal 1, words(middle, "turn").size
    assert_includes words(band("cuff", **two), "weave").first, "both wires side by side"
    assert_includes words(band("cuff", **two, "sections.0.turns": "in_turn"), "weave").first, "the two wires in turn"
    assert_equal 1, words(band("ring"), "secure").size
    assert_equal ["Bend it over a bottle or a mandrel from both ends."],
      words(plan(document("cuff", pins: pins("repeats" => 2))), "bend")
    assert_empty words(band("ring"), "join")
    assert_equal ["Join on a new length with repeat 28, on the 3 single coils of the near wire, at the back."],
      words(band("cuff"), "join")
    assert_equal ["Weave on: repeats 28 to 55."], words(band("cuff"), "weave").drop(1)
  end

  # Beads woven in are strung first, with the plan's count; endings and findings come last.
  def test_beads_and_endings
    rule = placed("woven", of: "repeat", every: 4, first: 1, on: "front")
    plan = plan(with_beads(document("bracelet"), rule))
    steps = Meander::Work::Order.call(plan)

    first, second = steps[1].words.scan(/(\d+) of Bead k1/).flatten.map(&:to_i)

    assert_equal plan.beads.first.count, first + second, "on each length those it weaves"
    assert_equal ["Closing loop, 5 mm inside at the start.", "Hook, 4 mm inside at the end."],
      steps.select { |step| step.kind == "end" }.first(2).map(&:words)
    assert_equal answer(plan)[:order].last[:words], steps.last.words
  end
end
