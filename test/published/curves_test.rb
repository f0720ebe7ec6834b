# frozen_string_literal: true

require_relative "../test_helper"

# Forms against closed forms and integrals any handbook of mathematics has. Lengths in mm.
class CurvesTest < PieceTest
  Form = Meander::Form

  # Complete elliptic integral of the second kind by the arithmetic-geometric mean (Abramowitz and Stegun 17.6), m =
  # k^2.
  def elliptic_e(m)
    a, b, sum, power = 1.0, Math.sqrt(1 - m), m / 2, 0.5
    40.times do
      a, b, c = (a + b) / 2, Math.sqrt(a * b), (a - b) / 2
      sum += (power *= 2) * (c**2)
    end
    Math::PI / (2 * a) * (1 - sum)
  end

  # E(0) = pi/2, E(1) = 1 and E(0.5) = 1.350643881 (Abramowitz and Stegun, table 17.1).
  def test_the_integral_itself
    assert_in_delta Math::PI / 2, elliptic_e(0.0), 1e-12
    assert_in_delta 1.350643881, elliptic_e(0.5), 1e-9
    assert_in_delta 1.0, elliptic_e(0.99999999), 1e-6
  end

  def bend(wire_mm = 0.8, **fields)
    Form::Bends.call(fields.transform_values { |value| value.is_a?(Float) ? length(value) : value }, wire_mm)
  end

  def length(value) = Meander::Units::Size.of(value)

  def opening(**fields)
    Form::Opening.of(fields.transform_values { |value| value.is_a?(Float) ? length(value) : value })
  end

  def edge_mm(opening, wire_mm = 0.8) = Form::Trace.smooth_mm(opening.edge(1, wire_mm))

  # A frame wider than long is an ellipse: its two edges are 4 a E(1 - (b/a)^2), a the longer half axis.
  def test_the_perimeter_of_an_ellipse
    [[10.0, 16.0], [9.0, 30.0], [12.0, 12.0]].each do |long, wide|
      a, b = wide / 2, long / 2

      assert_in_epsilon 4 * a * elliptic_e(1 - ((b / a)**2)),
        2 * edge_mm(opening(kind: "leaf", length: long, width: wide)), 1e-6, "#{long} by #{wide}"
    end
  end

  # A leaf is two arcs of the circle through its ends and its widest place: R = (l^2 + w^2) / 4w, each 2 R asin(l / 2R)
  # long.
  def test_the_arcs_of_a_leaf
    [[36.0, 12.0], [50.0, 8.0], [20.0, 19.0]].each do |long, wide|
      radius = ((long**2) + (wide**2)) / (4 * wide)

      assert_in_epsilon 2 * radius * Math.asin(long / (2 * radius)),
        edge_mm(opening(kind: "leaf", length: long, width: wide)), 1e-6
    end
  end

  # An edge of half a sine: (2 / k) sqrt(1 + a^2 k^2) E(m), m = a^2 k^2 / (1 + a^2 k^2), for y = a sin kx over half a
  # wave.
  def test_the_edge_of_a_half_sine
    long, wide = 20.0, 6.0
    steep = (wide / 2 * Math::PI / long)**2

    assert_in_epsilon 2 * long / Math::PI * Math.sqrt(1 + steep) * elliptic_e(steep / (1 + steep)),
      edge_mm(opening(kind: "crescent", length: long, width: wide)), 1e-6
  end

  # A ring waved once is a limacon, r = a + b cos t: 4 (a + b) E(4ab / (a + b)^2) round (any handbook of plane curves).
  def test_a_waved_ring
    [[10.0, 2.0], [30.0, 12.0]].each do |across, height|
      a, b = across / 2, height / 2

      assert_in_epsilon 4 * (a + b) * elliptic_e(4 * a * b / ((a + b)**2)),
        bend(kind: "waved_ring", across:, height:, waves: 1).length_mm, 1e-6
    end
    assert_in_epsilon Math::PI * 10, bend(kind: "waved_ring", across: 10.0, height: 1e-6, waves: 9).length_mm, 1e-9
  end

  def test_a_wave
    [[40.0, 6.0, 4], [90.0, 2.5, 11], [30.0, 12.0, 1]].each do |long, high, waves|
      steep = (high / 2 * 2 * Math::PI * waves / long)**2
      each = 2 * long / (Math::PI * waves) * Math.sqrt(1 + steep) * elliptic_e(steep / (1 + steep))

      assert_in_epsilon waves * each, bend(kind: "wave", length: long, height: high, waves:).length_mm, 1e-6
    end
  end

  # Loops are full turns pi (m + D), as in any bend-allowance table, with the straights between them: eight loops 4 mm
  # inside, 20 mm apart, of 1.25 mm wire take 8 (5.25 pi + 20) = 291.9 mm, on one side or in turn. They end where they
  # would without loops.
  def test_a_row_of_loops
    [[5.0, 4.0, 6, 0.8], [3.0, 9.0, 12, 0.8], [4.0, 20.0, 8, 1.25]].product(%w[one in_turn])
      .each do |(inside, pitch, count, wire), sides|
      loops = bend(wire, kind: "loops", inside:, pitch:, count:, sides:)

      assert_in_epsilon count * ((Math::PI * (inside + wire)) + pitch), loops.length_mm, 1e-9
      assert_in_epsilon loops.length_mm, Form::Trace.polyline_mm(loops.points), 1e-3
      assert_in_delta 0.0, Math.hypot(loops.points.last[0], loops.points.last[1] - (count * pitch)), 1e-6
      assert_in_delta((sides == "one") ? 0.0 : -(inside + wire), loops.points.map(&:first).min, 1e-2)
    end
  end

  # An Archimedean spiral, its closed form against fine chords, and against the mean circle for close turns.
  def test_a_swirl
    swirl = bend(kind: "swirl", inside: 2.0, pitch: 1.2, turns: 4)
    inner, rate = 1.4, 1.2 / (2 * Math::PI)
    chords = (0..200_000).map do |i|
      (8 * Math::PI * i / 200_000).then { |t| [(inner + (rate * t)) * Math.cos(t), (inner + (rate * t)) * Math.sin(t)] }
    end

    assert_in_epsilon Form::Trace.polyline_mm(chords), swirl.length_mm, 1e-7
    assert_in_epsilon 2 * Math::PI * 4 * (1.4 + (1.2 * 4 / 2)), swirl.length_mm, 0.01
    assert_in_epsilon swirl.length_mm, Form::Trace.polyline_mm(swirl.points), 1e-3
  end

  # Straight legs and arcs of pi - angle between them.
  def test_a_zigzag
    found = bend(kind: "zigzag", leg: 10.0, fold: 2.0, angle: 40, legs: 6)

    assert_in_epsilon (6 * 10) + (5 * 1.4 * Math::PI * 140 / 180), found.length_mm, 1e-9
    assert_in_delta 0.0, found.points.first[0], 1e-9
    assert_operator found.points.map { |x, _| x }.max - found.points.map { |x, _| x }.min, :<, 12.5
  end

  # A drop against a polygon of two hundred thousand sides of the same outline.
  def test_a_drop_against_a_fine_polygon
    [[32.0, 16.0], [50.0, 12.0], [18.0, 17.0]].each do |long, wide|
      outline = (0..200_000).map do |i|
        (Math::PI * i / 200_000).then do |t|
          [long * (1 - Math.cos(t)) / 2, wide / 2 * Math.sin(t) * Math.sin(t / 2) * 3 * Math.sqrt(3) / 4]
        end
      end
      drop = opening(kind: "drop", length: long, width: wide)

      assert_in_epsilon Form::Trace.polyline_mm(outline), edge_mm(drop), 1e-6
      assert_in_delta wide, drop.places.map(&:last).max, wide * 1e-3
      assert_in_delta wide, outline.map(&:last).max * 2, 1e-6
    end
  end

  # Round an arc a wire beside the middle runs s times the angle more or less.
  def test_beside_the_middle_of_an_arc
    way = Form::Way::Arc.new(1 / 20.0)
    inner, middle, outer = [3.0, 0.0, -3.0].map do |across|
      Form::Trace.smooth_mm((0..480).map { |i| way.at(50.0 * i / 480, across, 0.0) })
    end

    assert_in_delta 50.0, middle, 1e-6
    assert_in_delta 3 * 50.0 / 20, middle - inner, 1e-6
    assert_in_delta 3 * 50.0 / 20, outer - middle, 1e-6
    assert_in_delta 2.5, way.turn(50.0), 1e-12
  end

  # A helix: turns = length / sqrt((2 pi R)^2 + p^2), every place on the dowel, the same length whatever lies beside the
  # middle.
  def test_a_helix
    way = Form::Way::Helix.new(4.3, 5.0, 1)

    assert_in_epsilon 92 / Math.hypot(2 * Math::PI * 4.3, 5.0), way.turns(92.0), 1e-12
    [0.0, 1.2, -1.2].each do |across|
      points = (0..4800).map { |i| way.at(92.0 * i / 4800, across, 0.0) }

      assert_in_epsilon 92.0, Form::Trace.smooth_mm(points), 1e-6
      points.each { |x, _, z| assert_in_delta 4.3, Math.hypot(x, z), 1e-9 }
    end
    x, _, z = way.at(10.0, 0.0, 0.7)

    assert_in_delta 5.0, Math.hypot(x, z), 1e-9
    assert_handed way
  end

  # As it climbs along y a right-handed screw turns from z to x (its torsion is positive); the left-handed one is its
  # mirror image, near for far, beyond its ends too.
  def assert_handed(way)
    left = Form::Way::Helix.new(4.3, 5.0, -1)
    [way, left].zip([1, -1]) do |one, hand|
      x, y, z = one.at(1.0, 0.0, 0.0)

      assert_operator y, :>, 0
      assert_equal hand, (x * z <=> 0)
    end
    [[12.0, 0.8, 0.3], [30.0, -1.1, 0.0]].each do |along, across, height|
      x, y, z = way.at(along, across, height)

      left.at(along, -across, height).zip([-x, y, z]) { |is, mirrored| assert_in_delta mirrored, is, 1e-12 }
      x, y, z = way.beyond(along, [across, 4.0, height], [-1.0, 1.0])

      left.beyond(along, [-across, 4.0, height], [-1.0, 1.0])
        .zip([-x, y, z]) { |is, mirrored| assert_in_delta mirrored, is, 1e-12 }
    end
  end

  # Chords of a circle carried on to no step at all, against the circle: relative error far below one in a million.
  def test_lengths_from_points
    [48, 96, 480].each do |steps|
      circle = Form::Trace.points(steps) { |share| [Math.cos(2 * Math::PI * share), Math.sin(2 * Math::PI * share)] }

      assert_in_epsilon 2 * Math::PI, Form::Trace.smooth_mm(circle), (steps == 48) ? 1e-5 : 1e-6
    end
  end

  # The legs of a rosette stand side by side at the centre: 2 n wires in a ring, radius D / (2 sin(pi / 2n)).
  def test_a_rosette
    rosette = bend(0.7, kind: "rosette", long: 13.0, short: 9.0, fold: 1.6, centre: 0.0, petals: 10)
    radius = 0.35 / Math.sin(Math::PI / 20)

    assert_in_epsilon rosette.length_mm, Form::Trace.polyline_mm(rosette.points), 2e-3
    assert_in_delta 13.0, rosette.points.map { |x, y| Math.hypot(x, y) }.max, 1e-6
    assert_in_delta radius, Form::Bends.centre_mm({centre: length(0.0), petals: 10}, 0.7), 1e-12
    assert_in_delta 3.0, Form::Bends.centre_mm({centre: length(6.0), petals: 10}, 0.7), 1e-12
    assert_in_delta 0.8, rosette.least_mm, 1e-12 # its folds are 1.6 mm inside
    assert_in_delta (radius * Math.cos(Math::PI / 20)) - 0.35, rosette.points.map { |x, y| Math.hypot(x, y) }.min, 1e-3
  end

  # Ten legs out and back come to twenty lengths less what the centre and the folds take.
  def test_a_rosette_grows_with_its_petals
    one, other = [9.0, 10.0].map do |short|
      bend(0.7, kind: "rosette", long: 13.0, short:, fold: 1.6, centre: 0.0, petals: 10).length_mm
    end

    assert_in_delta 10.0, other - one, 0.1
  end
end
