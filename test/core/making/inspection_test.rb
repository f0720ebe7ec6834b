# frozen_string_literal: true

require_relative "../../test_helper"

# What makers look a finished piece over for (common practice, no source), and what each step is counted by: each where
# a piece has it, and nowhere else.
class InspectionTest < PieceTest
  def planned = @planned ||= demo_documents.to_h { |json| [json["name"], Meander::Making::Planned.call(plan(json))] }
  def looked(name) = planned.fetch(name)[:inspection].map { |one| plain(one[:words]) }

  # The list makers go by, and of each line a piece it is for and one that has none of it; nil where all pieces have.
  LIST = [
    [/Both faces/, "Reed cuff", nil],
    [/even wraps/i, "Reed cuff", "Limpet knots"],
    [/repeats to the left of the middle, as many to the right/, "Sluice cuff", "Reed cuff"],
    [/repeats, counted once more from the other end/, "Reed cuff", "Sluice cuff"],
    [/held against the first/, "Kelp earrings", "Reed cuff"],
    [/level ends/, "Reed cuff", "Limpet knots"],
    [/Centred on its wires: .* bare at each end/, "Reed cuff", "Reed heart"],
    [/no bare wire where there should be none/, "Reed cuff", "Limpet knots"],
    [/Loops closed/, "Tide-line bracelet", "Reed cuff"],
    [/hook turned inwards/, "Tide-line bracelet", "Reed cuff"],
    [/every hole covered/, "Kelp earrings", "Reed heart"],
    [/scratches a fingertip or catches a scrap of cloth/, "Reed cuff", nil],
    [/On the ring mandrel/, "Limpet ring", "Reed cuff"],
    [/On the wrist guide/, "Reed cuff", "Limpet ring"],
    [/hangs straight/, "Kelp earrings", "Reed cuff"],
    [/none dropped/, "Eel-run rope", "Reed cuff"],
    [/every strand lies over where it should/i, "Heron plait", "Reed cuff"],
    [/none of them slipped or turned over/, "Limpet knots", "Reed cuff"]
  ].freeze

  def test_a_piece_is_looked_over_for_what_it_has
    LIST.each do |line, with, without|
      assert looked(with).any?(line), "#{with} is looked over for #{line.source}: #{looked(with)}"
      next refute(looked(without).any?(line), "#{without} has nothing of #{line.source}") if without

      planned.each_key { |name| assert looked(name).any?(line), "#{name}: #{line.source}" }
    end

    planned.each { |name, one|
      assert_equal one[:inspection].map { |item|
        item[:id]
      }.uniq.size, one[:inspection].size, name
    }
  end

  # Counted by what the step itself names: a wrap, a group, a repeat, a crossing, a stitch, a row, a knot, a bead.
  def test_a_step_is_counted_by_what_it_says
    {"Kelp earrings" => [%w[pass wrap group repeat], [1, 2, 6, 12]], "Reed cuff" => [%w[pass wrap repeat], [1, 2, 12]],
     "Heron plait" => [%w[crossing stitch], [1, 2]], "Eel-run rope" => [%w[stitch round], [1, 6]],
     "Marram band" => [%w[stitch row], [1, 5], "crochet"],
     "Heron hanging" => [%w[knot repeat], [1, 3], "knot"]}.each do |name, (names, each, craft)|
      steps = planned[name][:steps].select { |step| step[:craft] && (craft.nil? || step[:craft] == craft) }
      units = steps.max_by { |step| step[:count] }[:units]

      assert_equal [names, each], [units.map { |unit| unit[:name] }, units.map { |unit| unit[:each] }], name
    end
  end

  # So many of the coarsest unit are told in the step's own words; what a weave begins and closes with is less than two.
  def test_the_words_and_the_count_agree
    told = planned.values.flat_map { |one| one[:steps] }.filter_map do |step|
      unit = step[:units].last or next
      words = plain(step[:words])[/(?:Weave|Braid) (\d+) #{unit[:name]}/, 1] or next
      [words.to_i, step[:count].fdiv(unit[:each])]
    end

    assert_operator told.size, :>, 20
    told.each { |words, counted| assert_includes words.to_f...(words + 2.0), counted }
  end
end
