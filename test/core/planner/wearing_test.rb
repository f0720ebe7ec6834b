# frozen_string_literal: true

require_relative "../../test_helper"

# Rings from a woven band.
class RingTest < PieceTest
  CLOSINGS = %w[beside over open].freeze

  def finger(typed) = [{"id" => "p1", "quantity" => "finger", "length" => size(typed)}]

  def ring(kind = "beside", length = "6 mm", typed = "US 7", **changes)
    plan(document("ring", "body.closing": {"kind" => kind, "length" => size(length)}, pins: finger(typed), **changes))
  end

  def faults(json) = assert_raises(Meander::InvalidInput) { plan(json) }.faults

  def test_sizes_as_makers_type_them
    same = Meander::Units::RingSize.method(:mm)

    assert_in_delta same["US 7"] + (0.032 * 25.4 * Math::PI / 2), same["us 7 1/2"], 1e-9
    assert_in_delta same["US 7.5"], same[" us7½ "], 1e-9
    assert_in_delta same["UK N"] + 0.625, same["uk n½"], 1e-9
    assert_in_delta 54, same["54 mm round"], 1e-9
    assert_in_delta Math::PI * 17.3, same["17.3 across"], 1e-9
    ["17.3", "54 mm", "US", "UK 7", "ISO 5", "N", "7 across round"].each { |text| assert_nil same[text], text }
  end

  # The inside of the finished ring is the finger, however its ends meet: the bare ends take up what whole repeats
  # leave.
  def test_the_ring_fits_the_finger
    CLOSINGS.product(["US 5", "UK R", "ISO 62"], ["0 mm", "4 mm", "11 mm"]).each do |kind, typed, length|
      fit = ring(kind, length, typed).fit
      thick = 0.8 + (2 * 0.3)

      assert_in_delta Meander::Units::RingSize.mm(typed), fit.wrist_mm + fit.ease_mm, 1e-6
      assert_in_delta fit.wrist_mm + (Math::PI * thick), fit.round_mm, 1e-6
      assert_in_delta fit.strip_mm, fit.wanted_mm, 1e-6, "#{kind} #{typed} #{length}"
    end
  end

  # One over the other adds the overlap; side by side the band is a helix as wide as itself; open it lacks the opening.
  def test_how_the_ends_meet
    beside, over, open = CLOSINGS.map { |kind| ring(kind).fit }

    assert_in_delta over.round_mm + 6, over.strip_mm, 1e-6
    assert_in_delta open.round_mm - 6, open.strip_mm, 1e-6
    assert_in_delta Math.hypot(beside.round_mm, ring.strip_picture.width_mm) + 6, beside.strip_mm, 1e-6
    assert_equal [[0.0, 2.5], [1.4, 0.0], [0.0, 0.0]], [beside, over, open].map { |fit|
      [fit.lift_mm.round(6), fit.slide_mm.round(6)]
    }
  end

  # Ends wrapped over the band go round all of it: two widths and two thicknesses of middle line, more where the ends
  # lie over or beside each other; each wire folds back over the front first. All of it is cut.
  def test_ends_wrapped_over_the_band
    wrapped = %w[start end].map do |side|
      {"id" => "e#{side}", "kind" => "wrap", "side" => side, "wires" => %w[w1 w2], "wraps" => 2}
    end
    lap = {"beside" => [0.0, 2.5], "over" => [1.4, 0.0], "open" => [0.0, 0.0]}
    CLOSINGS.each do |kind|
      lift, slide = lap[kind]
      plain, made = ring(kind), ring(kind, endings: wrapped)
      rho = (0.8 / 2) + 0.3 + (0.8 / 2)
      round = (2 * Math::PI * rho) + (2 * (0.8 + 0.3 + slide)) + (2 * lift)
      near, far = made.ends.at("end").strands.values_at(0, 1).map(&:length)

      assert_in_delta (Math::PI * (rho + lift) / 2) + Math.hypot(2 * round, 1.6), near, 1e-9, kind
      assert_in_delta 1.6, far - near, 1e-9
      assert_in_delta plain.fit.repeats, made.fit.repeats, 1
      assert_equal [near, near].map { |mm| mm.round(9) },
        made.runs[0].parts.select { |part| part.kind.end_with?("ending") }.map { |part| part.mm.round(9) }
      made.ends.at("end").strands.each_value do |strand|
        assert_in_epsilon strand.length, Meander::Curve::Strand.polyline_length(strand.points), 0.003
      end
    end

    assert_equal ["/wires/1/route"],
      faults(document("ring", endings: wrapped, "sections.0.cut_away": ["w2"])).map(&:path).uniq
  end

  # The finger a strip fits, asked of the same strip, is the finger it was made for.
  def test_the_finger_is_found_from_the_strip
    CLOSINGS.each do |kind|
      made = ring(kind)
      found = ring(kind, pins: pins("repeats" => made.fit.repeats),
        "sections.0.bare": size("#{made.fit.bare_mm.round(4)} mm")).fit

      assert_in_delta made.fit.wrist_mm, found.wrist_mm, 1e-3, kind
      assert_equal made.fit.size_words, found.size_words
    end
  end

  # Any finger, any way the ends meet: what the strip is made to be, read back, is the finger.
  def test_any_ring_comes_back
    seed = Random.new_seed % 100_000
    random = Random.new(seed)
    30.times do
      closing = {"kind" => CLOSINGS.sample(random:), "length" => size("#{random.rand(0.0..12.0).round(2)} mm")}
      piece = Meander::Document::PieceReader.call(document("ring", "body.closing": closing)).piece
      wearing = Meander::Planner::Wearing.new(piece, thickness_mm: random.rand(0.8..2.5),
        width_mm: random.rand(1.5..12.0))
      finger = random.rand(40.0..76.0)

      assert_in_delta finger, wearing.wrist_mm(wearing.strip_mm(finger, 0.0), 0.0), 1e-9, "seed #{seed}: #{closing}"
    end
  end

  def test_thicker_wire_needs_a_longer_strip_for_the_same_finger
    thin, thick = ["0.6 mm", "1.2 mm"].map do |typed|
      ring("open", "0 mm", "US 7", "wires.0.size": size(typed), "wires.1.size": size(typed)).fit
    end

    assert_in_delta Math::PI * 0.6, thick.strip_mm - thin.strip_mm, 1e-6
  end

  def test_advice_about_rings
    assert_includes advice(ring, "ring-band-thickness").title, "1.4 mm thick"
    assert_nil advice(ring, "ring-wide-band")
    assert_nil advice(ring, "ease-unwearable")
    wide = ring("open", "0 mm", "US 7", "sections.0.spacing": {"kind" => "apart", "clear" => [size("5 mm")]})

    assert_operator advice(wide, "ring-wide-band").figures[:width_mm], :>, 6
    clash = advice(ring(pins: finger("US 7") + [{"id" => "p2", "quantity" => "repeats", "count" => 60}]),
      "pins-conflict")

    assert_equal "The finger and the repeats contradict each other", clash.title
    assert_match(/within 0.6 mm it is the same size/, clash.why)
  end

  def test_a_ring_is_measured_by_a_finger_and_a_cuff_by_a_wrist
    wrist = faults(document("ring", pins: pins("wrist" => "170 mm"))).first

    assert_equal "/pins/0/quantity", wrist.path
    assert_includes wrist.accepted, "finger"
    assert_equal "/pins/0/quantity", faults(document("cuff", pins: finger("US 7"))).first.path
    found = faults(document("ring", pins: finger("17.3 mm"))).first

    assert_equal ["/pins/0/length", "unreadable"], [found.path, found.code]
    assert_includes found.accepted, "17.3 mm across"
    assert_equal "/pins/0/length", faults(document("ring", pins: finger("US 45"))).first.path
  end
end
