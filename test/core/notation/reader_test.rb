# frozen_string_literal: true

require_relative "../../support/weaves"

# Weaves in short notation.
class NotationTest < Minitest::Test
  include Weaves

  Reader = Meander::Notation::Reader
  Writer = Meander::Notation::Writer

  def fault(text, base = 3) = assert_raises(Meander::InvalidInput) { Reader.call(text, base:) }.faults.first

  def test_what_is_said_and_what_it_means
    {"3 on 1" => [0, 1] * 3, "2 on 1-2" => [0, 2] * 2, "2 far 1" => [1, 0] * 2, "through 0 1 2 3" => [0, 1, 2, 3],
      "2 on 2, 2 far 1" => [1, 2, 1, 2, 1, 0, 1, 0], "2 round 2, 2 far 1" => [1, 2, 1, 2, 1, 0, 1, 0],
      "(3 on 1, 2 on 1-2) x 2" => (([0, 1] * 3) + ([0, 2] * 2)) * 2, "mirror (3 on 1)" => [3, 2] * 3,
      "1 on 3-1" => [0, 3], "2 ON 1 , 1 on 1 - 2" => [0, 1, 0, 1, 0, 2],
      "(2 on 1) x 2, through 0 2" => [0, 1, 0, 1, 0, 1, 0, 1, 0, 2],
      "mirror ((1 on 1, 1 on 1-2) x 2)" => [3, 2, 3, 1, 3, 2, 3, 1], "500 on 1" => [0, 1] * 500}.each do |text, gaps|
      assert_equal gaps, Reader.call(text, base: 3), text
    end
  end

  def test_diamonds_and_staggers
    assert_equal DIAMOND, Reader.call("2 on 3, 2 on 2-4, 2 on 1-5, 2 on 2-4", base: 5)
    assert_equal STAGGER, Reader.call("2 on 1-2, 2 on 2-3", base: 3)
    assert_equal "2 on 3, 2 on 2-4, 2 on 1-5, 2 on 2-4", Writer.call(DIAMOND)
  end

  # Whatever is written is read back to the same gaps.
  def test_any_walk_comes_back
    seed = Random.new_seed % 100_000
    random = Random.new(seed)
    400.times do
      wires = random.rand(1..25)
      gaps = random_walk(wires, random, even: false).gaps

      assert_equal gaps, Reader.call(Writer.call(gaps), base: wires), "seed #{seed}: #{gaps.join(" ")}"
    end
    Meander::Weave::Samples::ALL.each do |sample|
      assert_equal sample.gaps, Reader.call(Writer.call(sample.gaps), base: sample.base), sample.key
    end
  end

  def test_what_cannot_be_read_is_named_at_its_place
    {"3 on 9" => [6, /9 is not a base wire/], "3 onn 1" => [3, /“onn” is not understood/],
      "(3 on 1" => [1, /not closed/], "3 on 1)" => [7, /not understood/], "" => [1, /nothing is woven/],
      "0 on 1" => [1, /0 is not how many wraps/], "3 on" => [5, /a base wire is missing/],
      "through" => [8, /no gap is named/], "through 0 1 1" => [14, /gap 1 twice in a row/],
      "() x 3" => [1, /group is empty/], "3 on 1 x 0" => [10, /0 is not how many times/],
      "501 on 1" => [1, /501 is not/], "3 on 1, , 2 on 1" => [9, /not understood/],
      "mirror 3 on 1" => [8, /a group must begin here/], "((((((((((3 on 1))))))))))" => [9, /too deep/],
      "3 on 1 2 on 1" => [8, /not understood/],
      "(500 on 1) x 500" => [17, /too many moves/], "\u0000" => [1, /not understood/],
      "3 on 1, 2 far 1" => [16, /twice in a row/],
      "2 on 1, 2 on 2" => [11, /gap 1 twice in a row/]}.each do |text, (place, message)|
      found = fault(text)

      assert_match message, found.message, text
      assert_includes found.message, "character #{place}:", text
      assert_equal "/text/#{place - 1}", found.path
      refute_empty found.accepted
    end
  end

  def test_a_word_that_was_probably_meant_is_offered
    {"3 onn 1" => "on", "2 fra 1" => "far", "throug 0 1" => "through",
      "mirorr (3 on 1)" => "mirror",
      "2 on 1, 2 on 2" => "far"}.each { |text, word| assert_equal [word], fault(text).likely, text }
    assert_empty fault("3 bananas 1").likely
  end

  def test_long_and_random_texts_end_in_an_answer
    assert_match(/too long/, fault("3 on 1, " * 2000).message)
    random = Random.new(3)
    500.times do
      text = Array.new(
        random.rand(1..30)
      ) {
        ["3", "on", "far", "through", "x", "mirror", "(", ")", ",", "-", " ", "1", "0", "99", "é",
          "\n"].sample(random:)
      }.join([" ", ""].sample(random:))
      Reader.call(text, base: 4)
    rescue Meander::InvalidInput => e
      assert_equal 1, e.faults.size
    end
  end
end
