# frozen_string_literal: true

require_relative "../../support/weaves"

class WeaveTest < PieceTest
  include Weaves

  # Reference advances in wire diameters, common practice with no published source.
  def test_reference_advances
    {[[0, 1], 1] => 1, [Walk.coils(3, 3).gaps, 2] => 6, [Walk.coils(5, 2).gaps, 2] => 7, [DIAMOND, 5] => 8,
      [STAGGER, 3] => 4, [PANEL, 4] => 2, [figure_eight(2), 2] => 4,
      [figure_eight(5), 2] => 10}.each do |(gaps, wires), advance|
      assert_in_delta advance, repeat(gaps, [1.0] * wires, 0.4).advance_mm / 0.4, 1e-6, gaps.inspect
    end
    assert_in_delta 14.1, repeat(RAY, [1.0] * 5, 0.4).advance_mm / 0.4, 0.05
  end

  # For any a + b on any two wires: the drawn path against the closed form, and every coil one wire further on.
  def test_drawn_path_and_closed_form_agree_for_any_coils
    seed = Random.new_seed % 100_000
    random = Random.new(seed)
    25.times do
      single, both, wire = random.rand(1..30), random.rand(1..30), random.rand(0.15..0.6)
      base = Array.new(2) { random.rand([0.4, 1.25 * wire].max..2.0) }
      check_coils(single, both, base, wire, "seed #{seed}: #{single}+#{both} on #{base} with #{wire}")
    end
  end

  # Once met at random: where coils round both begin on a base wire hardly thicker than the weaving wire, they rise by a
  # share of their slant.
  def test_coils_on_a_thin_and_a_thick_wire
    check_coils(15, 24, [0.4572392220612028, 1.9188712039252143], 0.36027470657778854, "thin and thick")
  end

  # Over and under read back from the drawing: each pass lies on its own face and spans the wires of its move.
  def test_over_and_under_read_back_from_the_drawing
    plan = plan(document("sections.0.pattern.single": 4, "sections.0.pattern.both": 3, pins: pins("repeats" => 5)))
    words = plan.strip_picture.strokes.map { |stroke| [stroke.face, rods_covered(plan, stroke)] }
    expected = ([[1], [1]] * 4) + ([[1, 2], [1, 2]] * 3)

    assert_equal (expected * 5) + ([[1], [1]] * 3), words.map(&:last)
    assert_equal [1, -1], words.map(&:first).each_slice(2).to_a.uniq.flatten
    assert plan.strip_picture.strokes.all? { |stroke| stroke.points.all? { |_, _, z| z * stroke.face >= -1e-9 } }
  end

  # The wire goes on without a break, also from the anchor coils to the pattern and on to the closing coils.
  def test_the_picture_is_continuous_from_pass_to_pass
    strokes = plan(document("sections.0.pattern.anchor": 4, pins: pins("repeats" => 7))).strip_picture.strokes
    jumps = strokes.each_cons(2).map { |a, b| Math.sqrt(a.points.last.zip(b.points.first).sum { |p, q| (p - q)**2 }) }

    assert_operator jumps.max, :<, 1e-6
  end

  def test_the_strip_and_the_wire_figure_come_from_one_path
    demo_bands.each do |json|
      plan = plan(json)
      drawn = plan.strip_picture.strokes.sum { |stroke| Meander::Curve::Strand.polyline_length(stroke.points) }

      assert_in_epsilon (plan.band.strip.account.path_mm - plan.band.strip.account.beads_mm), drawn, 0.003, json["name"]
    end
  end

  def test_walks_that_are_none
    assert_raises(Meander::Error) { Walk.new([0, 1, 1]) }
    assert_raises(Meander::Error) { Walk.new([0, 1, 0]) }
    assert_raises(Meander::Error) { Walk.new([0]) }
    assert_predicate Walk.new([0, 1, 2]), :runs_twice?
  end

  private

  # A coil is one wire further on, or at most what a helix at that pitch takes: d / cos of its slant, tan(slant) = d /
  # (pi (D + d)) (plain geometry; wound close on a very thin wire that is up to 1 %).
  def check_coils(single, both, base, wire, words)
    made = repeat(Walk.coils(single, both).gaps, base, wire)
    slant = (base.min < 1.5 * wire) ? Math.atan2(wire, Math::PI * (base.min + wire)) : 0.0
    most = [1e-3, (1 / Math.cos(slant)) - 1].max

    assert_includes (-1e-9..most), (made.advance_mm / ((single + both) * wire)) - 1, words
    assert_in_epsilon strip(made, 3).wire_mm, drawn_mm(strip(made, 3)), 0.001, words
  end

  # Which base wires (from 1) a stroke passes over.
  def rods_covered(plan, stroke)
    low, high = stroke.points.map(&:first).minmax
    plan.strip_picture.rods.each_index.select { |i| plan.strip_picture.rods[i][:x].between?(low, high) }.map do |i|
      i + 1
    end
  end
end
