# frozen_string_literal: true

require_relative "../test_helper"

class KeptTest < Minitest::Test
  # The oldest is let go; one that was used again is not.
  def test_the_longest_unused_is_let_go
    kept, made = Meander::Kept.new(40), 0
    make = ->(key) { kept.fetch([key, {size: key}]) { made += 1 } }
    40.times { |i| make.call(i) }

    assert_equal 1, make.call(0)
    assert_equal 40, made
    make.call(40)

    assert_equal 1, make.call(0)
    assert_equal 42, make.call(1)
  end

  # Many threads that ask at once are all answered with the same.
  def test_between_threads
    kept = Meander::Kept.new(40)
    answers = Array.new(8) { Thread.new { Array.new(200) { |i| kept.fetch([i % 20]) { [i % 20] } } } }.map(&:value)

    answers.each { |list| assert_equal Array.new(200) { |i| [i % 20] }, list }
  end
end
