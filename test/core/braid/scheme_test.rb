# frozen_string_literal: true

require_relative "../../test_helper"

# Crossings: where strands go, what holds, and how they are said.
class SchemeTest < Minitest::Test
  Braid = Meander::Braid

  def scheme(strands, text) = Braid::Scheme.of(strands, Braid::Notation.read(text, strands))

  def seeded
    seed = Integer(ENV.fetch("SEED", rand(100_000)))
    yield Random.new(seed), "seed #{seed}"
  end

  def random_crossings(strands, random)
    Array.new(random.rand(1..20)) { {gap: random.rand(1..(strands - 1)), over: %w[right left].sample(random:)} }
  end

  # A crossing as a matrix that exchanges two places; a round is their product.
  def matrix(strands, crossings)
    crossings.reduce(identity(strands)) do |made, one|
      rows = identity(strands).map(&:dup)
      rows[one[:gap] - 1], rows[one[:gap]] = rows[one[:gap]], rows[one[:gap] - 1]
      rows.map { |row| made.transpose.map { |column| row.zip(column).sum { |a, b| a * b } } }
    end
  end

  def identity(size) = Array.new(size) { |i| Array.new(size) { |j| (i == j) ? 1 : 0 } }

  def test_strands_end_where_the_product_of_their_crossings_puts_them
    seeded do |random, said|
      30.times do
        strands, rounds = random.rand(3..9), random.rand(0..12)
        crossings = random_crossings(strands, random)
        made = Braid::Scheme.of(strands, crossings)
        product = matrix(strands, crossings * rounds)

        assert_equal product.map { |row| row.index(1) }, made.after(rounds), said
        assert_equal [*0...strands], made.after(made.period), said
      end
    end
  end

  # What can be made at once keeps the order of every two crossings that share a strand.
  def test_layers_are_the_same_braid
    seeded do |random, said|
      30.times do
        strands = random.rand(3..9)
        made = Braid::Scheme.of(strands, random_crossings(strands, random))
        again = Braid::Scheme.new(strands, made.layers.flatten)

        assert_equal made.order, again.order, said
        assert_equal made.covers.keys.sort, again.covers.keys.sort, said
        assert made.layers.all? { |layer| layer.map(&:gap).combination(2).all? { |a, b| (a - b).abs > 1 } }, said
      end
    end
  end

  def test_flat_braids_go_over_and_under_in_turn
    assert_equal ["1r 2l", "1r 3r 2l", "1r 3r 2l 4l"], (3..5).map { |count| Braid::Scheme.flat(count).to_s }
    (3..9).each do |count|
      flat = Braid::Scheme.flat(count)

      assert_equal [count, nil], [flat.period, Braid::Holding.call(flat)]
      lying, past = [*0...count], Array.new(count) { [] }
      (flat.crossings * count).each do |crossing|
        left, right = lying[crossing.gap - 1, 2]
        past[left] << crossing.right?
        past[right] << !crossing.right?
        lying[crossing.gap - 1, 2] = [right, left]
      end

      far = Braid::Scheme.flat(count, "far")

      assert_equal flat.crossings.map { |one| [count - one.gap, !one.right?] },
        far.crossings.map { |one| [one.gap, one.right?] }
      assert_nil Braid::Holding.call(far)
      past.each { |over| assert over.each_cons(2).all? { |one, other| one != other }, "#{count} strands: #{over}" }
    end
  end

  # By hand: what is taken back, what nothing crosses, what lies on top of the rest.
  def test_what_comes_undone_is_found
    {[3, "1r 1l 2r 2l"] => /takes crossing 1 \(1r\) back/, [4, "1r 3r"] => /nothing crosses gap 2/,
     [3, "1r 2r 2l 1l"] => /takes/, [3, "1r 2r 2l"] => /takes crossing 2/,
     [3, "1r 1l 2r"] => /takes/, [3, "1r 2l 2l 1r"] => nil, [4, "3r 2r 2r 1l 2l 2l"] => nil,
     [3, "1r 2r"] => nil}.each do |(strands, text), words|
      loose = Braid::Holding.call(scheme(strands, text))

      words ? assert_match(words, loose.words, text) : assert_nil(loose, text)
    end
  end

  # Strand 1 goes over both others there and back again; those two wind round each other under it.
  def test_a_strand_over_all_others_lifts_off
    loose = Braid::Holding.call(scheme(3, "1r 2r 1r 2l 1l 2r"))

    assert_match(/under all others wherever they meet, so the rest lifts off/, loose.words)
  end

  def test_notation_says_every_braid_back
    seeded do |random, said|
      30.times do
        strands = random.rand(3..9)
        crossings = random_crossings(strands, random)

        assert_equal crossings, Braid::Notation.read(Braid::Notation.write(crossings), strands), said
      end
    end

    assert_equal "1r 2l 1r 2l 1l", Braid::Notation.write(Braid::Notation.read(" (1r2L)2, 1l ", 3))
    {"1r 2x" => /“2x” is no crossing/, "3r" => /no gap 3/, "(1r 2l" => /not closed/, "1r)" => /not opened/,
     "" => /no crossing/, "(1r 2l)0" => /“0” times/, "(1r 2l)60" => /more than 100/,
     "(1r 2l)101" => /“101” times/, "#{"(" * 12}1r" => /too deeply/}.each do |text, words|
      assert_match words, assert_raises(Meander::Error) { Braid::Notation.read(text, 3) }.message
    end
  end
end
