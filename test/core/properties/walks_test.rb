# frozen_string_literal: true

require_relative "../../support/weaves"

# Random walks over random base wires: what must hold for any weave the engine is given.
class WalksTest < Minitest::Test
  include Weaves

  WALKS = 30

  def test_the_drawing_is_as_long_as_the_closed_form
    [true, false].each do |equal|
      random_repeats(WALKS, equal:) do |repeat, walk|
        strip = strip(repeat, 4)

        assert_in_epsilon strip.wire_mm, drawn_mm(strip), 0.001, walk
      end
    end
  end

  # The word of a weave: the gap each pass leaves and the face it lies on, read off the drawing alone.
  def test_over_and_under_read_back_from_the_drawing_are_the_walk
    random_repeats(WALKS) do |repeat, walk|
      drawn = strokes(strip(repeat, 3))
      read = drawn.map { |stroke| gap_at(repeat.frame, stroke.points.first[0]) }

      assert_equal repeat.walk.gaps * 3, read, walk
      assert_equal [1, -1] * (read.size / 2), drawn.map(&:face), walk
      assert drawn.all? { |stroke| stroke.points.all? { |_, _, z| z * stroke.face >= -1e-9 } }, walk
    end
  end

  # A walk rebuilt from the words of its moves is the walk.
  def test_a_walk_rebuilt_from_its_words_is_the_walk
    random_repeats(WALKS, most_wires: 25) do |repeat, walk|
      words = repeat.passes.map(&:words)

      assert_equal repeat.walk.gaps.rotate(1), words.map { |move| MoveWords.gap(move, wires: repeat.frame.count) }, walk
      assert_equal [%w[over down], %w[under up]] * (words.size / 2),
        words.map { |move| [move[/\A\w+/], move[/, (\w+)/, 1]] }, walk
    end
    assert_nil MoveWords.gap("round and round", wires: 3)
  end

  def test_the_wire_goes_on_without_a_break_from_pass_to_pass
    random_repeats(WALKS) do |repeat, walk|
      jumps = strokes(strip(repeat, 4)).each_cons(2).map do |a, b|
        Math.sqrt(a.points.last.zip(b.points.first).sum { |p, q| (p - q)**2 })
      end

      assert_operator jumps.max, :<, 1e-6, walk
    end
  end

  def test_the_rise_settles_and_is_never_backwards
    random_repeats(WALKS, equal: false) do |repeat, walk|
      assert_predicate repeat.wire_mm, :finite?, walk
      assert_operator repeat.advance_mm, :>, 0, walk
      assert_operator repeat.advance_mm, :<=, repeat.passes.size * repeat.frame.wire_mm * 2, walk
    end
  end

  def test_more_lean_is_never_longer
    random_repeats(30) do |repeat, walk|
      stiff, pushed = [0.0, 1.0].map { |lean| Repeat.new(repeat.frame, repeat.walk, lean:).advance_mm }

      assert_operator pushed, :<=, stiff * 1.002, walk
    end
  end

  # Mirror images rise alike; across the wires they take the same wire too. Along, or turned over, the wire may lean
  # otherwise.
  def test_mirror_images_are_alike
    random_repeats(WALKS, equal: false) do |repeat, walk|
      across = Repeat.new(mirrored(repeat.frame), repeat.walk.across(repeat.frame.count), lean: 0.3)

      assert_in_epsilon repeat.wire_mm, across.wire_mm, 0.002, walk
      [across, *%i[along turned].map { |image| Repeat.new(repeat.frame, repeat.walk.public_send(image), lean: 0.3) }]
        .each do |image|
        assert_in_epsilon repeat.advance_mm, image.advance_mm, (image == across) ? 1e-3 : 0.4, walk
        assert_in_epsilon repeat.wire_mm, image.wire_mm, 0.15, walk
      end
      assert_equal repeat.walk.gaps, repeat.walk.along.along.gaps
      assert_equal repeat.walk.gaps, repeat.walk.across(repeat.frame.count).across(repeat.frame.count).gaps
    end
  end

  def test_the_cover_is_what_an_eye_would_measure
    random_repeats(30) do |repeat, walk|
      drawn = strokes(strip(repeat, 30))

      Cover.new(repeat).faces.each do |face|
        assert_in_delta measured_cover(repeat, drawn, face), face.share, 0.08,
          "#{walk}, wire #{face.wire}, face #{face.face}"
      end
    end
  end

  # A weave held the other way takes as much wire: near for far (base wires and all) within 0.15 %, as it is relaxed
  # step by step; end for start and back for front, which lean the other way or begin elsewhere, within 1 %.
  def test_held_the_other_way_it_takes_as_much
    random_repeats(25, equal: false) do |repeat, words|
      frame, walk = repeat.frame, repeat.walk
      base = frame.base_mm
      {walk.across(base.size) => [base.reverse, 0.0015], walk.along => [base, 0.01],
       walk.turned => [base, 0.01]}.each do |other, (wires, share)|
        image = Repeat.new(frame(other, wires, frame.wire_mm), other, lean: 0.3)

        assert_in_epsilon repeat.wire_mm, image.wire_mm, share, "#{words} as #{other.gaps.join(",")}"
        assert_in_epsilon repeat.advance_mm, image.advance_mm, share, words
      end
    end
  end

  private

  # Which gap a place across the frame lies in.
  def gap_at(frame, across) = frame.centres.count { |x| x < across }

  def mirrored(frame)
    Frame.new(base_mm: frame.base_mm.reverse, wire_mm: frame.wire_mm, clear_mm: frame.clear_mm.reverse)
  end

  def height_at(((x, y, *), (to_x, to_y, *)), at)
    ((to_x - x).abs < 1e-9) ? y : y + ((to_y - y) * (at - x) / (to_x - x))
  end

  # Where a drawn pass crosses a place across the strip, nil where it does not.
  def crossing(points, across)
    a, b = points.each_cons(2).find do |(x, _, z), (to_x, _, to_z)|
      across.between?(*[x, to_x].minmax) && (z + to_z).abs > 0.6
    end
    a && height_at([a, b], across)
  end

  def measured_cover(repeat, drawn, face)
    half = repeat.frame.wire_mm / 2
    x = repeat.frame.centres[face.wire]
    places = drawn.select { |stroke| stroke.face == face.face }.filter_map { |stroke| crossing(stroke.points, x) }
    from = repeat.advance_mm * 10
    steps = (0...400).map { |k| from + (repeat.advance_mm * k / 400.0) }
    steps.count { |y| places.any? { |place| (place - y).abs <= half } } / 400.0
  end
end
