# frozen_string_literal: true

require_relative "../support/weaves"

# The placed path against weaves relaxed as a tube: one wire, D = 2.5 d, parted wherever it was nearer to itself or to a
# base wire than a wire, and pulled taut, until nothing moved. weaves_relaxed.json has the rise and the wire of a repeat
# of each, in d.
class RelaxedWeavesTest < Minitest::Test
  include Weaves

  RELAXED = JSON.parse(File.read(File.join(__dir__, "weaves_relaxed.json")))
  # Later wire lies above earlier in the rule; between 2 and 3.5 d a relaxed one gets round that, and a stepped ray
  # settles otherwise.
  RISES_OTHERWISE = %w[f8-2-g2 f8-2-g3 f8-3-g3 ray].freeze

  def placed(weave) = repeat(weave["gaps"], [2.5] * (weave["clear"].size + 1), 1.0, clear: weave["clear"])

  RELAXED.each do |name, weave|
    define_method(:"test_#{name.gsub(/\W+/, "_")}") do
      made = placed(weave)

      assert_in_epsilon weave["wire"], made.wire_mm, 0.015, name
      assert_in_epsilon weave["advance"], made.advance_mm, 0.02, name unless RISES_OTHERWISE.include?(name)
    end
  end

  # What the rule says of the others, and how it is bound: at a firm push they come near the relaxed ones.
  def test_where_it_rises_otherwise
    {"f8-2-g2" => 3.464, "f8-2-g3" => 2.246, "f8-3-g3" => 4.246, "ray" => 14.11}.each do |name, advance|
      assert_in_delta advance, placed(RELAXED[name]).advance_mm, 0.01, name
    end
    firm = repeat(figure_eight(3), [2.5, 2.5], 1.0, clear: [3.0], lean: 1.0).advance_mm

    assert_includes 3.0..3.3, firm
  end

  # In a single file the gap holds n - 1 turns of the one wire, the crossing in a slot of its own, n - 1 turns of the
  # other, the crossing back: 2 (n - 2) + 4 sqrt(1 - ((g - 1) / 2)^2) at a gap of g, and wide apart as many as there are
  # on a side.
  def test_figure_eights_in_a_single_file
    (2..6).to_a.product([1.0, 1.25, 1.5, 1.75, 2.0, 2.25]).each do |n, gap|
      assert_in_delta (2 * (n - 2)) + (4 * Math.sqrt(1 - (((gap - 1) / 2)**2))),
        repeat(figure_eight(n), [2.5, 2.5], 1.0, clear: [gap]).advance_mm, 0.01, "#{n} a side at #{gap}"
    end
    [2, 3, 4].each { |n| assert_in_delta n, repeat(figure_eight(n), [2.5, 2.5], 1.0, clear: [10.0]).advance_mm, 0.01 }
  end
end
