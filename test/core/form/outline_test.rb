# frozen_string_literal: true

require_relative "../../test_helper"

# Closed outlines of one wire: they meet, turn once, have no kink, and are as long and as wide as was asked for.
class OutlineTest < Minitest::Test
  Outline = Meander::Form::Outline
  ROUNDS = 120
  CLOSE_MM = 1e-6
  # Steps of a bend as it is drawn.
  STEP_RAD = Meander::Tolerance::PATH_STEP_RAD

  def mm(length) = Meander::Units::Size.new(length.to_f, "#{length} mm")

  def random_bend(random)
    kind, length = Outline::KINDS.sample(random:), random.rand(12.0..60.0)
    {kind:, length: mm(length), width: mm(length * random.rand(0.35..1.1)), tip: mm(random.rand(0.5..3.0)),
      fold: mm(random.rand(0.5..3.0))}
  end

  # Random ones that can be made, with what to say where one fails.
  def outlines
    seed = rand(1_000_000)
    random = Random.new(seed)
    made = (1..ROUNDS).filter_map do
      wire, bend = random.rand(0.5..1.5), random_bend(random)
      said = bend.transform_values { |one| one.is_a?(String) ? one : one.mm.round(2) }
      Outline.call(bend, wire)&.then { |outline| [outline, bend, wire, "seed #{seed}: #{said}"] }
    end
    (made.size > ROUNDS / 2) ? made : flunk("seed #{seed}: only #{made.size} could be made")
  end

  def test_they_meet_and_turn_once
    outlines.each do |outline, _, wire, said|
      points = outline.points

      assert_in_delta(-wire, points.last[0], CLOSE_MM, said)
      assert_in_delta 0.0, points.last[1], CLOSE_MM, said
      turned = 2 * outline.legs.sum { |kind, _, angle| (kind == :bend) ? angle : 0.0 }

      assert_in_delta(-Math::PI, turned, 1e-9, said)
    end
  end

  # Over all, wire and all; drawn with chords no longer than a step of its bends.
  def test_they_are_as_long_and_wide_as_asked_for
    outlines.each do |outline, bend, wire, said|
      xs, ys = outline.points.transpose.map(&:minmax)
      coarse = bend[:width].mm * STEP_RAD

      assert_in_delta bend[:width].mm, xs[1] - xs[0] + wire, coarse, said
      assert_in_delta bend[:length].mm, [ys[1], top(outline)].max + (wire / 2), coarse, said
    end
  end

  def top(outline) = outline.points.map(&:last).max

  # The length is that of a fine polygon; nowhere does the way turn by more than a step of its tightest bend.
  def test_their_length_is_that_of_their_way_without_a_kink
    outlines.each do |outline, _, _, said|
      points = outline.points

      assert_in_epsilon Meander::Form::Trace.polyline_mm(points), outline.length_mm, 2e-3, said
      headings = points.each_cons(2).map { |(x, y), (to_x, to_y)| Math.atan2(to_x - x, to_y - y) }
      turns = headings.each_cons(2).map { |one, other| Math.atan2(Math.sin(other - one), Math.cos(other - one)).abs }

      assert_operator turns.max, :<=, STEP_RAD + 1e-9, said
    end
  end

  # A leaf's arc touches the bend at its tip from outside and its fold from inside: distances of the circles' centres.
  def test_a_leafs_arc_touches_both_bends
    leaf = Outline.call({kind: "leaf", length: mm(36), width: mm(14), tip: mm(2), fold: mm(1)}, 1.0)
    (_, tip, up), (_, radius, over), (_, fold,) = leaf.legs
    side = ->(x, y, heading, mm) { [x - (mm * Math.cos(heading)), y + (mm * Math.sin(heading))] }
    tip_centre = [tip, 0.0]
    leaves = side.call(*tip_centre, up, tip)
    centre = side.call(*leaves, up, radius)

    assert_in_delta 6.5, centre[0] + radius + 0.5, CLOSE_MM
    assert_in_delta radius + tip, Math.hypot(centre[0] - tip_centre[0], centre[1]), CLOSE_MM
    assert_in_delta radius - fold, Math.hypot(centre[0] + 0.5, centre[1] - (35.5 - fold)), CLOSE_MM
    assert_operator over, :<, 0
  end

  # What cannot be is told with what can.
  def test_widths_that_a_length_allows
    heart = {kind: "heart", length: mm(26), width: mm(60), tip: mm(2), fold: mm(2)}

    assert_nil Outline.call(heart, 1.0)
    least, most = Outline.widths(heart, 1.0)

    [[least, true], [most, true], [least - 0.1, false], [most + 0.1, false]].each do |width, made|
      assert_equal made, !Outline.call({**heart, width: mm(width)}, 1.0).nil?, width
    end
  end
end
