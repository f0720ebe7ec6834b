# frozen_string_literal: true

require_relative "../../test_helper"

# Repeats that open or close one after another, against the same laid repeat by repeat.
class TaperingTest < PieceTest
  def setup
    @seed = Integer(ENV.fetch("SEED", rand(100_000)))
    @random = Random.new(@seed)
  end

  # A cuff of so many repeats whose pitch changes.
  def tapered(from, to, over, repeats: 40, **changes)
    rise = {"kind" => "open", "pitch" => size("#{from} mm"), "to" => to && size("#{to} mm"), "over" => over}
    json = JSON.parse(JSON.generate(Meander.start("cuff")))
    json["pins"] = []
    json["sections"][0].merge!("rise" => rise, "extent" => {"kind" => "repeats", "count" => repeats}, **changes)
    json["sections"][0]["bare"]["gives"] = false
    json
  end

  def weave(json) = plan(json).sections.first.layout.weave

  # Every repeat as long and as much wire as one of its own pitch, straight on from the one before.
  def test_every_repeat_has_its_pitch
    12.times do
      from, to = @random.rand(3.0..4.0).round(2), @random.rand(3.0..8.0).round(2)
      over = @random.rand(1..30)
      told = weave(tapered(from, to, over))
      pitches = (0..40).map { |i| from + ((to - from) * [i, over].min / over) }
      sums = pitches.each_with_object([0.0]) { |mm, all| all << (all.last + mm) }

      (1..41).each do |k|
        assert_in_delta sums[k - 1], told.repeat_from_mm(k) - told.repeat_from_mm(1), 1e-9, "seed #{@seed}: repeat #{k}"
      end
      (2..40).each do |count|
        strip = told.strip(count)

        assert_in_delta strip.woven_mm, told.woven_mm(count), 1e-9, "seed #{@seed}: #{count} repeats"
        assert_in_delta strip.wire_mm, told.path_mm(1, count, count), 1e-6, "seed #{@seed}: wire of #{count} repeats"
        assert_equal count, told.reaching(told.woven_mm(count) - 1e-6)
        assert unbroken?(strip), "seed #{@seed}: #{count} repeats"
      end
    end
  end

  # Does every copy of every block go on where the one before it ended?
  def unbroken?(strip)
    ends = strip.blocks.flat_map do |block|
      [0, block.count - 1].uniq.map do |copy|
        [block.heights.first.first, block.heights.last.last].map { |y| y + (copy * block.step_mm) }
      end
    end
    ends.each_cons(2).all? { |(_, stop), (start, _)| (start - stop).abs < 1e-6 || start > stop }
  end

  # Lengths for a hand are no longer than the longest that is told, wherever repeats take more.
  def test_no_length_is_longer_than_told
    [[3.0, 8.0], [8.0, 3.0]].each do |from, to|
      told = weave(tapered(from, to, 25))
      (1..6).each do |lengths|
        own = (0...lengths).map { |i| told.path_mm((40 * i / lengths) + 1, 40 * (i + 1) / lengths, 40) }

        assert_operator own.max, :<=, told.longest_mm(40, lengths) + 1e-9
      end
    end
  end

  # Of one pitch to the same pitch it is the plain open weave.
  def test_no_change_is_no_change
    plain, same = [nil, 4.0].map { |to| plan(tapered(4.0, to, 9)) }

    assert_in_delta plain.band.strip.woven_mm, same.band.strip.woven_mm, 1e-9
    assert_equal plain.cut_list.map(&:cut_mm), same.cut_list.map(&:cut_mm)
  end

  # It is told in the steps, in cuts and from the middle; what cannot be planned names its field.
  def test_said_and_refused
    opened = plan(tapered(3.0, 6.0, 10))
    words = order(opened).map(&:words).join(" ")

    assert_includes words, "the first repeat takes up 3 mm, every one after it a little more, repeat 11 and all that " \
                           "follow 6 mm"
    halves = plan(tapered(3.0, 6.0, 10, "from" => "middle", "centre" => "own"))

    assert_in_delta 2 * halves.sections.first.layout.weave.woven_mm(20), halves.band.strip.woven_mm, 1e-9
    assert_equal ["pitch-below-packed"], said(plan(tapered(4.0, 0.5, 10))).map(&:id).grep(/pitch/)
    error = assert_raises(Meander::InvalidInput) { plan(tapered(3.0, 6.0, 10, "from" => "middle", "centre" => "shared")) }

    assert_equal ["/sections/0/rise/to"], error.faults.map(&:path)
  end
end
