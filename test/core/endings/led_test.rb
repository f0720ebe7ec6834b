# frozen_string_literal: true

require_relative "../../test_helper"
require_relative "../../support/near_lines"
require "csv"

# An end that is led to a loop elsewhere in the piece and through it.
class LedTest < PieceTest
  PIECES = ["Reed connector", "Tide-line collar", "Limpet heart", "Reed heart", "Kelp cuff", "Marram flower",
    "Eel-run row", "Limpet rosette"].freeze

  def demo(name) = demo_documents.find { |json| json["name"] == name }

  # The piece with an end of a base wire that is cut flush led through one of its loops.
  def led(json, wire, side, through, from: "back", inside: 2, past: 6)
    copy = JSON.parse(JSON.generate(json))
    one = copy["wires"].find { |other| other["id"] == wire }
    one["ends"] = {"start" => nil, "end" => nil, **(one["ends"] || {}), side => {"ending" => "e99", "place" => 1}}
    copy["endings"] << {"id" => "e99", "kind" => "led", "through" => through, "from" => from,
      "inside" => size("#{inside} mm"), "past" => size("#{past} mm")}
    copy
  end

  # Ends of base wires that are cut flush, and loops something can be led through.
  def free(plan)
    plan.piece.base_wires.product(%w[start end]).reject { |wire, side| plan.piece.routes.end_of(wire.id, side) }
      .map { |wire, side| [wire.id, side] }
  end

  def loops(plan) = plan.piece.endings.select(&:hole_mm)

  # Each way is measured as it is drawn: as long as told, once through the hole, and no nearer to the loop than wire
  # that touches it.
  def test_it_is_led_under_and_over_and_through
    seed = Random.new_seed % 100_000
    random = Random.new(seed)
    tried = 0
    60.times do
      json = demo(PIECES.sample(random:))
      before = plan(json)
      (wire, side), loop = free(before).sample(random:), loops(before).sample(random:)
      next unless wire && loop

      after = planned(led(json, wire, side, loop.id, from: %w[back front].sample(random:),
        inside: random.rand(0.5..6.0).round(2), past: random.rand(0.5..12.0).round(2))) or next
      tried += 1
      measured(after, "#{json["name"]} #{wire} #{side} #{loop.id}, seed #{seed}")
      costs(before, after)
    end

    assert_operator tried, :>, 15, "seed #{seed}"
  end

  # A loop of what is left of the weaving wire lies on the front, and so does the way through it: at half the base wire,
  # the wire round it and half the loop's own, 0.45 + 0.3 + 0.15 mm.
  def test_through_a_loop_of_the_weaving_wire
    json = led(demo("Tide-line collar"), "w7", "end", "e98", inside: 1, past: 3)
    json["wires"].find { |one| one["id"] == "w8" }["ends"] =
      {"start" => nil, "end" => {"ending" => "e98", "place" => 1}}
    json["endings"] << {"id" => "e98", "kind" => "eye", "inside" => size("2 mm")}
    after = plan(json)
    loop = after.ended("e98")

    assert_includes after.ended("e99").words, "the simple loop of what is left of the weaving wire at the end of"
    assert_in_delta 0.9, loop.at(loop.bent.middle_of_hole)[2], 1e-9
    measured(after, "a loop on the front")
  end

  # Nil where it is said that it does not reach.
  def planned(json)
    plan(json)
  rescue Meander::InvalidInput => error
    assert_equal %w[led], error.faults.map(&:code).uniq, error.message
    nil
  end

  def measured(plan, said)
    end_ = plan.ended("e99")
    loop = plan.ended(end_.ending[:through])
    number = end_.bent.strands.keys.first
    points = end_.points(number)
    middle = loop.at([*loop.bent.middle_of_hole.first(2), loop.bent.middle_of_hole[2] || 0.0])
    wire, ring = end_.ending.wires.first.mm, loop.ending.wires.first.mm

    assert_in_epsilon end_.length_mm(number), Meander::Curve::Strand.polyline_length(points), 0.003, said
    through = crossings(points, middle[2]).map { |at| Math.hypot(at[0] - middle[0], at[1] - middle[1]) }

    assert_equal 1, through.count { |far| far < loop.ending.hole_mm / 2 }, said
    assert_in_delta last_mm(end_, loop), Math.hypot(points.last[0] - middle[0], points.last[1] - middle[1]), 1e-6, said
    near = points.each_cons(2).to_a.product(loop.points(loop.bent.strands.keys.first).each_cons(2).to_a)
      .reject { |one, other| one.uniq.one? || other.uniq.one? }
      .map { |one, other| NearLines.apart(*one, *other) }.min

    assert_operator near, :>=, 0.98 * (wire + ring) / 2, said if loop.ending.hole_mm > 2 * wire
  end

  # How far its tip is from the middle of the hole.
  def last_mm(end_, loop)
    ring = loop.ending.wires.first.mm
    (loop.ending.hole_mm / 2) + (loop.bent.turns_beside * ring) + end_.ending[:past].mm
  end

  # Through a loop wide enough for it an end may go, through a narrower one it may not; what is no loop is refused.
  def test_what_does_not_pass
    {"1 mm" => nil, "0.8 mm" => "stop"}.each do |inside, severity|
      json = led(demo("Tide-line collar"), "w1", "end", "e4")
      json["endings"].find { |one| one["id"] == "e4" }["inside"] = size(inside)
      found = advice(plan(json), "led-tight")
      severity ? assert_equal(severity, found.severity) : assert_nil(found)
    end
    error = assert_raises(Meander::InvalidInput) { plan(led(demo("Tide-line collar"), "w1", "end", "e99")) }

    assert_equal [["/endings/4/through", "e1, e2, e3, e4"]], error.faults.map { |one| [one.path, one.accepted] }
  end

  # Straight ahead of its wire there is no bend: the way is sqrt(l^2 + h^2) to where it is level, then taut. Worked out
  # by hand for a loop 30 mm ahead: d 1, D 1, 4 mm inside, so h 1, b 2.5, the rim's middle 2.5.
  def test_straight_ahead
    hole = Meander::Endings::Hole.new(at: [0.0, 30.0, 0.0], inside: 4.0, wire: 1.0, turns: 1, before: [0.0, -1.0],
      thick: 1.0, called: "the loop")
    wire = Meander::Document::Wire.new(id: "w", kind: "k", use: "base", size: Meander::Units::Size.new(1.0, "1 mm"),
      metal: "copper", temper: "soft").freeze
    fields = {kind: "led", from: "back", hole:, inside: wire.size, past: Meander::Units::Size.new(6.0, "6 mm")}
    long = Meander::Endings::Registry.build(fields, numbers: [0], wires: [wire], centres: [0.0]).strands[0].length
    crossed = (2 * 1.0 * Math.asin(1 / 2.5)) + (2 * Math.sqrt((2.5**2) - 1))

    assert_in_delta Math.hypot(30 - 3.5, 1) + 1.0 + crossed + 0.5 + 6, long, 1e-9
  end

  # Where a way goes through a height.
  def crossings(points, z)
    points.each_cons(2).select { |a, b| ((a[2] - z) * (b[2] - z)).negative? || (b[2] == z && a[2] != z) }
      .map { |a, b| ((z - a[2]) / (b[2] - a[2])).then { |t| a.zip(b).map { |from, to| from + (t * (to - from)) } } }
  end

  # It costs its length once, in the wire it is of.
  def costs(before, after)
    end_ = after.ended("e99")
    long = end_.length_mm(end_.bent.strands.keys.first)
    wires = before.runs.zip(after.runs).select { |one, other| (one.total_mm - other.total_mm).abs > 1e-9 }

    assert_equal [end_.ending.wires.first.id], wires.map { |_, run| run.wire.id }
    assert_in_delta long, wires[0][1].kept_mm - wires[0][0].kept_mm, 1e-9
    csv = CSV.parse(Meander::Output::CutListCsv.call(after), headers: true).map { |row| row["cut_mm"].to_i }

    assert_equal after.cut_list.map(&:cut_mm).sort, csv.sort
    assert_equal 1, order(after).count { |step| step.words.include?("past the loop") }
  end
end
