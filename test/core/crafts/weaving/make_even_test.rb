# frozen_string_literal: true

require_relative "../../../support/weaves"

# Lengths filled evenly.
class EvenTest < PieceTest
  include Weaves

  # A length filled by a piece's only section; its ends are cut flush.
  module Even
    def self.call(piece, **asked)
      reach_mm = Meander::Planner::PlanPiece.call(piece).ends.reach_mm
      Meander::Crafts::Weaving::MakeEven.call(piece.sections.first, reach_mm:, **asked)
    end

    def self.groups(piece) = Meander::Crafts::Weaving::MakeEven.groups(piece.sections.first.pattern)
    def self.free_groups(groups) = Meander::Crafts::Weaving::MakeEven.free_groups(groups)
  end

  def piece(gaps, base, **changes)
    ids = (1..base).map { |i| "b#{i}" }
    json = document("cuff", **changes)
    json["wires"] = ids.map { |id| json["wires"].first.merge("id" => id) } << json["wires"].last
    json["sections"][0].merge!("base" => ids,
      "pattern" => {"kind" => "walk", "gaps" => gaps, "before" => [], "after" => []})
    json["endings"].each { |ending| ending["wires"] = ids }
    Meander::Document::PieceReader.call(json).piece
  end

  # The piece as a filling leaves it, planned.
  def filled(piece, filling)
    json = JSON.parse(JSON.generate(piece.to_h))
    json["sections"][0].merge!("pattern" => JSON.parse(JSON.generate(filling.pattern)), "from" => filling.from,
      "centre" => "own",
      "bare" => {"length" => size("#{filling.bare_mm.round(4)} mm"), "gives" => true},
      "extent" => {"kind" => "repeats", "count" => filling.repeats})
    plan(json.merge("pins" => []))
  end

  # Wraps and single passes of a half, in the order they are woven.
  def groups(plan)
    strip = plan.band.layout.strip(plan.fit.repeats)
    Meander::Weave::Groups.of((0...strip.pass_count).map { |number| strip.pass_at(number).from })
  end

  SPACED = ([2, 3] * 8) + DIAMOND.drop(4)

  def test_diamonds_fill_150_mm_alike_from_both_ends
    piece = piece(SPACED, 5)
    fillings = Even.call(piece, strip_mm: 150.0, free: 0)

    assert_operator fillings.size, :>=, 3
    fillings.each do |filling|
      made = filled(piece, filling)

      assert_in_delta 150, made.fit.strip_mm, 1e-3
      assert_in_delta filling.woven_mm, made.band.strip.woven_mm, 1e-6
      assert_in_delta filling.left_mm, 150 - made.ends.reach_mm - filling.woven_mm - (2 * piece.sections.first.bare_mm),
        1e-6
      counted = groups(made).map { |group| [group.near, group.far, group.times] }

      assert_equal counted, counted.reverse, "#{filling.between} between #{filling.repeats}"
      assert_equal [[3, 3, filling.between]] * (filling.repeats + 1), counted.select { |near, far, _| near == far }
      assert_equal 1, made.band.layout.strip(made.fit.repeats).last_span
    end
    assert_operator fillings.map { |filling| filling.left_mm.abs }.max, :<, 2.0
  end

  # Rays climb on one side and come down on the other: pass by pass the same from both ends.
  def test_rays_are_even_pass_by_pass
    fillings = Even.call(piece(RAY, 5), strip_mm: 160.0, free: 0)
    made = filled(piece(RAY, 5), fillings.first)
    strip = made.band.layout.strip(made.fit.repeats)
    way = (0...strip.pass_count).map { |number| strip.pass_at(number).from } << strip.pass_at(strip.pass_count - 1).to

    assert_equal %w[end], fillings.map(&:from).uniq
    assert_equal way, way.reverse
  end

  # A motif that differs end from end is woven from the middle, where as many coils lie as between the others.
  def test_a_motif_that_differs_is_woven_from_the_middle
    lopsided = ([0, 1] * 4) + ([0, 2] * 2) + ([0, 3] * 3)
    piece = piece(lopsided, 3)
    fillings = Even.call(piece, strip_mm: 120.0, free: 0)

    assert_equal %w[middle], fillings.map(&:from).uniq
    fillings.each do |filling|
      assert_equal [true, true], [filling.between.even?, filling.repeats.even?]
      half = groups(filled(piece, filling)).select { |group| [group.near, group.far] == [1, 1] }

      assert_equal [filling.between / 2] + ([filling.between] * (filling.repeats / 2)), half.map(&:times)
      assert_in_delta 120, filled(piece, filling).fit.strip_mm, 1e-3
    end
  end

  # No other whole number of coils and motifs that leaves bare ends comes nearer than the first one offered.
  def test_the_first_is_the_best
    piece = Meander::Document::PieceReader.call(document("cuff")).piece
    best = Even.call(piece, strip_mm: 141.0, free: 0).first
    wanted = 141.0 - (2 * piece.sections.first.bare_mm) - 1.0
    nearest = (1..40).flat_map { |between| (1..200).map { |repeats| 0.4 * ((repeats * (between + 3)) + between) } }
      .map { |woven| (woven - wanted).abs }.min

    assert_in_delta 141.0 - 1.0 - best.woven_mm, 2 * best.bare_mm, 1e-9
    assert_operator best.left_mm.abs, :<=, nearest + Meander::Crafts::Weaving::MakeEven::FINE_MM
  end

  def test_what_cannot_be_made_even_is_said
    refused = ->(piece, **asked) { assert_raises(Meander::InvalidInput) { Even.call(piece, **asked) }.faults.first }

    assert_equal ["/free", "one of 0"], refused.call(piece(SPACED, 5), strip_mm: 150.0, free: 1).then { |fault|
      [fault.path, fault.accepted]
    }
    assert_equal ["/strip", "a longer strip"], refused.call(piece(SPACED, 5), strip_mm: 9.0, free: 0).then { |fault|
      [fault.path, fault.accepted]
    }
    assert_empty Even.free_groups(Even.groups(piece(PANEL, 4)))
    assert_empty Even.free_groups(Even.groups(piece([0, 1], 1)))
    changing = demo_documents.find { |json| json["name"] == "Sluice cuff" }

    assert_equal "/spacing",
      refused.call(Meander::Document::PieceReader.call(changing).piece, strip_mm: 150.0, free: 0).path
  end
end
