# frozen_string_literal: true

require_relative "../../../test_helper"

# What is woven before and after the repeats so far, instead of so many times.
class StretchesTest < Minitest::Test
  FOUR, TWO = [4, 2].map { |side| (([1, 2] * side) + ([1, 0] * side)).freeze }
  # A strip that begins with coils, and the frame of a pendant.
  KINDS = %w[cuff pendant].freeze

  def size(typed) = {"typed" => typed}
  def far(gaps, typed) = {"gaps" => gaps, "times" => nil, "length" => size(typed)}
  def often(gaps, times) = {"gaps" => gaps, "times" => times}

  # A figure-eight of four a side with others before and after it.
  def piece(kind, before: [], after: [])
    json = JSON.parse(JSON.generate(Meander.start(kind)))
    json["sections"][0]["pattern"] = {"kind" => "walk", "gaps" => FOUR, "before" => before, "after" => after}
    json
  end

  def woven(json) = Meander.plan(json).sections.first
  def counts(json, side) = woven(json).layout.stretches(side).map(&:last)

  # As often as comes nearest to it, whatever is woven beside it.
  def test_as_often_as_comes_nearest
    advance = ->(gaps) {
      woven(piece("cuff")).layout.then { |layout|
        Meander::Weave::Repeat.new(layout.frame, Meander::Weave::Walk.new(gaps),
          lean: layout.calibration.lean).advance_mm
      }
    }
    [0.5, 5, 12.3, 40].each do |mm|
      wanted = [(mm / advance.call(TWO)).round, 1].max

      assert_equal [wanted], counts(piece("cuff", before: [far(TWO, "#{mm} mm")]), :before)
      assert_equal [3, wanted], counts(piece("cuff", after: [often([1, 2], 3), far(TWO.rotate(2), "#{mm} mm")]), :after)
    end
  end

  # Told, cut and drawn as where so many times are said.
  def test_as_where_times_are_said
    KINDS.each do |kind|
      said = piece(kind, before: [far(TWO, "6 mm")], after: [far(TWO, "5 mm"), often([1, 2], 2)])
      before, after = %i[before after].map { |side| counts(said, side) }
      times = piece(kind, before: [often(TWO, before[0])], after: [often(TWO, after[0]), often([1, 2], 2)])
      told, same = [said, times].map { |json| Meander.plan(json) }

      assert_equal same.runs.map(&:total_mm), told.runs.map(&:total_mm), kind
      steps = [told, same].map { |plan| Meander::Output::Answer.call(plan)[:order].map { |step| step[:words] } }

      assert_equal steps[1], steps[0]
      assert_equal same.sections.first.strip_picture.json, told.sections.first.strip_picture.json
      assert_includes steps[0].join(" "), "#{before[0]} repeats of"
    end
  end

  # In a frame, where gaps change, each reaches as far as it says, to a repeat of its own.
  def test_over_gaps_that_change
    [4.0, 9.0].product([4.0, 9.0]) do |first, last|
      json = piece("pendant", before: [far(TWO, "#{first} mm")], after: [far(TWO, "#{last} mm")])
      made = woven(json)
      weave, repeats = made.layout.weave, made.repeats
      before, after = weave.repeat_from_mm(1), weave.woven_mm(repeats) - weave.repeat_from_mm(repeats + 1)

      assert_in_delta first, before, before / counts(json, :before)[0], "before, #{first} and #{last}"
      assert_in_delta last, after, after / counts(json, :after)[0], "after, #{first} and #{last}"
    end
  end

  def test_refused
    both = {"gaps" => TWO, "times" => 3, "length" => size("5 mm")}
    {piece("cuff", before: [both]) => ["/sections/0/pattern/before/0/length", /null/],
     piece("cuff", after: [{"gaps" => TWO, "times" => nil}]) => ["/sections/0/pattern/after/0/times", /1 to 500/],
     piece("pendant",
       after: [far(TWO, "500 mm")]) => ["/sections/0/pattern", /4000 passes/]}.each do |json, (path, said)|
      error = assert_raises(Meander::InvalidInput) { Meander.plan(json) }
      fault = error.faults.find { |one| one.path == path }

      assert fault, error.message
      assert_match said, fault.accepted
    end
  end
end
