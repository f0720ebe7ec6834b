# frozen_string_literal: true

require_relative "../../../support/weaves"

# Moves said from either side of the work, practised, and the time they take.
class MakingTest < PieceTest
  include Weaves

  # Moves of a band.
  module Judge
    def self.call(plan, **said) = Meander::Crafts::Weaving::JudgeMove.call(plan.band.strip, **said)
  end
  Words = Meander::Weave::MoveWords

  def woven(gaps, base: 2, before: [], after: [], **changes)
    ids = (1..base).map { |i| "b#{i}" }
    json = document("cuff", pins: pins("repeats" => 3), **changes)
    json["wires"] = ids.map { |id| json["wires"].first.merge("id" => id) } << json["wires"].last
    json["sections"][0].merge!("base" => ids,
      "pattern" => {"kind" => "walk", "gaps" => gaps, "before" => before, "after" => after})
    json["endings"].each { |ending| ending["wires"] = ids }
    plan(json)
  end

  # Turned over, over is under and near is far, and the gap it leads to is the same.
  def test_a_move_is_said_from_both_sides
    (1..6).each do |wires|
      (0..wires).to_a.permutation(2) do |from, to|
        [1, -1].each do |face|
          front, back = [false, true].map { |turned| Words.call(from:, to:, face:, wires:, turned:) }

          assert_equal [to, to], [Words.gap(front, wires:), Words.gap(back, wires:, turned: true)]
          assert_equal front.start_with?("over"), back.start_with?("under")
          assert_equal front.include?("near"), back.include?("far")
          assert_equal front[/wires? [^,]+/], back[/wires? [^,]+/]
        end
      end
    end
  end

  # The picture tells every move both ways; read from either side, it is the walk.
  def test_the_picture_is_read_from_both_sides
    {"diamond" => 5, "ray" => 5, "panel" => 4, "stagger" => 3}.each do |name, wires|
      gaps = NAMED.fetch(name).first
      shapes = woven(gaps, base: wires).strip_picture.shapes
      rows = woven(gaps, base: wires).strip_picture.cells.first.passes.first(gaps.size)

      [[:words, false], [:turned, true]].each do |key, turned|
        assert_equal gaps.rotate(1), rows.map { |shape, *| Words.gap(shapes[shape][key], wires:, turned:) },
          "#{name} #{key}"
      end
    end
  end

  # Whoever says every gap of the walk in turn is always right, and whoever says another never is.
  def test_the_next_move_is_the_only_right_one
    made = woven(DIAMOND, base: 5, before: [{"gaps" => [2, 3], "times" => 2}],
      after: [{"gaps" => [2, 3], "times" => 3}])
    way = ([2, 3] * 2) + (DIAMOND * 3) + ([2, 3] * 3) + [2]
    way.each_cons(2).with_index do |(_, to), number|
      (0..5).each do |said|
        assert_equal said == to, Judge.call(made, made: number, said:).right, "#{said} after #{number}"
      end
    end
  end

  def test_why_a_move_is_right_or_wrong
    made = woven(([0, 1] * 3) + ([0, 2] * 2))
    why = ->(number, said, **how) { Judge.call(made, made: number, said:, **how).why }

    assert_equal "wrap 2 of 3 round wire 1", why.call(2, 1)
    assert_equal "that would go over wires 1 and 2, down on the far side; 1 of 3 wraps round wire 1 is made, so the " \
                 "wire goes round again", why.call(2, 2)
    assert_equal "that would go under wires 1 and 2, up on the near side; 1 of 3 wraps round wire 1 is made, so the " \
                 "wire goes round again", why.call(2, 2, turned: true)
    assert_equal "that would go over wire 1, down between 1 and 2; 3 wraps are made there; now it goes round wires " \
                 "1 and 2", why.call(6, 1)
    assert_equal "the wire is there already, and a pass must lead to another gap; this wrap is half made; the wire " \
                 "comes back round wire 1", why.call(1, 1)
    assert_match(/; it begins here\z/, why.call(0, 2))
    assert_equal "under wires 1 and 2, up on the near side", Judge.call(made, made: 7, said: 1).words
  end

  def test_there_is_no_move_beyond_the_end
    made = woven([0, 1, 0, 2])

    {"/made" => [12, 0], "/said" => [0, 3]}.each do |path, (number, said)|
      assert_equal path,
        assert_raises(Meander::InvalidInput) { Judge.call(made, made: number, said:) }.faults.first.path
    end
  end

  # Both halves from the middle are practised each from its beginning.
  def test_halves_are_practised_alike
    made = woven([0, 1, 0, 1, 0, 2], "sections.0.from": "middle", "sections.0.centre": "own",
      pins: pins("repeats" => 4))
    half = made.band.layout.strip(4).pass_count

    assert_equal 12, half
    (0...half).each do |number|
      assert_equal Judge.call(made, made: number, said: 1), Judge.call(made, made: half + number, said: 1)
    end
    shared = woven([0, 1, 0, 1, 0, 2], "sections.0.from": "middle", pins: pins("repeats" => 4))

    assert_equal "over wires 1 and 2, down on the far side", Judge.call(shared, made: half, said: 2).words,
      "the coils in the middle are made already"
  end

  # 40 repeats of six wraps, three that close, at so many a minute.
  def test_wraps_and_the_time_they_take
    json = document("cuff", pins: pins("repeats" => 40))
    piece = Meander::Document::PieceReader.call(json).piece
    calibration = Meander::Calibration.of({pace: 12})
    work = answer(Meander::Planner::PlanPiece.call(piece, calibration:))[:work]

    assert_equal (40 * 6) + 3, work[:wraps]
    assert_in_delta 243 / 12.0, work[:minutes], 1e-9
    assert_in_delta 243 / 10.0, answer(plan(json))[:work][:minutes], 1e-9
  end
end
