# frozen_string_literal: true

require_relative "../../test_helper"

# Rows of knots in short notation.
class KnotNotationTest < Minitest::Test
  Notation = Meander::Knot::Notation

  def test_it_is_read
    first, second, third = Notation.read("2s4> -1 b3<\n~5.5 w4/6 x3; e4")

    assert_equal [["square", "left", 4, 2], ["pass", "left", 1, 1], ["bar", "left", 3, 1]],
      first[:knots].map { |one| one.values_at(:kind, :hand, :cords, :times) }
    assert_equal [5.5, 3, 6], [second[:gap].mm, second[:times], second[:knots].first[:turns]]
    assert_equal "exchange", third[:knots].first[:kind]
    assert_equal [4, "left"], Notation.read("s").first[:knots].first.values_at(:cords, :hand)
    assert_equal %w[right left], Notation.read("b> s<; b<").flat_map { |row| row[:knots] }
      .select { |one| one[:kind] == "bar" }.map { |one| one[:hand] }
  end

  def test_what_is_written_reads_the_same
    chance = Random.new(seed = Random.new_seed % 100_000)
    kinds = Meander::Knot::Kinds::ALL
    200.times do
      rows = Array.new(chance.rand(1..5)) do
        knots = Array.new(chance.rand(1..6)) do
          kind = [*kinds.keys, "pass"].sample(random: chance)
          range = (kind == "pass") ? 1..9 : kinds[kind].cords
          hand = kinds[kind]&.hands ? %w[left right].sample(random: chance) : "left"
          {kind:, hand:, cords: chance.rand(range), times: (kind == "pass") ? 1 : chance.rand(1..5),
            turns: (kind == "wrap") ? chance.rand(1..60) : 1}
        end
        {knots:, gap: Meander::Units::Size.of(chance.rand(0..30) / 2.0), times: chance.rand(1..9)}
      end

      assert_equal rows, Notation.read(Notation.write(rows)), "seed #{seed}"
    end
  end

  def test_what_it_cannot_be_is_said
    {"" => /no row/, "4q" => /“4q”|“q” is no knot/, "s2" => /square knot 2; accepted: 3 to 9/, "o4>" => /has no side/,
      "s4/3" => /only a wrap has turns/, "s4 x9999" => /rows 9999/, "~9999 s4" => /9999 mm bare; accepted: up to 500/,
      "s4 ?" => /“\?” is no knot/, "w4/99" => /turns 99; accepted: 1 to 60/, "s4\nh" * 101 => /accepted: up to 100/,
      "s0" => /accepted: 3 to 9/, "0s4" => /knots 0/}.each do |text, message|
      assert_match message, assert_raises(Meander::Error, text) { Notation.read(text) }.message
    end
    assert_match(/row 2/, assert_raises(Meander::Error) { Notation.read("s4\n4q") }.message)
  end
end
