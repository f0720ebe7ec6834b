# frozen_string_literal: true

require_relative "../../test_helper"
require_relative "../../support/travelling"

# A working wire that is begun between its ends: each end makes sections of its own, outwards from there.
class SharedLengthTest < PieceTest
  include Travelling

  SAME_MM = 1e-6
  WAYS = [false, true].freeze

  def weaving(plan) = plan.cut_list.select { |cut| cut.kind == "weaving" }
  def length(plan, id = "s1") = plan.placed.section(id).strip.account.lengths.first

  # It is what all take by themselves and the ways between, with one pair of tails and one waste for all.
  def test_one_length_for_all
    WAYS.each do |middle|
      together, apart = [true, false].map { |joined| plan(both_ways(middle:, joined:)) }
      stretch = (1 + together.calibration.slack) * (1 + together.piece.margin)
      ends = ((2 * 50) + 30) * (weaving(apart).sum(&:count) - 1)

      assert_equal [1, 1], [weaving(together).size, weaving(together).sum(&:count)]
      assert_in_delta weaving(apart).sum { |cut| cut.count * cut.total_mm } - ends + (10 * stretch),
        weaving(together).sum(&:total_mm), SAME_MM
      assert_in_delta 10.0, together.going_on.leads.sum(&:mm), SAME_MM
      assert_match(/\Aweaves section 1, repeats 1 to 6, and on in sections 2 and 3\z/, weaving(together).first.use)
    end
  end

  # Where it is begun there is as much to each side as that side takes, slack, margin and tail with it.
  def test_each_side_has_what_it_takes
    WAYS.product([1, 3]).each do |middle, back|
      plan = plan(both_ways(middle:, back:, working_length: 4000))
      stretch = (1 + plan.calibration.slack) * (1 + plan.piece.margin)
      path = ->(ids) { ids.sum { |id| plan.placed.section(id).strip.account.path_mm } }
      led = ->(ids) { plan.going_on.leads.select { |one| ids.include?(one.section) }.sum(&:mm) }
      before, own = plan.sections.drop(2).map(&:id), path[%w[s1]]
      sides = [path[before] + led[before] + (middle ? own / 2 : 0.0),
        path[%w[s2]] + led[%w[s2]] + (middle ? own / 2 : own)]
      wanted = sides.map { |mm| (mm * stretch) + 50 + 15 }

      wanted.reverse! if middle # measured from the end that weaves the first half, and goes on with it

      assert_in_delta wanted[0], length(plan).begin_mm, SAME_MM
      assert_in_delta wanted[1], length(plan).cut_mm - length(plan).begin_mm, SAME_MM
    end
  end

  # However much a hand manages: what is cut is told the same by sections, cut list, supply, steps and JSON, and neither
  # side of what is begun between its ends is longer than is comfortable.
  def test_every_place_tells_the_same_cuts
    WAYS.product([2000, 480, 420, 330]).each do |middle, most|
      plan = plan(both_ways(middle:, back: 2, working_length: most))
      told = "#{middle} #{most}"
      cut = weaving(plan).sum { |row| row.count * row.total_mm }
      begun = order(plan).count { |step| step.words.match?(/\ACut .* to weave with/) }

      assert_in_delta cut, plan.sections.sum { |section| section.strip.account.total_mm }, SAME_MM, told
      assert_in_delta cut, Meander::Work::Supply.call(plan).first.total_mm, SAME_MM, told
      assert_in_delta cut, Meander.figures(plan)[:working].sum { |wire| wire[:total_mm] }, SAME_MM, told
      assert_equal weaving(plan).sum(&:count), begun + plan.sections.sum { |one| one.strip.account.joins.size }, told
      plan.sections.each { |one| assert_operator one.strip.account.longest_mm, :<=, most + SAME_MM, told }
    end
  end

  # What is cut is used up by the steps that weave with it, each under the name it was cut by.
  def test_steps_use_what_was_cut
    WAYS.each do |middle|
      steps = Meander::Work::Order.call(plan(both_ways(middle:, back: 2)))
      cuts, takes = steps.flat_map(&:cuts), steps.flat_map(&:takes)
      named = cuts.map(&:of)

      assert_empty takes.map(&:of).uniq - named
      assert_operator takes.sum(&:mm), :<, cuts.select { |cut| takes.map(&:of).include?(cut.of) }.sum(&:mm)
    end
  end

  def test_the_order_of_work
    words = order(plan(both_ways(middle: false))).map { |step| plain(step.words) }

    assert(words.any? { |said|
      said.match?(/Leave [\d.]+ mm of it to the side that goes on to section 3, coil that up out of the way and begin/)
    })
    assert_includes words.join(" "), "Weave on with the other end of the wire from section 1: lead it 4 mm at the back"
    assert_includes words.join(" "), "Weave on with the wire from section 1: lead it 6 mm at the back"
    halves = order(plan(both_ways(middle: true))).map { |step| plain(step.words) }
    left = halves.filter_map { |said| said[/Leave the wire on: section \d/] }

    assert_equal ["Leave the wire on: section 2", "Leave the wire on: section 3"], left
    assert(halves.any? { |said| said.include?("from the end you weave the first half with") })
  end

  # Its other end leaves the section it is begun in where that begins.
  def test_it_is_led_from_where_it_is_begun
    plan = plan(both_ways(middle: false))
    led = plan.going_on.leads.find { |one| one.section == "s3" }
    begins = plan.placed.pose(plan.placed.section("s1")).at([0.0, 0.0, 0.0])

    refute led.across
    assert_operator Math.hypot(*led.points.first.first(2).zip(begins.first(2)).map { |a, b| a - b }), :<, 1.0
  end

  # What its first end is bent to, and what it keeps there, is at the last section that end makes.
  def test_what_its_ends_come_to
    json = both_ways(middle: false)
    json["endings"] =
      [{"id" => "e1", "kind" => "curl", "inside" => size("3 mm"), "turns" => 2}]
    json["wires"].last["ends"] = {"start" => {"ending" => "e1", "place" => 1}, "end" => nil}
    bent, plain = plan(json), plan(both_ways(middle: false))

    assert_equal ["s3", "end"], bent.piece.endings.first.then { |one| [one.section, one.side] }
    more = bent.ended("e1").length_mm(2)

    assert_in_delta weaving(plain).sum(&:total_mm) + more, weaving(bent).sum(&:total_mm), SAME_MM
    assert_in_delta length(plain).begin_mm + more, length(bent).begin_mm, SAME_MM
    json["wires"].last["reserve"] = {"side" => "start", "length" => size("200 mm")}

    assert_in_delta length(bent).begin_mm + 200, length(plan(json)).begin_mm, SAME_MM
  end

  def test_what_cannot_be_begun_so
    wrong = ->(path, words, middle: false, &change) {
      assert_refused path, both_ways(middle:).tap { |json| change.call(json["wires"].last, json) }, words
    }
    wrong.call("/wires/2/begun/stop", /no such stop/) { |wire| wire["begun"]["stop"] = 4 }
    wrong.call("/wires/2/route/0/back", /begun after s3/) { |wire| wire["route"][0]["back"] = false }
    wrong.call("/wires/2/route/2/back", /begins where/) { |wire| wire["route"][2]["back"] = true }
    wrong.call("/wires/2/route/2/section", /middle outwards/) { |_, json| json["sections"][1]["from"] = "middle" }
    wrong.call("/wires/0/begun", /begins within it only/) { |_, json| json["wires"][0]["begun"] = {"stop" => 1} }
    wrong.call("/wires/2/route/0/section", /woven no later/) do |wire|
      wire["route"] = wire["route"].values_at(1, 0, 2)
      wire["route"].each_with_index { |stop, i| stop["back"] = i.zero? }
    end
  end
end
