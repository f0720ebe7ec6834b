# frozen_string_literal: true

require_relative "../support/weaves"

# How passes come to rest on each other, law by law.
class SettlingTest < Minitest::Test
  include Weaves

  def settled(gaps, wires, clear: 0.4, lean: 0.3, strands: 1, rounds: 1)
    frame = Frame.new(base_mm: [1.0] * wires, wire_mm: 0.4, clear_mm: [clear] * (wires - 1), strands:)
    packing = Packing.new(frame, lean:)
    (PassTable.new(frame).closed(gaps) * rounds).map { |pass| packing.place(pass).round(9) }
  end

  def test_a_plain_coil_climbs_half_a_wire_a_pass
    assert_equal [0.0, 0.2, 0.4, 0.6], settled([0, 1], 1, rounds: 2)
  end

  def test_two_strands_climb_twice_as_far
    assert_equal [0.0, 0.4, 0.8, 1.2], settled([0, 1], 1, strands: 2, rounds: 2)
  end

  def test_a_pass_rests_on_the_highest_it_goes_over
    ys = settled([0, 1, 0, 1, 0, 2], 2)

    assert_in_delta ys[2] + 0.4, ys[4], 1e-9
  end

  # One wire can lean back from its last place by a share of its own length only.
  def test_the_lean_is_limited
    frame = Frame.new(base_mm: [1.0, 1.0, 1.0], wire_mm: 0.4, clear_mm: [0.4, 0.4])
    gaps = [0, 1] * 8 + [0, 3, 1, 3, 2, 3]
    [0.0, 0.1, 0.3].each do |lean|
      passes = PassTable.new(frame).closed(gaps) * 2
      packing = Packing.new(frame, lean:)
      ys = passes.map { |pass| packing.place(pass) }

      assert ys.each_cons(2).zip(passes.drop(1)).all? { |(before, y), pass| y >= before - (lean * pass.length_mm) - 1e-9 }, lean
    end
  end

  # In a gap as narrow as the wire groups of coils alternate; in one twice as wide they lie beside each other.
  def test_a_narrow_gap_lets_one_wire_through_at_a_time
    narrow, wide = [0.4, 0.8].map { |clear| repeat(figure_eight(4), [1.0, 1.0], 0.4, clear: [clear]).advance_mm / 0.4 }

    assert_in_delta 8, narrow, 1e-6
    assert_in_delta 4, wide, 1e-6
    (2..7).each { |count| assert_in_delta count, repeat(figure_eight(count), [1.0, 1.0], 0.4, clear: [0.8]).advance_mm / 0.4, 1e-6, count }
  end

  def test_pushing_harder_packs_closer
    rises = [0.0, 0.1, 0.3, 0.6, 1.0].map { |lean| repeat(RAY, [1.0] * 5, 0.4, lean:).advance_mm }

    assert_equal rises.sort.reverse, rises
  end

  def test_a_new_packing_is_as_at_the_start
    frame = Frame.tight(base_mm: [1.0, 1.0], wire_mm: 0.4, visited: [0, 1, 2])
    passes = PassTable.new(frame).closed([0, 1, 0, 2])
    packing = Packing.new(frame, lean: 0.3)
    first = passes.map { |pass| packing.place(pass) }
    fresh = packing.fresh

    assert_equal first, passes.map { |pass| fresh.place(pass) }
  end

  # A taut wire climbs evenly over turn and straight; neighbours of one steepness stay that way.
  def test_straights_lean_as_a_taut_wire_would_where_nothing_hinders_them
    made = repeat([0, 2], [1.0, 1.0], 0.4)

    made.passes.each_with_index { |pass, i| assert_in_delta 0.2 * pass.straight_mm / pass.length_mm, made.slants[i], 1e-9 }
    assert_in_delta Math.hypot(2 * (1.0 + (Math::PI * 0.7)), 0.4), made.wire_mm, 1e-6
  end

  def test_straights_that_would_crowd_are_laid_flatter
    made = repeat(Walk.coils(3, 3).gaps, [1.0, 1.0], 0.4)
    wide = made.period_passes.each_index.select { |i| made.period_passes[i].wires.size == 2 }
    taut = 0.2 * 1.4 / (1.4 + (Math::PI * 0.7))

    assert_operator made.slants.values_at(*wide).min, :<, taut
    assert(made.slants.values_at(*wide).all? { |slant| slant.between?(0, taut + 1e-9) })
  end

  def test_a_strip_that_does_not_go_on_has_no_neighbour_beyond_its_end
    frame = Frame.tight(base_mm: [1.0, 1.0], wire_mm: 0.4, visited: [0, 2])
    passes = PassTable.new(frame).closed([0, 2])

    assert_equal [0.0, Slant.call(frame, passes, [0.0, 0.2], 0.4)[1]].map { |y| y.round(9) }, Slant.call(frame, passes, [0.0, 0.2], nil).map { |y| y.round(9) }
  end

  def test_profiles_run_straight_from_station_to_station
    profile = Profile.new([[10, 2.0], [0, 1.0], [30, 0.5]])

    assert_equal [1.0, 1.0, 1.5, 2.0, 1.25, 0.5, 0.5], [-5, 0, 5, 10, 20, 30, 99].map { |at| profile.clear_mm(at) }
    assert_equal [[2.0, 0.5]], profile.closing(100)
    assert_equal [[2.0, 1.25]], profile.closing(20)
    assert_empty profile.closing(8)
    assert_in_delta profile.clear_mm(7.3), profile.stepped_mm(7.3, 0.3), (Profile::STEP_MM / 2) + 1e-9
    assert_equal [[2.0, 0.5]], Profile.new([[0, 1.0], [10, 2.0], [20, 1.9], [30, 0.5]]).closing(100), "one run, from its widest to its narrowest"
  end

  # Whether the wire passes is judged by the gap itself, never by the step it is rounded to.
  def test_rounding_never_decides_whether_the_wire_passes
    [[0.3211, true], [0.3209, true], [0.32125, true], [0.3299, true], [0.3195, false], [0.3001, false]].each do |clear, passes|
      profile = Profile.new([[0, clear], [10, clear]])
      wire = passes ? [clear, 0.3211].min : 0.3211

      assert_equal passes, profile.stepped_mm(5, wire) >= wire - 1e-6, clear
    end
  end
end
