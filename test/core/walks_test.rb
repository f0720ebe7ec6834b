# frozen_string_literal: true

require_relative "../test_helper"

# Random walks over random base wires: what must hold for any weave the engine is given.
class WalksTest < Minitest::Test
  include Meander::Weave

  WALKS = 150

  def setup
    @seed = Random.new_seed % 100_000
    @random = Random.new(@seed)
  end

  # A closed walk with an even number of passes over n wires that uses every gap it touches.
  def random_walk(wires)
    loop do
      gaps = [@random.rand(0..wires)]
      gaps << ((0..wires).to_a - [gaps.last]).sample(random: @random) while gaps.size < 2 * @random.rand(2..9)
      return Walk.new(gaps) if gaps.first != gaps.last && gaps.size.even?
    end
  end

  # Walks over equal wires; over unequal ones a taut wire may leave a thin wire untouched on one face.
  def random_repeats
    WALKS.times do
      wires = @random.rand(1..6)
      walk = random_walk(wires)
      base = [@random.rand(0.5..1.6)] * wires
      frame = Frame.tight(base_mm: base, wire_mm: @random.rand(0.2..0.5), visited: walk.visited)
      yield Repeat.new(frame, walk, lean: 0.3), "seed #{@seed}: #{walk.gaps.join(" ")} on #{base.first.round(3)}"
    end
  end

  def cell(repeat)
    shapes = Meander::Picture::ShapeTable.new
    [Meander::Picture::Cell.build(repeat, shapes), shapes.to_a]
  end

  def test_the_drawing_is_as_long_as_the_closed_form
    random_repeats do |repeat, walk|
      built, shapes = cell(repeat)
      drawn = built.strokes(shapes).sum { |stroke| Meander::Curve::Strand.polyline_length(stroke.points) } / repeat.repeats

      assert_in_epsilon repeat.wire_mm, drawn, 0.001, walk
    end
  end

  def test_the_drawing_runs_through_the_gaps_of_the_walk_face_by_face
    random_repeats do |repeat, walk|
      built, shapes = cell(repeat)
      strokes = built.strokes(shapes).first(repeat.walk.gaps.size)
      read = strokes.map { |stroke| gap_at(repeat.frame, stroke.points.first[0]) }

      assert_equal repeat.walk.gaps, read, walk
      assert_equal [1, -1] * (read.size / 2), strokes.map(&:face), walk
    end
  end

  def test_the_rise_settles_and_is_never_backwards
    random_repeats do |repeat, walk|
      assert_predicate repeat.advance_mm, :finite?, walk
      assert_operator repeat.advance_mm, :>, 0, walk
      assert_operator repeat.advance_mm, :<=, repeat.passes.size * repeat.frame.wire_mm * 2, walk
    end
  end

  # On one face no two passes over the same base wire lie nearer than a wire, however the repeat is put together.
  def test_packed_passes_never_share_a_place
    random_repeats do |repeat, walk|
      heights = Hash.new { |hash, key| hash[key] = [] }
      repeat.period_passes.zip(repeat.heights).each { |pass, y| pass.wires.each { |wire| heights[[wire, pass.face]] << y } }
      heights.each_value do |ys|
        closed = ys + [ys.first + repeat.period_mm]

        assert closed.each_cons(2).all? { |a, b| b - a >= repeat.frame.wire_mm - 1e-6 }, walk
      end
    end
  end

  # Leaning makes room: the harder a maker pushes, the shorter the repeat.
  def test_more_lean_is_never_longer
    60.times do
      wires = @random.rand(2..5)
      walk = random_walk(wires)
      frame = Frame.tight(base_mm: [1.0] * wires, wire_mm: 0.4, visited: walk.visited)
      stiff, pushed = [0.0, 1.0].map { |lean| Repeat.new(frame, walk, lean:).advance_mm }

      assert_operator pushed, :<=, stiff + 1e-6, "seed #{@seed}: #{walk.gaps.join(" ")}"
    end
  end

  private

  # Which gap a place across the frame lies in.
  def gap_at(frame, across) = frame.centres.count { |x| x < across }
end
