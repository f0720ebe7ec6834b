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
end
