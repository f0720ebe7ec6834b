# frozen_string_literal: true

require_relative "../../test_helper"
require_relative "../../support/sections"

# Where sections stand, and the bare ways of wires between them.
class StandingTest < PieceTest
  include Sections

  Pose = Meander::Form::Pose
  WayOn = Meander::Planner::WayOn
  Trace = Meander::Form::Trace
  ROUNDS = 20

  def any_pose(random)
    Pose.new(random.rand(-50.0..50.0), random.rand(-50.0..50.0), random.rand(-7.0..7.0), [1, -1].sample(random:))
  end

  def far(one, other) = Trace.polyline_mm([one, other])

  # Standing somewhere moves nothing inside a section: every distance stays, mirrored or not.
  def test_a_pose_keeps_distances
    ROUNDS.times do
      seed = rand(1_000_000)
      random = Random.new(seed)
      pose = any_pose(random)
      one, other = Array.new(2) { Array.new(3) { random.rand(-20.0..20.0) } }

      assert_in_delta far(one, other), far(pose.at(one), pose.at(other)), 1e-9, "seed #{seed}"
    end
  end

  # What stands at a place of a section is there, and heads where it was turned to.
  def test_one_pose_on_another
    ROUNDS.times do
      seed = rand(1_000_000)
      random = Random.new(seed)
      pose, place, angle = any_pose(random), [random.rand(-20.0..20.0), random.rand(-20.0..20.0), 0.0],
        random.rand(-3.0..3.0)
      there = pose.on(place, angle)
      ahead = pose.at([place[0] + (2 * Math.sin(angle)), place[1] + (2 * Math.cos(angle)), 0.0])

      assert_in_delta 0.0, far(pose.at(place), there.at([0.0, 0.0, 0.0])), 1e-9, "seed #{seed}"
      assert_in_delta 0.0, far(ahead, there.at([0.0, 2.0, 0.0])), 1e-9, "seed #{seed}"
    end
  end

  # The mirror image lies on the other side of the upright axis, and twice mirrored is as it was.
  def test_a_mirrored_pose
    pose = any_pose(Random.new(4))
    x, y, z = pose.at([3.0, 5.0, 1.0])

    assert_in_delta 0.0, far([-x, y, z], pose.mirrored.at([3.0, 5.0, 1.0])), 1e-9
    assert_equal pose, pose.mirrored.mirrored
  end

  # A bare way follows the arc it stands for: the same length within a hundredth, leaving and entering straight on.
  def test_a_bare_way_is_nearly_an_arc
    [10, 45, 90, 120].each do |degrees|
      angle, radius = degrees * Math::PI / 180, 9.0
      finish = [radius * (1 - Math.cos(angle)), radius * Math.sin(angle), 0.0]
      way = WayOn.call([[0.0, 0.0, 0.0], 0.0], [finish, angle])

      assert_in_epsilon radius * angle, Trace.smooth_mm(way), 0.01, "#{degrees} degrees"
      assert_equal [[0.0, 0.0, 0.0], finish.map { |v| v.round(9) }], [way.first, way.last.map { |v| v.round(9) }]
      assert_in_delta 0.0, Math.atan2(way[1][0], way[1][1]), 0.15
    end
  end

  # Where one section ends where the next begins there is no way between, and no length.
  def test_nothing_between
    assert_empty WayOn.call([[1.0, 2.0, 0.0], 0.3], [[1.0, 2.0, 0.0], 0.3])
    plan = plan(
      put_together([woven("s1", %w[w1 w2]), woven("s2", %w[w1 w2], at: after("s1", bare: 0.0))],
        wires: [base("w1"), base("w2"), weaving])
    )

    plan.runs.each { |run| assert_equal %w[tail ending section section ending trim], run.parts.map(&:kind) }
  end

  # A place along a way: its ends at its ends, half-way half-way, never past it.
  def test_places_along_a_way
    way = [[0.0, 0.0, 0.0], [3.0, 4.0, 0.0], [3.0, 10.0, 0.0]]

    found = Trace.places(way, [0.0, 5.5, 5.5, 11.0, 40.0], 11.0)

    assert_equal [way.first, way.last, way.last], found.values_at(0, 3, 4)
    found[1..2].each { |place| assert_in_delta 0.0, far([3.0, 4.5, 0.0], place), 1e-9 }
  end

  # Every place lies within its hull, whose corners are among the places.
  def test_hull_of_places
    random = Random.new(7)
    places = Array.new(200) { [random.rand * 40, random.rand * 9] }
    hull = Meander::Form::Hull.call(places)

    assert_empty hull - places
    hull.each_with_index do |(x, y), i|
      to_x, to_y = hull[i - 1]

      assert(places.all? { |px, py| ((to_x - x) * (py - y)) - ((to_y - y) * (px - x)) <= 1e-9 })
    end
  end

  # A helix says how many turns it makes, in the sentence of the section and in the order of work.
  def test_a_helix_tells_its_turns
    plan = plan(
      put_together(
        [woven("s1", %w[w1 w2], {kind: "helix", dowel: 8.0, rise: 6.0},
          extent: {"kind" => "length", "length" => size("90 mm")})], wires: [base("w1"), base("w2"), weaving]
      )
    )
    section = plan.sections.first
    radius = (8 + section.layout.frame.thickness_mm) / 2
    turns = section.length_mm / Math.hypot(2 * Math::PI * radius, 6)

    assert_includes section.words, "#{Meander::Units::Text.number(turns, 1)} turns"
    assert(answer(plan)[:order].any? { |step| step[:kind] == "bend" && step[:words].include?(plain(section.words)) })
  end
end
