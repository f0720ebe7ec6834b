# frozen_string_literal: true

require_relative "../../test_helper"

# Lengths in sentences, in mm and in inches.
class SaidTest < PieceTest
  Said = Meander::Units::Said
  Text = Meander::Units::Text

  # Inches of the ruler against a table of decimal equivalents (any machinist's handbook).
  def test_inches_as_makers_read_them
    {25.4 => "1 in", 179.4 => "7 1/16 in", 0.0 => "0 in", -12.7 => "-1/2 in", 1.984375 => "5/64 in",
      6.35 => "1/4 in", 3.0 => "0.118 in", 2310.0 => "90 15/16 in"}.each do |mm, words|
      assert_equal words, Said.inches(:length, mm)
    end
    assert_equal ["0.0315 in", "0.0126 in"], [0.8, 0.32].map { |mm| Said.inches(:wire, mm) }
  end

  # What is cut is never short, and no more than a sixteenth too long; lengths are off by 1 % or a sixty-fourth.
  def test_no_cut_is_short
    seed = Random.new_seed % 100_000
    random = Random.new(seed)
    200.times do
      mm = random.rand(1..4000)
      cut, told = %i[cut length].map { |kind| Meander.mm(Said.inches(kind, mm)) }

      assert_includes (-1e-4..25.4 / 16), cut - mm, "seed #{seed}: #{mm}"
      assert_operator (told - mm).abs, :<=, [0.01 * mm, 25.4 / 32].min + 0.2, "seed #{seed}: #{mm}"
    end
  end

  def test_sentences_in_either_unit
    told = {words: ["Cut #{Text.cut(172)} of #{Text.wire(0.8)} copper", "reaches #{Text.length(2310.0)}"], mm: 172}

    assert_equal({words: ["Cut 172 mm of 0.8 mm copper", "reaches 2.31 m"], mm: 172}, Said.call(told))
    assert_equal({words: ["Cut 6 13/16 in of 0.0315 in copper", "reaches 90 15/16 in"], mm: 172}, Said.call(told, "in"))
    assert_equal "my 2 mm bead, 3 mm", Said.call("my 2 mm bead, #{Text.length(3.0)}")
    assert_equal "my 2 mm bead, 1 in", Said.call("my 2 mm bead, #{Text.length(25.4)}", "in")
  end

  # No mark is left in what goes out, whatever is planned, and figures stay in mm.
  def test_nothing_that_goes_out_is_marked
    demo_documents.each do |json|
      plan = Meander.plan(json)
      %w[mm in].each do |units|
        said = [Meander.answer(plan, units:), Meander.figures(plan, units:)].map { |told| JSON.generate(told) }
        said += [Meander.words(plan, units:), Meander.csv(plan, units:), Meander.svg(plan, units:)]

        said.each { |text| refute_includes text, Said::JOINER, json["name"] }
        refute_match(/\d mm\b/, Meander.steps(plan, units:).join) if units == "in"
      end
      cuts = %w[mm in].map { |units| Meander.figures(plan, units:)[:cuts].map { |cut| cut[:cut_mm] } }

      assert_equal cuts.first, cuts.last
    end
  end
end
