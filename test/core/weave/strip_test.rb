# frozen_string_literal: true

require_relative "../../support/clearance"
require_relative "../../support/weaves"

# Stretches one after another, and base wires whose gaps change along the strip.
class StripsTest < Minitest::Test
  include Weaves
  include Clearance

  # Walks over the same base wires that can follow each other.
  def random_strips(count)
    seed = Random.new_seed % 100_000
    random = Random.new(seed)
    count.times do
      wires = random.rand(1..5)
      walks = [random_walk(wires, random)]
      walks << [random_walk(wires, random)].find { |walk| walk.gaps.first != walks.last.gaps.last } while walks.compact!
        .nil? && walks.size < 3
      frame = Frame.tight(base_mm: [1.0] * wires, wire_mm: 0.4, visited: walks.flat_map(&:visited))
      table = PassTable.new(frame)
      counts = walks.map { random.rand(1..9) }
      yield Strip.new(frame, table, walks.map { |walk| Repeat.new(frame, walk, lean: 0.3, table:) }.zip(counts)), walks,
        counts, "seed #{seed}: #{walks.map(&:gaps)}"
    end
  end

  def gap_at(frame, across) = frame.centres.count { |x| x < across }

  def test_the_word_of_a_strip_is_that_of_its_stretches_in_order
    random_strips(30) do |strip, walks, counts, words|
      drawn = strokes(strip)

      assert_equal walks.zip(counts).flat_map { |walk, count| walk.gaps * count },
        drawn.map { |stroke| gap_at(strip.frame, stroke.points.first[0]) }, words
      jumps = drawn.each_cons(2).map { |a, b| Math.sqrt(a.points.last.zip(b.points.first).sum { |p, q| (p - q)**2 }) }

      assert_operator jumps.max || 0, :<, 1e-6, words
      assert_in_epsilon strip.wire_mm, drawn.sum { |stroke| Meander::Curve::Strand.polyline_length(stroke.points) },
        0.001, words
    end
  end

  # How near the wire of walks at random comes to itself, in its diameters: touching is 1, and stations lie apart.
  NEAREST = 0.75

  # Wherever one stretch goes on from another no wire runs through wire.
  def test_a_stretch_never_lies_in_the_one_before_it
    worst = Float::INFINITY
    random_strips(10) do |strip, _, _, words|
      nearest = nearest_stretches(strokes(strip).flat_map(&:points), strip.frame.wire_mm)
      worst = [worst, nearest].min

      assert_operator nearest, :>=, NEAREST, words
    end
    puts format("\nnearest stretches where walks follow each other: %.3f of a wire", worst)
  end

  def test_wraps_counted_by_blocks_are_those_counted_one_by_one
    random_strips(10) do |strip, _, _, words|
      fronts = strip.blocks.flat_map do |block|
        block.passes.select { |pass| pass.face == 1 }.map(&:wires) * block.count
      end
      half = fronts.size / 2
      count = ->(list) { Array.new(strip.frame.count) { |wire| list.count { |wires| wires.include?(wire) } } }

      assert_equal [count.call(fronts.first(half)), count.call(fronts.last(half))], strip.wraps_by_half, words
    end
  end

  # An open coil is a helix of the chosen pitch; pulled to its packed rise it is the tight one.
  def test_open_weaves
    open = repeat([0, 1], [0.8], 0.3, pitch_mm: 1.0)

    assert_in_delta Math.hypot(2 * Math::PI * 0.55, 1.0), open.wire_mm, 1e-6
    tight = repeat(DIAMOND, [1.0] * 5, 0.4)

    assert_in_delta tight.wire_mm, repeat(DIAMOND, [1.0] * 5, 0.4, pitch_mm: tight.packed_mm).wire_mm, 1e-9
    assert_raises(Meander::Error) { repeat(DIAMOND, [1.0] * 5, 0.4, pitch_mm: tight.packed_mm - 0.1) }
    assert_operator repeat(DIAMOND, [1.0] * 5, 0.4, pitch_mm: 8.0).wire_mm, :>, tight.wire_mm
  end

  # Two wires side by side rise twice as far and each takes about the wire of one.
  def test_doubled_wire
    walk = Walk.coils(3, 3)
    one, two = [1, 2].map { |strands| Repeat.new(frame(walk, [1.0, 1.0], 0.4, strands:), walk, lean: 0.3) }

    assert_in_delta 2 * one.advance_mm, two.advance_mm, 1e-6
    assert_in_epsilon one.wire_mm, two.wire_mm, 0.02
  end

  # A course over gaps that stay as they are is the settled weave, but for its start.
  def test_a_course_over_even_gaps_is_a_settled_weave
    [[figure_eight(3), 2, 1.2], [[0, 1] * 3 + [0, 2] * 3, 2, 0.4], [PANEL, 4, 0.9]].each do |gaps, wires, clear|
      settled = repeat(gaps, [1.0] * wires, 0.4, clear: [clear] * (wires - 1))
      made = course(gaps, wires, [[0, clear], [10, clear]])
      fewer, more = made.strip(20), made.strip(60)

      assert_in_epsilon 40 * settled.advance_mm, more.woven_mm - fewer.woven_mm, 0.03, gaps.inspect
      assert_in_epsilon 40 * settled.wire_mm, more.wire_mm - fewer.wire_mm, 0.03, gaps.inspect
    end
  end

  def test_a_course_is_drawn_as_it_is_reckoned
    strip = course(figure_eight(2), 2, [[0, 0.4], [20, 5.0], [40, 0.8]], after: [[Walk.new([1, 2]), 2]]).strip(30)
    drawn = strokes(strip)

    assert_in_epsilon strip.wire_mm, drawn.sum { |stroke| Meander::Curve::Strand.polyline_length(stroke.points) }, 0.01
    assert_in_delta strip.wire_mm, strip.path_mm(1, 10) + strip.path_mm(11, 30), 1e-6
    jumps = drawn.each_cons(2).map { |a, b| Math.sqrt(a.points.last.zip(b.points.first).sum { |p, q| (p - q)**2 }) }

    assert_operator jumps.max, :<, 1e-6
  end

  def test_a_wider_gap_takes_more_wire
    narrow, wide = [1.0, 4.0].map { |gap| course(figure_eight(2), 2, [[0, 0.8], [30, gap]]).strip(20).wire_mm }

    assert_operator wide, :>, narrow * 1.05
  end

  private

  def course(gaps, wires, stations, after: [])
    sizes = {base_mm: [1.0] * wires, wire_mm: 0.4, strands: 1}
    Course.new(sizes, Profile.new(stations), before: [], walk: Walk.new(gaps), after:, lean: 0.3)
  end
end
