# frozen_string_literal: true

require_relative "../../support/clearance"
require_relative "../../support/sections"
require_relative "../../support/weaves"

# Drawn wire measured: how near two stretches of it come, in its diameters, its first and last six left out; how deep it
# lies in a base wire; whether it is broken. The worst of each kind is printed.
class ClearanceTest < PieceTest
  include Weaves
  include Clearance
  include Sections

  # So many walks of each kind and frames at random; more of them for a longer look: WALKS=150 FRAMES=50.
  WALKS, MANY_FRAMES = Integer(ENV.fetch("WALKS", 8)), Integer(ENV.fetch("FRAMES", 3))
  GAPS = [1.0, 1.25, 1.5, 2.0, 3.0, 10.0].freeze
  # What a wire may come nearer than it touches where stations lie apart, and where gaps change or base wires differ.
  EVEN, UNEVEN, FRAMES, IN_A_BASE_WIRE = 0.89, 0.80, 0.4, 0.05

  # Strokes of a strip on straight base wires: [nearest, depth].
  def measured(strip, said)
    drawn, d = strokes(strip), strip.frame.wire_mm
    points = drawn.flat_map(&:points).each_cons(2).reject { |a, b| a == b }.map(&:first)

    assert_operator longest_break(drawn), :<, 1e-6, said
    [nearest_stretches(points, d), depth_in_rods(points, strip.frame.centres.zip(strip.frame.base_mm), d)]
  end

  def worst(title, least, deepest, rows)
    nearest(title, least, rows.map { |(near, _), said| [near, said] })
    deep, said = rows.map { |(_, depth), words| [depth, words] }.max_by(&:first)
    puts format("%s: deepest in a base wire %.3f (%s)", title, deep, said)

    assert_operator deep, :<=, deepest, said
  end

  def nearest(title, least, rows)
    near, said = rows.min_by(&:first)
    puts format("\n%s: nearest %.3f (%s)", title, near, said)

    assert_operator near, :>=, least, said
  end

  def some(repeat) = strip(repeat, (repeat.passes.size > 16) ? 2 : [(16.0 / repeat.passes.size).ceil, 3].max)

  def test_the_collection_at_gaps_near_and_wide
    rows = Samples::ALL.flat_map do |sample|
      GAPS.map do |gap|
        said = "#{sample.key} at #{gap} d"
        [measured(some(repeat(sample.gaps, [1.0] * sample.base, 0.4, clear: [gap * 0.4] * (sample.base - 1))), said),
          said]
      end
    end
    worst("the collection", EVEN, 0.01, rows)
  end

  def test_walks_at_random
    rows = [true, false].flat_map do |equal|
      found = []
      random_repeats(WALKS, equal:, most_wires: 5) { |repeat, said| found << [measured(some(repeat), said), said] }
      found
    end
    worst("walks at random", UNEVEN, IN_A_BASE_WIRE, rows)
  end

  # Every woven stretch of the demo whose gap stays as it is.
  def test_the_demo
    rows = demo_documents.flat_map do |json|
      strips(json).reject { |section| framed?(section) }.map do |section|
        [measured(section.layout.strip([section.repeats, 12].min), json["name"]), json["name"]]
      end
    end
    worst("the demo", EVEN, 0.01, rows)
  end

  # Base wires that open and close: how near the wire comes to itself, where they lie less aslant than this, in mm
  # across to a mm along, and anywhere. How deep it lies in wires that lie aslant is not measured.
  ASLANT = 1.0

  def test_frames
    demo = demo_documents.flat_map { |json| courses(json) }
    nearest("frames of the demo", UNEVEN, demo)
    seed = Random.new_seed % 100_000
    rows = random_frames(seed, MANY_FRAMES)
    nearest("frames at random, where they open and close gently", FRAMES, rows)
    puts format("at the steepest ends of frames, not held: nearest %.3f", *rows.map(&:last).min)
  end

  def random_frames(seed, count)
    random = Random.new(seed)
    Array.new(count) {
      frame = Sections::FRAMES[random.rand(0..3)].call(random)
      pattern = {"kind" => "walk", "gaps" => figure_eight(random.rand(1..5)), "before" => [], "after" => []}
      courses(put_together([woven("s1", %w[w1 w2], frame, pattern:)],
        wires: [base("w1"), base("w2"), weaving("w9", "0.3 mm")]), "seed #{seed} #{frame}")
    }.flatten(1)
  end

  def strips(json) = plan(json).sections.select(&:strip)
  def framed?(section) = section.layout.weave.is_a?(ChangingLayout)

  def courses(json, said = json["name"])
    strips(json).select { |section| framed?(section) }.map do |section|
      strip, profile = section.layout.strip(section.repeats), section.layout.weave.profile
      drawn, d = strokes(strip), strip.frame.wire_mm
      points = drawn.flat_map(&:points).each_cons(2).reject { |a, b| a == b }.map(&:first)

      assert_operator longest_break(drawn), :<, 1e-6, said
      [nearest_stretches(points, d) { |along| profile.slope(along).abs <= ASLANT }, said, nearest_stretches(points, d)]
    end
  end
end
