# frozen_string_literal: true

require_relative "../../test_helper"

# Lines, arcs and climbs against closed forms, and their drawing against their length.
class CurveTest < Minitest::Test
  include Meander::Curve

  def arc(radius: 2.0, start: 0.0, sweep: Math::PI) = Arc.new([1.0, 1.0], radius, start, sweep)

  def drawn(points) = Strand.polyline_length(points)

  def test_a_line
    line = Line.new([0.0, 0.0], [3.0, 4.0])

    assert_in_delta 5, line.length, 1e-12
    assert_equal [1.5, 2.0], line.point(0.5)
  end

  def test_an_arc_runs_either_way
    assert_in_delta 2 * Math::PI, arc.length, 1e-12
    assert_in_delta arc.length, arc(sweep: -Math::PI).length, 1e-12
    assert_in_delta(-1, arc.point(1.0)[0], 1e-12)
    assert_in_delta(-1, arc(sweep: -Math::PI / 2).point(1.0)[1], 1e-12)
  end

  def test_sampling_keeps_every_corner_and_the_run_of_the_length
    chain = Chain.new([Line.new([0.0, 0.0], [1.0, 0.0]), Line.new([1.0, 0.0], [1.0, 2.0])])

    assert_equal [[0.0, 0.0, 0.0], [1.0, 0.0, 1.0], [1.0, 2.0, 3.0]], chain.sample
    assert_in_delta 3, chain.length, 1e-12
  end

  # A chord falls short of its arc by at most step^2 / 24.
  def test_how_far_a_drawn_arc_falls_short
    chain = Chain.new([arc(sweep: 2 * Math::PI)])
    short = 1 - (drawn(chain.sample.map { |x, z, _| [x, z] }) / chain.length)

    assert_operator short, :>, 0
    assert_operator short, :<=, (Meander::Tolerance::PATH_STEP_RAD**2) / 24
  end

  def test_a_climbing_circle_is_a_helix
    helix = Climb.new(Chain.new([arc(radius: 0.5, sweep: 10 * Math::PI)]), from: 0.0, to: 2.0)

    assert_in_delta Math.hypot(5 * Math::PI, 2.0), helix.length, 1e-12
    assert_in_epsilon helix.length, drawn(helix.points), 0.001
    assert_in_delta 2.0, helix.points.last[1], 1e-12
  end

  def test_a_strand_is_the_sum_of_its_parts
    flat = Flat.new(Chain.new([Line.new([0.0, 0.0], [0.0, 4.0])]), height: 1.0)
    climb = Climb.new(Chain.new([arc(sweep: 1.0)]), from: 4.0, to: 3.0)

    assert_in_delta flat.length + climb.length, Strand.new([flat, climb]).length, 1e-12
    assert_equal [1.0], flat.points.map(&:last).uniq
  end
end
