# frozen_string_literal: true

require_relative "../../../support/weaves"

# The weaves to choose from, tried in a maker's wires.
class CollectionTest < PieceTest
  ALL = Meander::Weave::Samples::ALL

  def piece(**changes) = Meander::Document::PieceReader.call(document(**changes)).piece

  def tried(key, **changes)
    Meander::Crafts::Weaving::TryWeave.call(piece(**changes).sections.first, ALL.find { |sample| sample.key == key })
  end

  def figures(key, **changes) = Meander::Crafts::Weaving::TryWeave.figures(tried(key, **changes))

  def test_the_collection_holds_what_makers_ask_for
    assert_operator ALL.size, :>=, 14
    assert_equal ALL.size, ALL.map(&:key).uniq.size
    assert_equal ALL.size, ALL.map(&:name).uniq.size
    assert_equal [1, 2, 3, 4, 5, 7], ALL.map(&:base).uniq.sort
    ALL.each { |sample| refute_empty sample.suits }
  end

  def test_every_weave_is_shown_as_a_strip_of_about_one_length
    ALL.each do |sample|
      strip = tried(sample.key)

      assert_operator strip.repeats, :>=, 2, sample.key
      assert_includes 20..45, strip.woven_mm, sample.key
      assert_equal sample.base, strip.picture.rods.size, sample.key
      assert_equal sample.gaps,
        strip.picture.strokes.first(sample.gaps.size).map { |stroke| gap_at(strip, stroke.points.first[0]) }, sample.key
    end
  end

  def test_the_wires_are_the_makers
    strip = tried("diamond-5", "wires.0.size": size("1.25"), "wires.0.metal": "brass", "wires.2.size": size("28 awg"))

    assert_equal [1.25] * 5, strip.base.map(&:mm)
    assert_equal %w[brass], strip.base.map(&:metal).uniq
    assert_in_delta 0.3211, strip.section.working_wire.mm, 1e-4
  end

  # Weaving wire per mm of strip: common practice, no source (5 + 2 about 13 on 1.0 / 0.4, diamonds of five 25, of seven
  # 32).
  def test_wire_for_a_centimetre
    {"coils-5-2" => 130, "diamond-5" => 250, "diamond-7" => 320}.each do |key, stated|
      assert_in_epsilon stated, figures(key)[:wire_per_cm_mm], 0.05, key
    end
  end

  def test_figures_are_those_of_the_weave
    ALL.each do |sample|
      found = figures(sample.key)
      frame = tried(sample.key).layout.frame

      assert_in_delta found[:width_mm], frame.x_range(sample.gaps).then { |low, high| high - low }, 1e-6, sample.key
      assert_operator found[:bare_mm], :>=, 0, sample.key
      assert_operator found[:wire_per_cm_mm], :>, 60, sample.key
      assert_operator found[:advance_mm], :<=, sample.gaps.size * frame.wire_mm, sample.key
    end
  end

  # Held apart by the count of weaving wires the weave asks for.
  def test_wide_weaves_are_held_apart
    assert_in_delta 8 * 0.4, tried("wide-eight-5").layout.frame.clear(1), 1e-9
    assert_in_delta 0.4, tried("figure-eight-2").layout.frame.clear(1), 1e-9
    assert_operator figures("wide-eight-11")[:advance_mm], :<, figures("wide-eight-11")[:wire_per_cm_mm]
  end

  def test_a_coil_pattern_is_its_walk
    ALL.select(&:coils).each do |sample|
      assert_equal Meander::Weave::Walk.coils(*sample.coils).gaps, sample.gaps, sample.key
    end
    assert_equal 3, ALL.count(&:coils)
  end

  private

  def gap_at(strip, across) = strip.layout.frame.centres.count { |x| x < across }
end
