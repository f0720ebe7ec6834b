# frozen_string_literal: true

require_relative "../../test_helper"

# Places along a bent wire, checked against a circle and a straight.
class BarTest < Minitest::Test
  Form = Meander::Form
  RADIUS = 20.0

  # Half a turn to the far side: the circle's middle lies at [RADIUS, 0].
  def bar(side, middle_mm: nil)
    way = Form::Way::Arc.new(1 / RADIUS)
    long = Math::PI * RADIUS
    Form::Bar.new(Form::Trace.points { |share| way.at(share * long, 0.0, 0.0) }, long, thick_mm: 1.0, side:, middle_mm:)
  end

  # What stands 3 mm out at any place along it is that far from the circle, on its own side; places are as far apart
  # along the circle as they are told.
  def test_on_a_circle
    {"near" => RADIUS + 3, "far" => RADIUS - 3}.each do |side, far|
      [nil, 12.0].each do |middle_mm|
        bar = bar(side, middle_mm:)
        pose = bar.pose(Form::Pose::ORIGIN)
        [-9.0, -2.5, 0.0, 4.0, 11.5].each do |along|
          x, y, = pose.at(bar.place(along).at([0.0, 3.0, 0.0]))

          assert_in_delta far, Math.hypot(x - RADIUS, y), 1e-3
          on, = [pose.at(bar.place(along).at([0.0, 0.0, 0.0])), bar.middle].map { |px, py| Math.atan2(py, RADIUS - px) }
            .each_cons(2).map { |one, other| one - other }

          assert_in_delta along.abs, on.abs * RADIUS, 1e-2
        end
      end
    end
  end

  # From the left as what hangs there comes towards the maker: further to the right lies on the same hand whichever side
  # it hangs to, and nothing is turned over.
  def test_hands
    %w[near far].each do |side|
      bar = bar(side)
      left, right, out = [[-1.0, 0.0], [1.0, 0.0], [0.0, 1.0]].map do |across, along|
        bar.pose(Form::Pose::ORIGIN).at([across, along, 0.0])
      end
      turn = ((right[0] - left[0]) * (out[1] - left[1])) - ((right[1] - left[1]) * (out[0] - left[0]))

      assert_in_delta 2.0, turn, 1e-6
    end
  end

  def test_a_straight
    bar = Form::Bar.new([[0.0, 0.0, 0.0], [0.0, 30.0, 0.0]], 30.0, thick_mm: 1.0, side: "far", middle_mm: 10.0)

    assert_in_delta 10.0, bar.room_mm
    assert_in_delta 4.0, bar.place(4.0).x
    assert_in_delta 0.0, bar.place(4.0).y
    assert_in_delta 0.0, bar.place(4.0).tilt
    assert_equal([2.0, 14.0], bar.pose(Form::Pose::ORIGIN).at([-4.0, 2.0, 0.0]).first(2).map { |mm| mm.round(9) })
  end
end
