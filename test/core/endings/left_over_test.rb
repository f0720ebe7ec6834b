# frozen_string_literal: true

require_relative "../../test_helper"
require "csv"

# What is left of a weaving wire, bent to an ending where its weave begins or ends; and arcs swept over the front.
class LeftOverTest < PieceTest
  SHAPES = {"eye" => {"inside" => "1.5 mm"}, "curl" => {"inside" => "1 mm", "turns" => 2},
    "tuck" => {"length" => "6 mm"}, "coil" => {"inside" => "1 mm", "turns" => 5},
    "swept" => {"length" => "8 mm"}, "rolled" => {"wraps" => 4}}.freeze

  def demo(name) = demo_documents.find { |json| json["name"] == name }

  # The same piece with an end of a working wire bent.
  def ended(json, wire, kind, side: "end", **changes)
    copy = JSON.parse(JSON.generate(json))
    one = copy["wires"].find { |other| other["id"] == wire }
    one["ends"] = {"start" => nil, "end" => nil, **(one["ends"] || {}), side => {"ending" => "e9", "place" => 1}}
    fields = SHAPES.fetch(kind, {}).transform_values { |value| value.is_a?(String) ? size(value) : value }
    copy["endings"] << {"id" => "e9", "kind" => kind, **fields, **changes}
    copy
  end

  def cut_mm(plan, wire) = plan.cut_list.select { |row| row.ids.include?(wire) }.sum { |row| row.count * row.total_mm }
  def bent(plan) = plan.ends.bent_of(plan.piece.endings.find { |one| one.id == "e9" }).strands.values.first

  # It costs its own length, once, in the wire it is of, wherever that is told; nothing else gets longer.
  def test_it_costs_its_length_in_every_place_that_tells_cuts
    json = demo("Tide-line collar")
    wire = json["wires"].find { |one| one["route"].first["seat"] == "weaving 1" }["id"]
    before = plan(json)
    SHAPES.keys.product(%w[start end]).each do |kind, side|
      after = plan(ended(json, wire, kind, side:))
      long = bent(after).length
      told = Meander::Output::PlanJson.call(after)

      assert_in_epsilon long, Meander::Curve::Strand.polyline_length(bent(after).points), 0.003, kind
      assert_in_delta cut_mm(before, wire) + long, cut_mm(after, wire), 1e-9, "#{kind} #{side}"
      assert_in_delta long, told[:working].sum { |one| one[:ended_mm] }, 1e-9
      assert_in_delta before.working.values.sum + long, after.working.values.sum, 1e-9
      assert_in_delta mass(after, wire, long), after.mass_g - before.mass_g, 1e-9
      assert_equal before.runs.map(&:total_mm), after.runs.map(&:total_mm)
      assert_in_delta before.ends.reach_mm, after.ends.reach_mm, 1e-9, "it holds nothing together"
      csv = CSV.parse(Meander::Output::CutListCsv.call(after), headers: true).map { |row| row["cut_mm"].to_i }

      assert_equal after.cut_list.map(&:cut_mm).sort, csv.sort
      assert_equal 1, order(after).count { |step| step.words.include?("what is left of the weaving wire") }
    end
  end

  def mass(plan, wire, long_mm) = plan.piece.wire(wire).then { |one| one.material.mass_g(one.mm, long_mm) }

  # Where a wire goes on from section to section its end belongs to the length that gets there.
  def test_the_end_of_a_wire_that_goes_on
    json = demo("Marram collar")
    before, after = plan(json), plan(ended(json, "w6", "curl"))
    lengths = after.placed.section("s2").strip.account.lengths
    on = lengths.last

    assert_equal ["s4"], on.on.onward
    assert_in_delta cut_mm(before, "w6") + bent(after).length, cut_mm(after, "w6"), 1e-9
    assert_in_delta bent(after).length, on.ended_mm, 1e-9
    assert_in_delta 0, after.placed.section("s4").strip.account.ended_mm, 1e-12
  end

  # The wire that is to hand has to do for what its end is bent to, too.
  def test_a_pinned_wire_keeps_what_its_end_takes
    cuff = JSON.parse(JSON.generate(Meander.start("cuff")))
    kind = cuff["wires"].find { |one| one["id"] == "w3" }["kind"]
    cuff["pins"] = [{"id" => "p1", "quantity" => "wire", "kind" => kind, "length" => size("900 mm")}]
    plans = [plan(cuff), plan(ended(cuff, "w3", "coil", "turns" => 30))]

    plans.each { |one| assert_operator one.spare_mm, :>=, 0 }
    assert_operator plans[1].repeats.first, :<, plans[0].repeats.first
  end

  # An arc leaves along the band, comes as far back as was asked for, and ends within its edges: of a weaving wire and
  # of a base wire.
  def test_an_arc_over_the_front
    %w[w8 w1].product([4.0, 8.0, 25.0]).each do |wire, length|
      made = plan(ended(demo("Tide-line collar"), wire, "swept", "length" => size("#{length} mm")))
      points = bent(made).points
      half = made.placed.section("s1").width_mm / 2

      assert_in_delta(-length, points.last[1], 1e-6)
      assert_operator points.last[0].abs, :<=, half
      assert_operator (points.last[0] - points.first[0]).abs, :>, half * 0.9, "to the edge further away"
      flat = points.select { |point| (point[2] - points.last[2]).abs < 1e-9 }
      first = flat[2].zip(flat[1]).map { |on, off| on - off }

      assert_operator first[0].abs, :<, 0.2 * first[1].abs, "it leaves along the band"
    end
  end

  # A helix round the wire beside it: n sqrt((pi (D + d))^2 + d^2) from where it lands, on bare wire.
  def test_rolled_round_the_wire_beside_it
    {"w1" => [0.9, 0.9, -1], "w8" => [0.9, 0.3, 1]}.each do |wire, (round, own, way)|
      made = plan(ended(demo("Tide-line collar"), wire, "rolled", "wraps" => 5))
      helix = 5 * Math.hypot(Math::PI * (round + own), own)

      assert_in_delta helix, bent(made).parts.last.length, 1e-9
      assert_in_delta way * 5 * own, bent(made).points.last[1], 1e-9
      middle = bent(made).points.last(20).map { |x, _, z| [x, z] }.transpose.map { |all| all.minmax.sum / 2 }
      section = made.placed.section("s1")

      assert_equal section.strip.bare_mm < 5 * own, !advice(made, "rolled-over-weave").nil?
      assert_operator section.layout.across("end").map { |x| (x - middle[0]).abs }.min, :<, 0.35, "round a base wire"
    end
  end

  def test_what_cannot_be
    one = JSON.parse(JSON.generate(Meander.read(demo("Limpet bead ring")).piece.to_h))
    wire = one["wires"].find { |other| other["route"].any? { |stop| stop["seat"] == "base 1" } }["id"]

    assert_refused ended(one, wire, "rolled"), /no wire lies beside it/
    json = demo("Tide-line collar")
    hook = ended(json, "w8", "hook", "inside" => size("5 mm"), "shank" => size("8 mm"), "wraps" => 2)
    middle = ended(json, "w8", "curl")
    middle["sections"][0]["from"] = "middle"

    assert_refused hook, /by itself/
    assert_refused middle, /from the middle outwards/
    assert_refused ended(json, "w8-3", "curl"), /it is not woven/
  end

  def assert_refused(json, pattern)
    error = assert_raises(Meander::InvalidInput) { plan(json) }

    assert_match pattern, error.faults.map(&:message).join("; ")
  end
end
