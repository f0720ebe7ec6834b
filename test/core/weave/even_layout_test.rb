# frozen_string_literal: true

require_relative "../../support/weaves"

# A weave on base wires that stand alike: wire, length and count of any number of repeats are one account, with what is
# woven before and after them, and with two halves that share what lies in their middle.
class EvenLayoutTest < PieceTest
  # What closes few repeats lies a little otherwise for every one more: less than half a wire.
  SEEN_MM = 0.2
  STRETCHES = [[], [{"gaps" => [0, 1], "times" => 3}],
    [{"gaps" => [0, 2], "times" => 2}, {"gaps" => [0, 1], "times" => 1}]]
    .freeze

  # A strip on two or three wires, at random; the layout of its weave.
  def any_layout(random, **changes)
    gaps = random_walk(random)
    pattern = {"kind" => "walk", "gaps" => gaps, "before" => beginning(random, gaps), "after" => ending(random, gaps)}
    plan(document("cuff", "sections.0.pattern": pattern, pins: pins("repeats" => 6), **changes)).band.layout.weave
  end

  # On two wires, an even number of passes that come back to where they began.
  def random_walk(random)
    loop do
      gaps = [random.rand(0..2)]
      (2 * random.rand(1..5)).times { gaps << ([0, 1, 2] - [gaps.last]).sample(random:) }
      gaps.pop if gaps.size.odd?
      return gaps if gaps.size >= 2 && gaps.first != gaps.last
    end
  end

  # Stretches that the repeats can follow, and that can follow them.
  def beginning(random, gaps) = STRETCHES.sample(random:).reject { |one| one["gaps"].last == gaps.first }.first(1)
  def ending(random, gaps) = STRETCHES.sample(random:).reject { |one| one["gaps"].first == gaps.last }.first(1)

  def test_any_number_of_repeats_is_what_its_strip_is
    random = Random.new(seed = Random.new_seed % 100_000)
    20.times do |i|
      layout, whose = any_layout(random), "seed #{seed}, weave #{i}"
      [1, 2, 3, 5, 9, 24].each do |many|
        strip = layout.strip(many)

        assert_in_delta strip.woven_mm, layout.woven_mm(many), SEEN_MM, "#{whose}: #{many} repeats reach"
        assert_in_delta strip.wire_mm, layout.path_mm(1, many, many), SEEN_MM, "#{whose}: #{many} repeats take"
        each = (1..many).map { |number| layout.path_mm(number, number, many) }

        assert_in_delta layout.path_mm(1, many, many), each.sum, 1e-6, "#{whose}: one by one"
        assert_in_delta each.max, layout.longest_mm(many, many), 1e-6, whose
      end
    end
  end

  # Every repeat more reaches further (a second one of a single coil may lie beside what closes it on another wire, and
  # reaches as far), and the fewest that reach a length are those; where one begins the one before it ends.
  def test_the_fewest_that_reach_a_length
    random = Random.new(seed = Random.new_seed % 100_000)
    20.times do |i|
      layout, whose = any_layout(random), "seed #{seed}, weave #{i}"
      reached = (1..40).map { |many| layout.woven_mm(many) }
      begun = (1..40).map { |number| layout.repeat_from_mm(number) }

      assert_operator reached[0], :<=, reached[1] + 1e-9, whose
      assert reached.drop(1).each_cons(2).all? { |one, other| one < other }, whose
      assert begun.each_cons(2).all? { |one, other| one < other }, whose
      asked = reached.last * random.rand

      assert_equal 1 + reached.index { |mm| mm >= asked }, layout.reaching(asked), whose
    end
  end

  # Woven from the middle, both halves together are the strip, less what they share, in length, wire and passes.
  def test_halves_share_their_middle
    random = Random.new(seed = Random.new_seed % 100_000)
    12.times do |i|
      layout = any_layout(random, "sections.0.from": "middle", "sections.0.centre": "shared")
      [1, 2, 4, 7].each do |many|
        shared, first, second = layout.shared(many), layout.strip(many), layout.second(many)
        whose = "seed #{seed}, weave #{i}, #{many} repeats"

        assert_in_delta first.woven_mm - shared.mm, second.woven_mm, 1e-6, whose
        assert_in_delta first.wire_mm - shared.path_mm, second.wire_mm, 1e-6, whose
        assert_equal first.pass_count - shared.passes, second.pass_count, whose
      end
    end
  end
end
