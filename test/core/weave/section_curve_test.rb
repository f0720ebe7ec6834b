# frozen_string_literal: true

require_relative "../../support/weaves"

# The base wires side by side and the way of a pass round them, seen in cross-section.
class CrossSectionTest < Minitest::Test
  include Weaves

  def unequal = Frame.new(base_mm: [1.0, 2.0, 0.5], wire_mm: 0.4, clear_mm: [0.4, 1.0])

  def test_wires_lie_side_by_side_with_their_gaps
    assert_equal [0.0, 1.9, 4.15], unequal.centres.map { |x| x.round(9) }
    assert_equal [0.7, 1.2, 0.45], [0, 1, 2].map { |i| unequal.rho(i).round(9) }
    assert_in_delta 2.8, unequal.thickness_mm, 1e-12
    assert_equal [nil, 0.4, 1.0, nil], [0, 1, 2, 3].map { |gap| unequal.clear(gap) }
    refute_predicate unequal, :level?
    assert_predicate Frame.new(base_mm: [1, 1], wire_mm: 0.3, clear_mm: [0.3]), :level?
  end

  def test_where_the_wire_goes_through_a_gap
    assert_in_delta(-0.7, unequal.gap_x(0), 1e-12)
    assert_in_delta 0.7, unequal.gap_x(1), 1e-12
    assert_in_delta 4.15 + 0.45, unequal.gap_x(3), 1e-12
    assert_operator unequal.gap_x(2), :>, unequal.centres[1]
  end

  def test_gaps_that_let_no_wire_through
    frame = Frame.new(base_mm: [1, 1, 1], wire_mm: 0.4, clear_mm: [0.3, 0.4])

    assert_equal [1], frame.impassable([0, 1, 2, 3])
    assert_empty frame.impassable([0, 2, 3])
  end

  def test_wires_touch_where_nothing_passes
    frame = Frame.tight(base_mm: [1.0] * 4, wire_mm: 0.4, visited: [0, 2, 4])

    assert_equal [0.0, 0.4, 0.0], frame.clear_mm
    assert_in_delta 4 + 0.4 + 0.8, frame.x_range([0, 2, 4]).then { |low, high| high - low }, 1e-12
    assert_in_delta 4 + 0.4, frame.x_range([1, 2]).then { |low, high| high - low }, 1e-12
  end

  def test_a_pass_begins_and_ends_in_the_plane_of_the_base_wires_at_its_gaps
    random_repeats(30) do |repeat, walk|
      repeat.passes.each do |pass|
        (x, z, _), (end_x, end_z, _) = pass.chain.sample.values_at(0, -1)

        assert_in_delta 0, z, 1e-9, walk
        assert_in_delta 0, end_z, 1e-9, walk
        assert_in_delta repeat.frame.gap_x(pass.from), x, 1e-6, walk
        assert_in_delta repeat.frame.gap_x(pass.to), end_x, 1e-6, walk
      end
    end
  end

  # A wire lies on base wires, never in them: no drawn point comes nearer to a centre than the two radii.
  def test_a_pass_never_runs_through_a_base_wire
    [true, false].each do |equal|
      random_repeats(30, equal:) do |repeat, walk|
        frame = repeat.frame
        repeat.passes.each do |pass|
          nearest = pass.chain.sample.flat_map { |x, z, _|
            frame.centres.each_with_index
                        .map { |centre, i| Math.hypot(x - centre, z) - frame.rho(i) }
          }.min

          assert_operator nearest, :>=, -0.003, "#{walk}: #{pass.from} to #{pass.to}"
        end
      end
    end
  end

  # The parts of a pass add up to its drawn way, and turns are shared by the passes that meet there.
  def test_turns_and_straights_add_up
    random_repeats(30, equal: false) do |repeat, walk|
      passes = repeat.passes
      passes.each_with_index do |pass, i|
        following = passes[(i + 1) % passes.size]

        assert_in_delta pass.turn_after_mm, following.turn_mm, 1e-9, walk
        assert_operator pass.straight_mm, :>=, -1e-9, walk
        assert_operator pass.length_mm, :>, 0, walk
      end
      assert_in_delta passes.sum { |pass| pass.chain.length }, passes.sum(&:length_mm), 1e-6, walk
    end
  end

  # With no slack a crossing is half a coil in all, a quarter on each wire; with a wide gap it tends to the centre
  # distance.
  def test_crossings_from_the_narrowest_gap_to_the_widest
    turn = ->(
      clear) {
      PassTable.new(Frame.new(base_mm: [1.0, 1.0], wire_mm: 0.4, clear_mm: [clear])).closed([1, 2, 1, 0])
            .map(&:turn_mm).minmax.then { |low, high| ((high - (Math::PI * 0.7)).abs < 1e-9) ? low : high }
    }

    assert_in_delta Math::PI * 0.7, turn.call(0.4), 1e-9
    assert_in_epsilon 101, turn.call(100), 0.01
    assert_equal [0.4, 1.0, 2.0, 5.0].map(&turn).sort, [0.4, 1.0, 2.0, 5.0].map(&turn)
  end

  def test_passes_alike_are_one
    table = PassTable.new(Frame.tight(base_mm: [1.0, 1.0], wire_mm: 0.4, visited: [0, 1, 2]))

    assert_equal 4, table.closed([0, 1] * 20 + [0, 2] * 20).uniq(&:object_id).size
    assert_predicate table.closed([0, 1]).first, :frozen?
  end

  def test_the_hull_over_taller_wires
    frame = Frame.new(base_mm: [1.0, 0.6, 1.8, 0.6, 1.0], wire_mm: 0.4, clear_mm: [0.4] * 4)

    assert_equal [0, 2, 4], HullWires.call(frame, 0, 4)
    assert_equal [4, 2, 0], HullWires.call(frame, 4, 0)
    assert_equal [0, 4], HullWires.call(Frame.new(base_mm: [1.0] * 5, wire_mm: 0.4, clear_mm: [0.4] * 4), 0, 4)
    assert_equal [2], HullWires.call(frame, 2, 2)
  end
end
