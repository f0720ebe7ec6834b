# frozen_string_literal: true

require_relative "../support/weaves"

# Wraps as a spring maker and a belt maker would reckon them.
class SpringsTest < Minitest::Test
  include Weaves

  # Wire in the active coils of a compression spring: L = n sqrt((pi D)^2 + p^2), D the mean coil diameter, p the pitch
  # (any machine-design handbook, such as Machinery's; from memory).
  def spring_wire(turns, mean_mm, pitch_mm) = turns * Math.sqrt(((Math::PI * mean_mm)**2) + (pitch_mm**2))

  def test_close_coils_are_a_spring_wound_solid
    [[0.8, 0.3], [1.0, 0.4], [2.0, 0.5]].each do |base, wire|
      assert_in_epsilon spring_wire(25, base + wire, wire), repeat([0, 1], [base], wire).wire_mm * 25, 1e-6
    end
  end

  def test_open_coils_are_an_open_spring
    [0.5, 1.0, 2.0].each do |pitch|
      assert_in_epsilon spring_wire(10, 1.4, pitch), repeat([0, 1], [1.0], 0.4, pitch_mm: pitch).wire_mm * 10, 1e-6
    end
  end

  # A worked example of the handbook kind: a spring of 10 active coils, mean diameter 20 mm, pitch 6 mm takes 631.2 mm
  # of wire.
  def test_a_worked_example
    assert_in_delta 631.2, spring_wire(10, 20, 6), 0.1
    assert_in_delta 631.2, repeat([0, 1], [18.0], 2.0, pitch_mm: 6.0).wire_mm * 10, 0.1
  end

  # Solid length of a close spring is its coils times the wire.
  def test_solid_length
    assert_in_delta 25 * 0.4, repeat([0, 1], [1.0], 0.4).advance_mm * 25, 1e-9
  end

  # Crossed belt on two unequal pulleys against the same formula worked by hand: R = 60, r = 40, C = 200:
  # 2 sqrt(C^2 - (R + r)^2) + (R + r)(pi + 2 asin((R + r) / C)) = 765.3.
  def test_a_crossed_belt_worked_by_hand
    made = PassTable.new(Frame.new(base_mm: [118.0, 78.0], wire_mm: 2.0, clear_mm: [102.0])).closed([1, 2, 1, 0])

    assert_in_delta 765.3, made.sum(&:length_mm), 0.1
  end

  # A hexagonal hull: seven equal wires are wrapped by the hull of the outer two alone, since all lie in a plane.
  def test_wraps_over_many_equal_wires_are_a_belt_on_the_outer_two
    (2..25).each do |count|
      frame = Frame.tight(base_mm: [1.0] * count, wire_mm: 0.4, visited: [0, count])
      belt = (2 * (count - 1)) + (2 * Math::PI * 0.7)

      assert_in_delta belt, PassTable.new(frame).closed([0, count]).sum(&:length_mm), 1e-9, count
    end
  end
end
