# frozen_string_literal: true

require_relative "../test_helper"
require_relative "../support/trays"

# Holes and masses of beads against published packings, a numeric search and closed forms.
class BeadBodiesTest < PieceTest
  include Trays

  Bundle = Meander::Beads::Bundle
  Body = Meander::Beads::Body

  # The smallest circle round k equal circles: exact for k = 1 to 4, 6 and 7 (1, 2, 1 + 2/sqrt 3, 1 + sqrt 2, 3, 3) 1 +
  # 1/sin of half the step round for five and eight, 1 + sqrt(2 (2 + sqrt 2)) for nine (Graham and others 1998, closed
  # forms of which are in any table of circle packings).
  def test_equal_wires
    exact = [1.0, 2.0, 1 + (2 / Math.sqrt(3)), 1 + Math.sqrt(2), 1 + (1 / Math.sin(Math::PI / 5)), 3.0, 3.0,
      1 + (1 / Math.sin(Math::PI / 7)), 1 + Math.sqrt(2 * (2 + Math.sqrt(2)))]

    exact.each_with_index do |ratio, i|
      assert_in_epsilon 0.4 * ratio, Bundle.bare_mm([0.4] * (i + 1)), 1e-6, "#{i + 1} wires"
    end
  end

  # Three circles that touch each other lie in the outer circle of Descartes' theorem: 1/R = -(a + b + c) + 2 sqrt(ab +
  # bc + ca) of the curvatures turned outwards; two small ones beside a great one lie in their own two.
  def test_mixed_wires_in_closed_form
    [[0.8, 0.6, 0.5], [1.0, 0.9, 0.7]].each do |wires|
      a, b, c = wires.map { |mm| 2 / mm }
      outer = 1 / ((2 * Math.sqrt((a * b) + (b * c) + (c * a))) - a - b - c)

      assert_in_epsilon 2 * outer, Bundle.bare_mm(wires), 2e-3
    end
    assert_in_epsilon 1.5, Bundle.bare_mm([1.0, 0.5, 0.1]), 2e-3
  end

  # Never less than a blind numeric search finds: circles pushed apart in a circle that shrinks as far as they let it.
  def test_mixed_wires_against_a_search
    random = Random.new(4)
    4.times do
      wires = Array.new(random.rand(3..5)) { random.rand(0.3..1.0).round(2) }
      found = Bundle.bare_mm(wires)

      assert_operator found, :>=, searched(wires, random) - 1e-3, wires.inspect
      assert_operator found, :<=, searched(wires, random) * 1.02, wires.inspect
    end
  end

  # The best of many starts: circles moved downhill on the overlap they have with each other and with the rim.
  def searched(wires, random)
    radii = wires.map { |mm| mm / 2 }
    Array.new(10) { shrunk(radii, random) }.min * 2
  end

  def shrunk(radii, random)
    low, high = radii.max, radii.sum
    places = Array.new(radii.size) { [random.rand(-1.0..1.0), random.rand(-1.0..1.0)] }
    16.times do
      rim = (low + high) / 2
      fits?(radii, places, rim) ? high = rim : low = rim
    end
    high
  end

  def fits?(radii, places, rim)
    250.times do
      worst = 0.0
      radii.each_index do |i|
        x, y = places[i]
        far = Math.hypot(x, y)
        out = far + radii[i] - rim
        places[i] = [x - (x / far * out), y - (y / far * out)] if out.positive?
        worst = [worst, out].max
        (0...i).each do |j|
          dx, dy = places[i][0] - places[j][0], places[i][1] - places[j][1]
          apart = [Math.hypot(dx, dy), 1e-9].max
          into = radii[i] + radii[j] - apart
          next unless into.positive?

          worst = [worst, into].max
          [[i, 0.5], [j, -0.5]].each do |k, share|
            places[k] = [places[k][0] + (dx / apart * into * share), places[k][1] + (dy / apart * into * share)]
          end
        end
      end
      return true if worst < 1e-5
    end
    false
  end

  # Volumes against closed forms: sphere, ellipsoid of revolution, cylinder, and the body of a drop by slices.
  def test_volumes
    assert_in_epsilon 4 * Math::PI * 27 / 3, Body.volume_mm3("round", 6.0, 6.0), 1e-12
    assert_in_epsilon 4 * Math::PI * 4.5 * 3 * 3 / 3, Body.volume_mm3("oval", 9.0, 6.0), 1e-12
    assert_in_epsilon Math::PI * 4 * 10, Body.volume_mm3("tube", 10.0, 4.0), 1e-12
    r, long, steps = 3.0, 10.0, 20_000
    sliced = (0...steps).sum do |i|
      y = long * (i + 0.5) / steps
      slope = Math.tan(Math.asin(r / (long - r))) # of a line from the point that touches the sphere
      wide = (y < (long - r) * (1 - ((r / (long - r))**2))) ? y * slope : Math.sqrt((r**2) - ((y - long + r)**2))
      Math::PI * (wide**2) * long / steps
    end

    assert_in_epsilon sliced, Body.volume_mm3("drop", long, 2 * r), 1e-6
  end

  # A glass sphere of 6 mm at 2.5 g/cm3 weighs 0.283 g; with a hole of 1 mm 0.271 g.
  def test_masses
    six = kind(length: size("6 mm"), width: size("6 mm"), hole: "1 mm")

    assert_in_delta 0.2827 - 0.0118, six.mass_g, 1e-3
  end

  # The perimeter of an ellipse of 3 to 2 half axes: 15.86543959 (Abramowitz and Stegun 17.3; value by that integral).
  def test_a_circuit_round_an_oval_bead
    assert_in_delta 15.8654396, Meander::Form::Oval.round_mm(6.0, 4.0), 1e-6
    assert_in_delta 2 * Math::PI * 4, Meander::Form::Oval.round_mm(8.0, 8.0), 1e-9
  end
end
