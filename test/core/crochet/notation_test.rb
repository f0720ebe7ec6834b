# frozen_string_literal: true

require_relative "../../test_helper"

# Rows in short: read, written, read again.
class CrochetNotationTest < Minitest::Test
  Notation = Meander::Crochet::Notation

  def test_what_is_written_is_read
    rows = Notation.read("12s; (2s s2)4 x3\n d 2c 2- 3s/2, p l")

    assert_equal [1, 3, 1], rows.map { |row| row[:times] }
    assert_equal [{kind: "single", times: 2, into: 1, over: 1}, {kind: "single", times: 1, into: 2, over: 1}],
      rows[1][:stitches].first(2)
    assert_equal %w[double chain skip single picot slip], rows[2][:stitches].map { |one| one[:kind] }
    assert_equal "12s; (2s s2)4 x3; d 2c 2- 3s/2 p l", Notation.write(rows)
  end

  def test_random_rows_come_back
    seed = Random.new_seed % 100_000
    chance = Random.new(seed)
    kinds = [*Meander::Crochet::Stitches::ALL.keys, "picot", "skip"]
    300.times do
      rows = Array.new(chance.rand(1..4)) do
        stitches = Array.new(chance.rand(1..6)) do
          kind = kinds.sample(random: chance)
          shared = %w[chain picot skip].include?(kind) ? [1, 1] : [[1, 1], [3, 1], [1, 2]].sample(random: chance)
          {kind:, times: chance.rand(1..40), into: shared[0], over: shared[1]}
        end
        {stitches:, times: chance.rand(1..3)}
      end

      assert_equal rows, Notation.read(Notation.write(rows)), "seed #{seed}"
    end
  end

  # What is made again and again within a row stands in brackets, and nothing is lost by it; a run that is there is
  # found.
  def test_runs_within_a_row
    seed = Random.new_seed % 100_000
    chance = Random.new(seed)
    some = ->(range) { Array.new(chance.rand(range)) { %w[a b c].sample(random: chance) } }
    300.times do
      before, block, after, times = some[0..4], some[2..4], some[0..4], chance.rand(2..5)
      row = [*before, *(block * times), *after]
      run = Meander::Crochet::Again.call(row)

      assert_equal row, [*run.before, *(run.block * run.times), *run.after], "seed #{seed}: #{row}"
      assert_operator (run.times - 1) * run.block.size, :>=, (times - 1) * block.size, "seed #{seed}: #{row}"
    end
    assert_nil Meander::Crochet::Again.call(%w[a b c a])
    row = Notation.read("s/2 1s s/2 2s s/2 2s s/2 2s")

    assert_equal "s/2 s (s/2 2s)3", Notation.write(row)
    assert_equal "a single over 2 places, then a single into the next place, then 3 times (a single over 2 places, " \
                 "then 2 singles, one into each place)",
      Meander::Crafts::Crocheting::Words.row(
        Meander::Crochet::Row.new(row.first[:stitches].map { |one| Meander::Crochet::Item.new(**one) })
      )
  end

  def test_what_cannot_be_read_is_named
    {"" => /there is no row/, "12q" => /row 1: “q” is no stitch/, "3s; 2s)" => /row 2: a bracket is closed/,
      "(2s" => /not closed/, "2000s" => /2000; accepted: 1 to 1000/, "3c2" => /share its places/,
      "s x9999" => /rows 9999; accepted: 1 to 1000/, "(((((((((s)2)2)2)2)2)2)2)2)2" => /nested too deeply/,
      "(2s h)500" => /more than 200 groups/, "s / 2" => /is no stitch/}.each do |text, told|
      assert_match told, assert_raises(Meander::Error, text) { Notation.read(text) }.message
    end
  end
end
