# frozen_string_literal: true

require_relative "../../support/weaves"

# A walk as groups of wraps, and groups made a walk again.
class GroupsTest < Minitest::Test
  include Weaves

  Groups = Meander::Weave::Groups
  Questions = Meander::Document::Questions

  def wraps(near, far, times, side = "near")
    {"kind" => "wraps", "near" => near, "far" => far, "times" => times, "side" => side}
  end

  def through(*gaps) = {"kind" => "through", "gaps" => gaps}

  def join(base, *groups, before: [], after: [])
    Questions.join({"base" => base, "groups" => groups, "before" => before, "after" => after})
  end

  def fault(...) = assert_raises(Meander::InvalidInput) { join(...) }.faults.first

  def test_groups_are_what_a_maker_counts
    assert_equal [[1, 1, 3], [1, 2, 2]], Groups.of(([0, 1] * 3) + ([0, 2] * 2)).map { |group|
      [group.near, group.far, group.times]
    }
    assert_equal [[3, 3, 2], [2, 4, 2], [1, 5, 2], [2, 4, 2]], Groups.of(DIAMOND).map { |group|
      [group.near, group.far, group.times]
    }
    assert_equal [PANEL], Groups.of(PANEL).map(&:gaps)
  end

  # The groups of any walk, put together as they are told, are the walk.
  def test_any_walk_is_put_together_again
    seed = Random.new_seed % 100_000
    random = Random.new(seed)
    300.times do
      wires = random.rand(1..25)
      gaps = random_walk(wires, random, even: false).gaps
      groups = JSON.parse(JSON.generate(Groups.of(gaps).map(&:to_h)))

      assert_equal gaps, join(wires, *groups)[:gaps], "seed #{seed}: #{gaps.join(" ")}"
    end
  end

  # Wraps can be added anywhere in a walk of wraps, whatever lies beside them: some of them are begun on their other
  # side.
  def test_wraps_can_be_added_anywhere
    seed = Random.new_seed % 100_000
    random = Random.new(seed)
    400.times do
      wires = random.rand(1..7)
      groups = Array.new(random.rand(1..6)) do
        wraps(*[random.rand(1..wires), random.rand(1..wires)].minmax, random.rand(1..4), %w[near far].sample(random:))
      end
      gaps = begin
        join(wires, *groups)[:gaps]
      rescue Meander::InvalidInput
        next
      end
      added = groups.dup
        .insert(random.rand(0..groups.size), wraps(*[random.rand(1..wires), random.rand(1..wires)].minmax, 1))
      longer = join(wires, *added)[:gaps]

      assert_equal gaps.size + 2, longer.size, "seed #{seed}"
      assert_equal longer, Meander::Weave::Walk.new(longer).gaps
      assert_equal added.map { |group| group.values_at("near", "far", "times") }, told(longer, added), "seed #{seed}"
    end
  end

  def test_as_few_as_will_do_are_begun_on_their_other_side
    assert_equal ([0, 1] * 3) + ([2, 1] * 2), join(2, wraps(1, 1, 3), wraps(2, 2, 2))[:gaps]
    assert_equal [0, 1, 0, 2], join(2, wraps(1, 1, 1), wraps(1, 2, 1))[:gaps]
    assert_equal [1, 0, 1, 2, 0, 3], join(3, wraps(1, 1, 1, "far"), through(1, 2), wraps(1, 3, 1))[:gaps]
  end

  # What is woven before and after is turned round where it would begin at the gap the wire comes from.
  def test_stretches_still_meet_the_walk
    joined = join(2, wraps(2, 2, 2), before: [{"gaps" => [0, 1], "times" => 4}],
      after: [{"gaps" => [2, 1], "times" => 3}, {"gaps" => [2, 0], "times" => 1}])

    assert_equal [1, 2, 1, 2], joined[:gaps]
    assert_equal [[1, 0]], joined[:before].map { |one| one[:gaps] }
    assert_equal [[1, 2], [0, 2]], joined[:after].map { |one| one[:gaps] }
  end

  def test_what_cannot_be_is_named_at_its_place
    assert_match(/cannot follow each other/, fault(3, through(0, 0, 1)).message)
    assert_match(/ends where the next one begins/, fault(3, through(0, 1), through(1, 2)).message)
    assert_equal "/groups/1", fault(3, wraps(1, 1, 2), wraps(2, 4, 1)).path
    assert_equal ["/groups/0/times", "a whole number from 1 to 500"], fault(3, wraps(1, 1, 0)).then { |found|
      [found.path, found.accepted]
    }
    assert_equal "/groups/0/kind", fault(3, {"kind" => "knot"}).path
    assert_match(/of at most 1000 gaps/, fault(2, wraps(1, 1, 400), wraps(1, 2, 400)).accepted)
  end

  private

  # The groups cut from a list as long as they were asked for, whichever side they begin on.
  def told(gaps, groups)
    rest = gaps.dup
    groups.map do |group|
      taken = rest.shift(2 * group["times"])

      assert_equal [taken.first(2)] * group["times"], taken.each_slice(2).to_a
      [taken.min + 1, taken.max, group["times"]]
    end
  end
end
