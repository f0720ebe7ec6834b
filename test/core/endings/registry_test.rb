# frozen_string_literal: true

require_relative "../../test_helper"

class EndingsTest < PieceTest
  def bracelet(**changes) = plan(document("bracelet", **changes))

  def strands(plan) = plan.ends.of_base.flat_map { |ending| ending.strands.values }

  def test_every_ending_costs_the_length_of_its_drawn_path
    seed = Random.new_seed % 100_000
    random = Random.new(seed)
    40.times do
      plan = bracelet("wires.0.size": size("#{random.rand(0.5..2.0).round(3)} mm"),
        "wires.1.size": size("#{random.rand(0.5..2.0).round(3)} mm"),
        "endings.0.inside": size("#{random.rand(2.0..9.0).round(2)} mm"), "endings.0.wraps": random.rand(1..6),
        "endings.1.wraps": random.rand(1..6),
        "endings.1.shank": size("#{random.rand(4.0..20.0).round(2)} mm"), "endings.#{random.rand(2)}.wires": %w[w2 w1])

      (strands(plan) + plan(document).ends.of_base.flat_map { |ending| ending.strands.values }).each do |strand|
        assert_in_epsilon strand.length, Meander::Curve::Strand.polyline_length(strand.points), 0.002, "seed #{seed}"
      end
    end
  end

  # Common practice: 25 to 30 mm make a hook.
  def test_a_usual_hook_takes_what_makers_say
    hook = bracelet.ends.at("end").strands[0].length

    assert_includes 25.0..30.0, hook
  end

  # A loop on a mandrel of m from wire D is close to pi (m + D) a turn, the tangents to the neck being little longer
  # than the piece of circle they replace.
  def test_the_loop_is_near_the_circle_it_is_bent_on
    bow = bracelet("endings.0.inside": size("9 mm")).ends.at("start").strands[0].parts.first
    neck = 3 * 1.0

    assert_in_epsilon Math::PI * (9 + 1.0), bow.length - neck, 0.12
  end

  # Wraps round the two-wire neck are an open belt: 2 pi rho + 2 s a turn, with a rise of one wire.
  def test_the_neck_is_bound_by_open_belts
    plan = bracelet("endings.0.wraps": 4)
    binding = plan.ends.at("start").strands[0].parts.last
    belt = 4 * Math.hypot((2 * Math::PI * 1.0) + (2 * 1.4), 1.0)

    assert_in_delta belt, binding.length, 1e-6
  end

  def test_no_ending_is_a_constant
    short, long = bracelet("endings.1.shank": size("6 mm")), bracelet("endings.1.shank": size("12 mm"))

    assert_in_delta 6 * 1.6, long.ends.at("end").strands[0].length - short.ends.at("end").strands[0].length, 1e-6
    assert_in_delta 6, long.ends.at("end").reach_mm - short.ends.at("end").reach_mm, 1e-9
    thin, thick = plan(document("wires.0.size": size("0.6 mm"))), plan(document("wires.0.size": size("1.6 mm")))

    assert_operator thin.ends.at("end").strands[0].length, :<, thick.ends.at("end").strands[0].length
  end
end
