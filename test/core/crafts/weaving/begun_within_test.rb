# frozen_string_literal: true

require_relative "../../../support/weaves"

# One weaving wire for both halves of what is woven from the middle outwards, begun at its middle.
class BegunWithinTest < PieceTest
  # A strip woven from the middle, its weaving wire begun within it or not; hand: the comfortable length.
  def strip(begun:, hand: "2 m", centre: "shared", **more)
    json = start("cuff", "sections.0.from": "middle", "sections.0.centre": centre,
      "allowances.working_length": size(hand), **more)
    json["wires"].last["begun"] = ({"stop" => 1} if begun)
    json
  end

  def account(json) = plan(json).band.strip.account
  def steps(json) = Meander::Output::Answer.call(plan(json))[:order].map { |step| step[:words] }

  # One length instead of two: as much as both, but for the tails and the waste of one.
  def test_one_length_for_both_halves
    %w[shared own].each do |centre|
      each, one = [false, true].map { |begun| account(strip(begun:, centre:)) }
      piece = plan(strip(begun: true)).piece
      saved = (2 * piece.allowance_mm(:tail)) + piece.allowance_mm(:waste)

      assert_equal [2, 1], [each.lengths.size, one.lengths.size]
      assert_in_delta each.lengths.sum(&:cut_mm) - saved, one.lengths.first.cut_mm, 1e-6
      assert_in_delta each.path_mm, one.path_mm, 1e-9
      # On either side of where it is laid on lies what that half takes, its tail and half of the waste.
      ends = [one.lengths.first.begin_mm, one.lengths.first.cut_mm - one.lengths.first.begin_mm]

      each.lengths.zip(ends).each do |half, mm|
        assert_in_delta half.cut_mm - piece.allowance_mm(:tail) - (piece.allowance_mm(:waste) / 2), mm, 1e-6
      end
    end
  end

  # The middle coils are the first half's, so its end is the longer one by what they take.
  def test_shared_coils_are_woven_with_the_first_end
    one = account(strip(begun: true)).lengths.first

    assert_operator one.begin_mm, :>, one.cut_mm - one.begin_mm + 5
  end

  def test_told_alike_everywhere
    json = strip(begun: true)
    cuts = Meander::Output::PlanJson.call(plan(json))[:cuts].select { |cut| cut[:wire] == json["wires"].last["id"] }
    told = steps(json)

    assert_equal 1, cuts.size
    assert_equal(1, told.count { |words| words.match?(/Cut #{cuts.first[:cut_mm]}\W+mm/) })
    assert(told.any? { |words|
      words.match?(/at the middle mark, [\d.]+\W+mm from the end you weave the first half with/)
    })
    assert(told.any? { |words| words.match?(/read the second half.*with the other end of the weaving wire/) })
    assert_includes Meander::Output::CutListCsv.call(plan(json), "mm"), cuts.first[:cut_mm].to_s
  end

  # It is asked for whatever a hand can manage; what is longer than that on either side is told.
  def test_a_half_too_long_for_the_hand
    fine, long = ["1.5 m", "0.7 m"].map do |hand|
      Meander::Advice::Council.call(plan(strip(begun: true, hand:))).find { |one| one.id == "working-length-long" }
    end

    assert_nil fine
    assert_match(/each takes of it is longer/, long.why)
    assert_equal 1, account(strip(begun: true, hand: "0.7 m")).lengths.size
  end

  def test_refused
    faults = ->(json) {
      assert_raises(Meander::InvalidInput) { plan(json) }.faults.to_h { |fault| [fault.path, fault.message] }
    }
    from_end = start("cuff").tap { |json| json["wires"].last["begun"] = {"stop" => 1} }
    base = start("cuff", "sections.0.from": "middle").tap { |json| json["wires"].first["begun"] = {"stop" => 1} }
    third = strip(begun: true).tap { |json| json["wires"].last["begun"]["stop"] = 3 }

    assert_match(/from the middle outwards/, faults.call(from_end)["/wires/2/begun"])
    assert_match(/from the middle outwards/, faults.call(base)["/wires/0/begun"])
    assert_equal "there is no such stop on its way", faults.call(third)["/wires/2/begun/stop"]
  end
end
