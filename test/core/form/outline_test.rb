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
    bends = {tip: mm(random.rand(0.5..3.0)), fold: mm(random.rand(0.5..3.0))}
    if kind == "crescent"
      radius = random.rand(8.0..40.0)
      return {kind:, radius: mm(radius), angle: random.rand(60..320), middle: mm(radius * random.rand(0.3..0.8)),
**bends}
    end

    {kind:, length: mm(length), width: mm(length * random.rand(0.35..1.1)), **bends,
      **((kind == "lobes") ? {cleft: mm(length * random.rand(0.0..0.4))} : {})}
  end

  # Random ones that can be made, with what to say where one fails.
  def outlines
    seed = rand(1_000_000)
    random = Random.new(seed)
    made = (1..ROUNDS).filter_map do
      wire, bend = random.rand(0.5..1.5), random_bend(random)
      said = bend.transform_values { |one| one.respond_to?(:mm) ? one.mm.round(2) : one }
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
      next unless bend[:width]

      xs, ys = outline.points.transpose.map(&:minmax)
      coarse = bend[:width].mm * STEP_RAD

      assert_in_delta bend[:width].mm, xs[1] - xs[0] + wire, coarse, said
      assert_in_delta bend[:length].mm, [ys[1], top(outline)].max + (wire / 2), coarse, said
    end
  end

  def top(outline) = outline.points.map(&:last).max

  # The outside of a crescent lies on its circle from horn to horn, its inside as far below it in the middle as was
  # asked for; both horns are round by the same fold.
  def test_a_crescent_lies_between_two_circles
    [[16, 200, 9], [30, 90, 8], [12, 300, 8]].each do |radius, angle, deep|
      crescent = Outline.call(
        {kind: "crescent", radius: mm(radius), angle:, middle: mm(deep), tip: mm(1), fold: mm(1)}, 0.9
      )
      points = crescent.points.map { |x, y| [x + 0.45, y] }
      top = points.map(&:last).max
      outside = points.select { |x, y| (Math.hypot(x, y - top + radius) - radius).abs < 0.02 }

      assert_in_delta deep - 0.9, top - points.select { |x, y| x.abs < 1.5 && y < top - 1 }.map(&:last).max, 0.05
      turned = outside.map { |x, y| Math.atan2(x, y - top + radius).abs }.max * 360 / Math::PI

      assert_in_delta angle, turned, 3, "#{radius} mm, #{angle}°"
      assert_equal [0.95, 0.95], crescent.legs.values_at(0, 2).map { |_, mm| mm.round(9) }
    end
  end

  # Stretches that are no neighbours are at least a wire apart.
  def test_no_outline_lies_on_itself
    outlines.each do |outline, _, wire, said|
      points = Meander::Form::Trace.fine(outline.points.map { |x, y| [x, y, 0.0] }, wire / 2)
      runs = points.each_cons(2).reduce([0.0]) { |all, pair| all << (all.last + Meander::Form::Trace.polyline_mm(pair)) }
      nearest = points.each_index.to_a.combination(2).filter_map do |one, other|
        next if runs[other] - runs[one] < 6 * wire

        Math.hypot(points[one][0] - points[other][0], points[one][1] - points[other][1])
      end.min

      assert_operator nearest, :>, wire - 0.05, said
    end
  end

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

  # The cleft between two lobes reaches as far as it is said to, and no farther.
  def test_how_far_down_a_cleft_leads
    lobes = ->(cleft) { {kind: "lobes", length: mm(28), width: mm(26), tip: mm(2), fold: mm(2), cleft: mm(cleft)} }
    most = Outline.new(lobes[1], 0.9).most_cleft_mm

    assert Outline.call(lobes[most - 0.01], 0.9)
    assert_nil Outline.call(lobes[most + 0.1], 0.9)
    assert_in_delta 2 * 10, Outline.call(lobes[10], 0.9).length_mm - Outline.call(lobes[0], 0.9).length_mm, 1e-9
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
