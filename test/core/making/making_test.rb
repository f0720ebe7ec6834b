# frozen_string_literal: true

require_relative "../../test_helper"

# What a making knows of its plan, and what it says when something became other than planned.
class MakingPlannedTest < PieceTest
  Making = Meander::Making

  def planned(json) = plan(json).then { |plan| [plan, Making::Planned.call(plan)] }
  def demo(name) = demo_documents.find { |json| json["name"] == name }

  # Events one after the other, a second apart unless they say when.
  def told(planned, *events)
    account = Making::Account.new(planned, Making::Account.begun(planned[:steps]))
    events.each_with_index { |event, i| account.take({id: "event-#{i}", at: 1000 * i, **event}) }
    plain(Making::Told.call(planned, account.state))
  end

  def summary(planned, *events)
    account = Making::Account.new(planned, Making::Account.begun(planned[:steps]))
    events.each { |event| account.take({id: "an-event", **event}) }
    Making::Summary.call(planned, account.state)
  end

  def woven(planned) = planned[:steps].index { |step| step[:kind] == "weave" && step[:count] }
  def cutting(planned, of) = planned[:steps].index { |step| step[:cuts].any? { |cut| cut[:of].start_with?(of) } }

  # Of every piece of the collection: its steps cut what its list of cuts tells, every length once and before it is
  # used, and use no more of it than is not tails, trims and margin.
  def test_steps_cut_what_the_list_tells_and_use_no_more
    demo_documents.each do |json|
      plan, planned = planned(json)
      cuts = planned[:steps].flat_map { |step| step[:cuts] }
      listed = plan.cut_list.sum { |row| row.count * row.cut_mm }

      assert_equal listed * plan.pieces, cuts.sum { |cut| cut[:mm] }, json["name"]
      assert_equal cuts.map { |cut| cut[:of] }.uniq.size, cuts.size, json["name"]
      assert_uses(planned, json["name"])
    end
  end

  def assert_uses(planned, name)
    there, used = {}, Hash.new(0.0)
    planned[:steps].each do |step|
      step[:cuts].each { |cut| there[cut[:of]] = cut }
      step[:takes].each do |take|
        used[take[:of]] += take[:mm] * step[:count]

        assert there[take[:of]], "#{name}: #{take[:of]} is used before it is cut"
      end
    end
    over = used.select { |of, mm| mm > there[of][:mm] - there[of][:spare_mm] + 0.01 }

    assert_empty over, name
  end

  # Followed turn by turn: the length lasts as many repeats as is said, and what is joined on carries it to the end.
  def test_a_length_that_is_cut_short_says_where_it_is_used_up
    _, planned = planned(demo("Kelp earrings"))
    weave, at = woven(planned), cutting(planned, "s1/0")
    step, cut = planned[:steps][weave], planned[:steps][at][:cuts][0]
    length = told(planned, {kind: "cut", step: at, length: 0, mm: 1000.0})[:lengths].first
    left, passes = 1000.0 - (cut[:mm] - cut[:spare_mm] - (step[:takes][0][:mm] * step[:count])), 0
    passes += 1 while (passes + 1) * step[:takes][0][:mm] <= left
    each = step[:units].last[:each]

    assert_match(/used up after #{passes / each} repeats of this/, length[:words])
    assert_in_delta cut[:mm] - 1000.0 - cut[:spare_mm], -length[:left_mm], 1e-9
    joined = length[:words][/with (\d+) mm/, 1].to_f
    after = told(planned, {kind: "cut", step: at, length: 0, mm: 1000.0},
      {kind: "joined", step: weave, of: cut[:of], after: passes, mm: joined})[:lengths].first

    assert_includes cut[:tail_mm]..(cut[:tail_mm] + 1), after[:left_mm]
    assert_match(/just reaches/, after[:words])
    assert_match(/it reaches, 2[\d.]+ mm are left/,
      told(planned, {kind: "cut", step: at, length: 0, mm: 1310.0})[:lengths].first[:words])
    assert_empty told(planned, {kind: "cut", step: at, length: 0, mm: cut[:mm].to_f})[:lengths]
  end

  # More repeats take more wire, of the weaving wire and of what it lies on, and make a cuff fit a wider wrist.
  def test_another_count_takes_wire_and_fits_another_wrist
    json = demo("Heron cuff")
    _, planned = planned(json)
    weave = planned[:steps].rindex { |step| step[:kind] == "weave" && step[:count] }
    step = planned[:steps][weave]
    each = step[:units].last[:each]
    told = told(planned, {kind: "differs", step: weave, count: step[:count] + (5 * each)})
    longer = 5 * each * step[:mm]

    assert_in_delta longer, told[:differs][0][:longer_mm], 1e-9
    assert_equal "It now fits a wrist of #{(176 + longer).round(1)} mm instead of 176 mm, worn as it was planned.",
      told[:fits]
    wires = told[:lengths].map { |one| one[:of] }

    assert_empty %w[w1 w2 w3 w4 w5] - wires
    near = told[:lengths].find { |one| one[:of] == "w1" }

    assert_match(/it is [\d.]+ mm too short. Cut it anew, or make its ends/, near[:words])
    assert_match(/\. That shows: unpick to there/, told[:differs][0][:words])
    assert_nil told(planned, {kind: "count", step: weave, by: 3})[:fits]
  end

  # The second one is told as its mirror image is made: near for far, wound the other way; one that has no mirror image
  # that can be said, in the words of the first.
  def test_the_second_one_is_told_as_its_mirror_image
    planned = planned(demo("Heron spirals"))[1]
    again = planned[:steps].select { |step| step[:first] }
    words = again.map { |step| step[:words] }.join(" ")

    assert planned[:mirrored]
    assert_includes words, "Weave 73 repeats of 2 + 3, mirrored: 2 wraps round the far wire, then 3 round both wires."
    assert_includes words, "wound against a screw's thread"
    firsts = again.map { |step| planned[:steps][step[:first]] }

    taken = [firsts, again].map { |steps| steps.flat_map { |step| step[:takes].map { |take| take[:mm] } } }

    taken.transpose.each { |one, other| assert_in_delta one, other, 1e-5 }
    bent = planned(in_turn)[1]

    refute bent[:mirrored]
    bent[:steps].select { |step| step[:first] }.each do |step|
      assert_equal bent[:steps][step[:first]][:words], step[:words]
    end
  end

  # A chain of frames whose wires cross from either side in turn.
  def in_turn
    form = {"kind" => "waists", "length" => size("12 mm"), "width" => size("5 mm"), "frames" => 2,
      "crossing" => "in_turn"}
    plain = Meander.start("earring")
    {**plain, "sections" => [{**plain["sections"][0], "form" => form}]}
  end

  # The second follows what the first became; where it parts from it, that is said.
  def test_the_second_one_and_its_beads
    _, planned = planned(demo("Kelp earrings"))
    bead = planned[:steps].index { |step| step[:kind] == "bead" }
    second = planned[:steps].index { |step| step[:first] == bead }

    assert_equal "bead", planned[:steps][bead][:units][0][:name]
    count = planned[:steps][bead][:count]
    told = told(planned, {kind: "differs", step: bead, count: count - 1})

    assert_equal "#{count - 1} beads instead of #{count}. Make the other one the same: it is counted so.",
      told[:differs][0][:words]
    assert_equal count - 1, told[:steps][second][:wanted]
    told = told(planned, {kind: "differs", step: second, count: count - 2})

    assert_match(/parts from the first here/, told[:differs][0][:words])
  end

  # What is woven from the middle outwards: the second half is counted as the first became.
  def test_the_other_half_follows_the_first
    halves = demo_documents.map { |json| planned(json).last }.select { |one| one[:steps].any? { |step| step[:like] } }

    refute_empty halves
    planned = halves.first
    at = planned[:steps].index { |step| step[:like] }
    first = planned[:steps][at][:like]
    each = planned[:steps][first][:units].last[:each]
    told = told(planned, {kind: "differs", step: first, count: planned[:steps][first][:count] - each})

    assert_equal planned[:steps][first][:count] - each, told[:steps][at][:wanted]
    assert_match(/Make the other one the same/, told[:differs][0][:words])
  end

  # Frames in a row are counted one by one, each with wire of its own and like the first.
  def test_every_frame_follows_the_first
    plan, planned = planned(demo("Sluice links"))
    frames = planned[:steps].select { |step| step[:words].start_with?("Frame ") && step[:count] }
    copies = plan.sections.map(&:copies).max

    assert_operator copies, :>, 1
    assert_equal copies, frames.size
    first, *others = frames

    assert_equal [first[:number]], others.map { |step| step[:like] }.uniq
    assert_equal copies, frames.flat_map { |step| step[:takes].map { |take| take[:of] } }.grep(%r{/}).uniq.size
    told = told(planned, {kind: "differs", step: first[:number], count: first[:count] - 2})

    assert_equal [first[:count] - 2], others.map { |step| told[:steps][step[:number]][:wanted] }.uniq
  end

  # A repeat fewer of 34 is hidden over twelve of them; the second follows the first, and what follows its half follows.
  def test_a_difference_is_hidden_and_passed_on
    _, planned = planned(demo("Kelp earrings"))
    weave = woven(planned)
    each = planned[:steps][weave][:units].last[:each]
    told = told(planned, {kind: "differs", step: weave, count: 33 * each})

    assert_includes told[:differs][0][:words], "A pin hides it: push the 12 repeats beside it apart, 0.1 mm each."
    chain = {steps: [nil, 0, 1].map.with_index { |like, i| planned[:steps][weave].merge(number: i, like:) },
             laid_out: [], inspection: [], worn: nil}
    told = told(chain, {kind: "differs", step: 0, count: 33 * each})

    assert_equal [34, 33, 33].map { |count| count * each }, told[:steps].map { |step| step[:wanted] }
  end

  # What lies ready is what this piece asks for, and no more.
  def test_what_is_laid_out
    out = ["Kelp earrings", "Limpet knots", "Eel-run rope", "Limpet ring"].map do |name|
      planned(demo(name)).last[:laid_out].to_h { |one| [one[:id], plain(one[:words])] }
    end
    kelp, knots, rope, ring = out

    assert_equal "Round-nose pliers, or rods, for: simple loop, 2.2 mm inside; curl of 1 turn, 1 mm inside.",
      kelp["out round"]
    assert_equal "A mat, and 18 Reed seed (2 mm); a few more than that.", kelp["out beads"]
    assert_equal [true, true, false], ["out scissors", "out board", "out cutters"].map { |id| knots.key?(id) }
    assert_equal "A crochet hook 2 mm thick.", rope["out hook 2.0"]
    assert_equal ["A ring mandrel.", nil], [ring["out mandrel"], kelp["out mandrel"]]
    item = {kind: "looked", item: "out round", found: "pass"}
    told = told(planned(demo("Kelp earrings")).last, item)

    assert_equal ["out round"], told[:laid_out].select { |one| one[:found] }.map { |one| one[:id] }
  end

  # Moves made over the time they took, by craft; what rested or was not counted says nothing of the pace.
  def test_the_pace_that_was_kept
    _, planned = planned(demo("Kelp earrings"))
    weave = woven(planned)
    step = planned[:steps][weave]
    events = (0..4).map { |i| {kind: "count", step: weave, by: step[:count] / 4, at: 60_000 * i} }
    summary = summary(planned, *events, {kind: "done", step: weave, at: 240_000})
    moves, ms = summary[:paced]["weave"]

    assert_in_delta step[:minutes] * planned[:paces]["weave"], moves, 1e-9
    assert_equal 240_000, ms
    assert_equal({}, summary(planned, {kind: "rated", stars: 4, at: 5}, {kind: "due", on: "2026-12-24", at: 6})[:paced])
    assert_equal [4, "2026-12-24"], summary(planned, {kind: "rated", stars: 4, at: 5},
      {kind: "due", on: "2026-12-24", at: 6}).values_at(:rated, :due)
  end
end
