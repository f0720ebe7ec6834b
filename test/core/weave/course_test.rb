# frozen_string_literal: true

require_relative "../../test_helper"

# A weave over gaps that change: what is told of it does not depend on what was asked for before.
class CourseTest < Minitest::Test
  Weave = Meander::Weave
  WALKS = [[0, 1, 0, 2, 1, 2, 0, 2], [0, 2], [0, 1, 0, 1, 0, 2, 1, 2, 1, 2, 0, 2]].freeze

  # A frame that opens and closes, at random.
  def course(random)
    high, long = 2 + (random.rand * 8), 15 + (random.rand * 30)
    stations = (0..40).map { |i| [long * i / 40, 0.3 + (high * Math.sin(Math::PI * i / 40))] }
    Weave::Course.new({base_mm: [0.8, 0.8], wire_mm: 0.3, strands: 1}, Weave::Profile.new(stations, joined: true),
      before: [[Weave::Walk.new([0, 1]), 2]], walk: Weave::Walk.new(WALKS.sample(random:)),
      after: [[Weave::Walk.new([0, 2]), 2]], lean: 0.3)
  end

  def told(course, repeats)
    course.strip(repeats).then { |strip| [strip.wire_mm, strip.woven_mm, strip.blocks.first.heights] }
  end

  def test_whatever_was_asked_before
    seed = Integer(ENV.fetch("SEED", rand(100_000)))
    random = Random.new(seed)
    8.times do
      kind = random.rand(1_000_000)
      asked = Array.new(3) { random.rand(1..40) }
      first, *others = asked.permutation.map do |order|
        one = course(Random.new(kind))
        order.each { |repeats| (random.rand < 0.5) ? one.woven_mm(repeats) : one.strip(repeats) }
        asked.map { |repeats| told(one, repeats) }
      end

      others.each { |other| assert_equal first, other, "seed #{seed}" }
    end
  end

  # Wire, length and count are one account: repeats one by one come to all of it, every one more reaches further, and
  # the fewest that reach a length are those.
  def test_repeats_add_up
    random = Random.new(seed = Integer(ENV.fetch("SEED", rand(100_000))))
    8.times do |i|
      course, whose = course(random), "seed #{seed}, frame #{i}"
      many = random.rand(2..40)
      layout = Weave::ChangingLayout.new(course, nil_profile, nil)
      strip = course.strip(many)
      each = (1..many).map { |number| layout.path_mm(number, number, many) }

      assert_in_delta strip.wire_mm, each.sum, 1e-6, whose
      assert_in_delta strip.wire_mm, layout.path_mm(1, many, many), 1e-9, whose
      assert_in_delta each.max, layout.longest_mm(many, many), 1e-9, whose
      assert_operator layout.longest_mm(many, 2), :>=, strip.wire_mm / 2, whose
      reached = (1..many).map { |repeats| course.woven_mm(repeats) }

      assert reached.each_cons(2).all? { |one, other| one < other }, whose
      assert_in_delta strip.woven_mm, reached.last, 1e-9, whose
      asked = reached[0] + ((reached.last - reached[0]) * random.rand)

      assert_equal 1 + reached.index { |mm| mm >= asked }, course.reaching(asked), whose
    end
  end

  # Every pass goes on where the one before it ended, round base wires that stand as far apart as they do at its place,
  # and the wire never goes back further than it may lean.
  def test_passes_follow_each_other
    random = Random.new(seed = Integer(ENV.fetch("SEED", rand(100_000))))
    6.times do |i|
      passes, heights = course(random).strip(random.rand(2..30)).blocks.first.then { |block|
        [block.passes, block.heights]
      }
      whose = "seed #{seed}, frame #{i}"

      assert_equal passes.drop(1).map(&:from), passes[0..-2].map(&:to), whose
      assert_equal heights.drop(1).map(&:first), heights[0..-2].map(&:last), whose
      passes.zip(heights) do |pass, own|
        points = pass.stations.points
        back = own.each_cons(2).zip(points.each_cons(2)).map { |(y, to), (a, b)| (y - to) - (0.9 * (b[2] - a[2])) }

        assert_equal points.size, own.size, whose
        assert_operator back.max, :<, 0.3, "#{whose}: leans back"
        assert points.each_cons(2).all? { |a, b| b[2] >= a[2] - 1e-9 }, whose
      end
    end
  end

  private

  # What a layout reads of a frame's profile only for what is said of its widest place.
  def nil_profile = Weave::Profile.new([[0.0, 0.3]])
end
