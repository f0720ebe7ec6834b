# frozen_string_literal: true

require_relative "../test_helper"

# Wraps as helix and belts. Open belt: L = 2 C cos(a) + pi (R + r) + 2 a (R - r), sin a = (R - r) / C; crossed belt:
# L = 2 C cos(b) + (R + r)(pi + 2 b), sin b = (R + r) / C (any machine-design handbook, such as Shigley; from memory).
class BeltsTest < Minitest::Test
  include Meander::Weave

  def open_belt(centre, large, small)
    angle = Math.asin((large - small) / centre)
    (2 * centre * Math.cos(angle)) + (Math::PI * (large + small)) + (2 * angle * (large - small))
  end

  def crossed_belt(centre, one, other)
    angle = Math.asin((one + other) / centre)
    (2 * centre * Math.cos(angle)) + ((one + other) * (Math::PI + (2 * angle)))
  end

  def flat_length(gaps, base, wire, clear = wire)
    frame = Frame.new(base_mm: base, wire_mm: wire, clear_mm: [clear] * (base.size - 1))
    PassTable.new(frame).closed(gaps).sum(&:length_mm)
  end

  def test_wraps_round_one_wire_are_a_helix
    frame = Frame.tight(base_mm: [0.8, 0.8], wire_mm: 0.315, visited: [0, 1])
    coil = Repeat.new(frame, Walk.new([0, 1]), lean: 0.3)

    assert_in_delta Math.sqrt(((2 * Math::PI * 0.5575)**2) + (0.315**2)), coil.wire_mm, 1e-6
  end

  def test_wraps_round_two_wires_are_an_open_belt
    [[0.8, 0.8, 0.315], [1.25, 0.8, 0.315], [0.5, 1.6, 0.25], [2.0, 0.6, 0.4]].each do |one, other, wire|
      centre = ((one + other) / 2) + wire

      assert_in_delta open_belt(centre, ([one, other].max + wire) / 2, ([one, other].min + wire) / 2),
        flat_length([0, 2], [one, other], wire), 1e-9
    end
  end

  # A worked example of the handbook kind: pulleys of 10 and 25 in, centres 32 in apart, open belt about 120.8 in by
  # the common approximation 2 C + pi (D + d) / 2 + (D - d)^2 / (4 C).
  def test_the_usual_approximation_for_belts
    approximate = (2 * 32) + (Math::PI * 35 / 2) + ((15**2) / (4 * 32.0))

    assert_in_epsilon approximate, open_belt(32.0, 12.5, 5.0), 0.001
    assert_in_epsilon approximate, flat_length([0, 2], [24.0, 9.0], 1.0, 15.5), 0.001
  end

  def test_the_figure_eight_is_a_crossed_belt
    [[0.8, 0.8, 0.3, 0.3], [1.0, 0.6, 0.4, 1.5], [1.25, 1.25, 0.4, 6.0]].each do |one, other, wire, clear|
      assert_in_delta crossed_belt(((one + other) / 2) + clear, (one + wire) / 2, (other + wire) / 2),
        flat_length([1, 2, 1, 0], [one, other], wire, clear), 1e-9
    end
  end

  # Over a taller wire in between: the hull of circles, measured on a fine sampling of their outlines.
  def test_wraps_over_unequal_wires_against_a_numeric_hull
    random = Random.new(11)
    25.times do
      base = Array.new(random.rand(2..5)) { random.rand(0.5..2.0) }
      wire = random.rand(0.2..0.5)
      frame = Frame.new(base_mm: base, wire_mm: wire, clear_mm: [wire] * (base.size - 1))

      assert_in_epsilon hull_perimeter(frame), flat_length([0, base.size], base, wire), 1e-4, base.inspect
    end
  end

  private

  def hull_perimeter(frame, steps = 1500)
    points = frame.centres.each_with_index.flat_map do |x, i|
      (0...steps).map { |k| 2 * Math::PI * k / steps }.map do |t|
        [x + (frame.rho(i) * Math.cos(t)), frame.rho(i) * Math.sin(t)]
      end
    end
    hull = half_hull(points.sort) + half_hull(points.sort.reverse)
    (hull + [hull.first]).each_cons(2).sum { |(a, b), (c, d)| Math.hypot(c - a, d - b) }
  end

  def half_hull(points)
    points.each_with_object([]) do |point, chain|
      chain.pop while chain.size > 1 && turn(chain[-2], chain[-1], point) <= 0
      chain << point
    end[0..-2]
  end

  def turn(first, second, third)
    ((second[0] - first[0]) * (third[1] - first[1])) - ((second[1] - first[1]) * (third[0] - first[0]))
  end
end
