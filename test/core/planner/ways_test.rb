# frozen_string_literal: true

require_relative "../../test_helper"
require_relative "../../support/travelling"

# Wires that part and meet: sections on either side of one, wires gathered from several, ways that cross.
class WaysTest < PieceTest
  include Travelling

  NEAR_MM = 1e-6

  # A strip in the middle, one after its end and one before its beginning: the one is the other's mirror image, and the
  # wires run through all three.
  def test_sections_on_either_side_mirror_each_other
    turn = rand(-80..80)
    plan = plan(travelling({"s1" => FIRST, "s2" => on("s1", turn:), "s3" => on("s1", turn:, from: "start")},
      (1..2).map { |seat| [["s3", seat, true], ["s1", seat], ["s2", seat]] }))
    middle = plan.sections.first.length_mm / 2
    s2, s3 = plan.sections.drop(1)
    2.times do |number|
      one, other = [s2, s3].map { |section| section.trace(number).map { |point| plan.pose(section).at(point) } }

      one.zip(other).each do |(x, y, _), (mx, my, _)|
        assert_in_delta x, mx, NEAR_MM, "turned #{turn}"
        assert_in_delta y - middle, middle - my, NEAR_MM, "turned #{turn}"
      end
      before, after = plan.runs[number].parts.select { |part| part.kind == "between" }.map(&:mm)

      assert_in_delta before, after, NEAR_MM
    end
    leads = order(plan).select { |step| step.kind == "lead" }.map { |step| plain(step.words) }

    assert_equal [false, true], leads.map { |words| words.include?("made as a mirror image") }
  end

  # What comes together stands amid the ends it comes from, on the way they go together; each wire of it comes from the
  # end that was said, and every millimetre of it is in one part.
  def test_wires_come_together
    plan = plan(travelling({"s1" => FIRST, "s2" => on("s1", turn: -40), "s3" => on("s1", turn: 40), "s4" => gathered},
      [[["s1", 1], ["s2", 1], ["s4", 1]], [["s1", 2], ["s3", 2], ["s4", 2]], [["s2", 2]], [["s3", 1]]],
      forms: {"s2" => {kind: "arc", radius: 14.0, towards: "far", shaped: "after"},
              "s3" => {kind: "arc", radius: 14.0, towards: "near", shaped: "after"}}))
    pose = plan.pose(plan.sections.last)

    assert_in_delta 0.0, pose.x, NEAR_MM
    assert_in_delta 0.0, pose.turn, NEAR_MM
    plan.runs.first(2).each do |run|
      assert_equal %w[section between section between section], run.parts.map(&:kind) - %w[tail ending trim]
      assert_in_delta run.total_mm, run.parts.sum(&:mm), NEAR_MM
    end
    assert_in_delta plan.runs[0].total_mm, plan.runs[1].total_mm, 0.1
    lead = order(plan).reverse.find { |step| step.kind == "lead" }

    assert_equal "Bring section 2 and section 3 together in section 4: 12 mm of bare wire after them, straight on; " \
                 "from section 2 comes the near wire; from section 3 comes the far wire.", plain(lead.words)
  end

  # Wires that change sides cross on their ways: one goes over the other, so that they touch and no more, and what that
  # takes is in their lengths. A maker is told to bind them.
  def test_crossing_ways_clear_each_other
    crossed = travelling({"s1" => FIRST, "s2" => on("s1", bare: 25.0)},
      [[["s1", 1], ["s2", 2]], [["s1", 2], ["s2", 1]]])
    crossed["sections"].each { |one| one["spacing"] = {"kind" => "apart", "clear" => [size("6 mm")]} }
    crossed["sections"].each { |one|
      one["pattern"] = {"kind" => "walk", "gaps" => [0, 2], "before" => [], "after" => []}
    }
    plan = plan(crossed)
    ways = plan.runs.map { |run| run.ways.first }
    apart = ways[0].flat_map { |one| ways[1].map { |other| Math.sqrt(one.zip(other).sum { |a, b| (b - a)**2 }) } }.min

    assert_equal 1, plan.ways.crossings.size
    assert_in_delta 0.8, apart, 0.08
    ways.each { |way| assert_equal [0.0, 0.0], way.values_at(0, -1).map(&:last) }
    flat = plan.ways.flat.values.first

    assert_operator plan.runs.first.parts.find { |part| part.kind == "between" }.mm, :>, Meander::Form::Trace.smooth_mm(flat)
    assert_includes answer(plan)[:advice].map { |item| item[:id] }, "ways-cross"
  end

  # Where two sections must lie in one place nothing is refused but all is told: bent too tight, led over woven work.
  def test_what_cannot_lie_well_is_told
    back = plan(travelling({"s1" => FIRST, "s2" => on("s1", bare: 2.0, turn: 150)},
      [[["s1", 1], ["s2", 1]], [["s1", 2], ["s2", 2]]]))

    assert_includes advice_ids(back), "way-bent-tight"
    # From the first section past the second, which has wires of its own, to the third, which is turned aside.
    across = plan(travelling({"s1" => FIRST, "s2" => on("s1"), "s3" => on("s2", turn: 50)},
      [[["s1", 1], ["s3", 1]], [["s1", 2], ["s3", 2]], [["s2", 1]], [["s2", 2]]]))

    assert_match(/led over section 2/, plain(advice(across, "way-over-section").title))
    straight = plan(travelling({"s1" => FIRST, "s2" => on("s1")}, (1..2).map { |seat| [["s1", seat], ["s2", seat]] }))

    assert_empty advice_ids(straight) & %w[way-bent-tight way-over-section ways-cross]
  end

  def advice_ids(plan) = answer(plan)[:advice].map { |item| item[:id] }

  def ends(*ids) = ids.map { |id| {"section" => id, "side" => "end"} }

  # What comes together is named once each and stands before.
  def test_what_cannot_come_together_is_refused
    routes = [[["s1", 1], ["s2", 1]], [["s1", 2], ["s2", 2]]]
    {ends("s1", "s1") => ["ends/1", /itself/], ends("s1", "s2") => ["ends/1/section", /before it/],
     ends("s9", "s1") => ["ends/0/section", /before it/], ends("s1") => ["ends", /list/]}.each do |ends, (path, words)|
      json = travelling({"s1" => FIRST, "s2" => {**gathered, "ends" => ends}}, routes)

      assert_refused "/sections/1/at/#{path}", json, words
    end
  end

  # However sections stand and wires are led among them, their ways leave and enter where the sections end, no part is
  # lost, and nothing is no number.
  def test_any_travel_is_planned
    seed = rand(1_000_000)
    random = Random.new(seed)
    8.times do
      ids = (1..random.rand(3..6)).map { |i| "s#{i}" }
      places = ids.each_with_index.to_h { |id, i| [id, i.zero? ? FIRST : anywhere(random, ids.first(i))] }
      routes = led(random, ids.product([1, 2]))
      plan = plan(travelling(places, routes))

      plan.runs.each do |run|
        assert_equal routes[run.wire.id[1..].to_i].size, run.stops.size, "seed #{seed}"
        assert_in_delta run.total_mm, run.parts.sum(&:mm), NEAR_MM, "seed #{seed}"
        run.ways.flatten.each { |mm| assert_predicate mm, :finite?, "seed #{seed}" }
      end

      refute_match(/NaN|Infinity/, JSON.generate(answer(plan)), "seed #{seed}")
    end
  end

  # A mirror image is set as far from the axis as is said, and to the other side in the piece's own mirror image.
  def test_a_mirror_image_is_set_apart
    other = {"left" => "right", "right" => "left"}
    made = ->(**set) {
      plan(travelling({"s1" => {"kind" => "first", "turn" => 30},
                       "s2" => {"kind" => "mirror", "section" => "s1", **set.transform_keys(&:to_s)}},
        [[["s1", 1]], [["s1", 2]], [["s2", 1]], [["s2", 2]]]))
    }
    close = made.call.placed.poses["s2"].to_a
    {"left" => -7.0, "right" => 7.0}.each do |to, off|
      apart = made.call(apart: size("7 mm"), to:)
      mirrored = Meander::Document::MirrorImage.call(apart.piece).document[:sections][1][:at]

      assert_equal [off, 0.0, 0.0, 0], apart.placed.poses["s2"].to_a.zip(close).map { |set, was| set - was }
      assert_includes order(apart).map(&:words).join, "is the mirror image of section 1, set 7 mm from it to the #{to}"
      assert_equal [7.0, other[to]], [mirrored[:apart].mm, mirrored[:to]]
    end
  end

  def anywhere(random, earlier)
    bare, from = random.rand(0.0..20.0).round(1), %w[start end].sample(random:)
    at = [on(earlier.sample(random:), bare:, turn: random.rand(-170..170), from:),
      {"kind" => "first", "turn" => random.rand(-90..90)},
      {"kind" => "mirror", "section" => earlier.sample(random:), "apart" => size("#{random.rand(0..9)} mm"),
       "to" => %w[left right].sample(random:)}]
    if earlier.size > 1
      at << {**gathered(bare: random.rand(0.0..20.0).round(1)),
        "ends" => ends(*earlier.sample(2, random:))}
    end
    at.sample(random:)
  end

  # Seats in any order led into wires, none twice through one section in a row.
  def led(random, seats)
    seats.shuffle(random:).each_with_object([[]]) do |(section, number), routes|
      routes << [] if routes.last.any? && (routes.last.last.first == section || random.rand < 0.2)
      routes.last << [section, number, random.rand < 0.5]
    end
  end
end
