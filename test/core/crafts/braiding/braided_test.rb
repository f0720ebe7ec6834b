# frozen_string_literal: true

require_relative "../../../test_helper"
require_relative "../../../support/braids"

# Braided sections planned: lengths, cords, beads by strand, ends, and what is refused.
class BraidedTest < PieceTest
  include Braids

  def section(...) = plan(braided(...)).sections.first
  def cuts(json) = plan(json).runs.to_h { |run| [run.wire.id, run.total_mm] }

  def seeded
    seed = Integer(ENV.fetch("SEED", rand(100_000)))
    yield Random.new(seed), "seed #{seed}"
  end

  def faults(**given)
    assert_raises(Meander::InvalidInput, given.to_s[0, 120]) { plan(braided(**given)) }.faults.map { |one| [one.path, one.message] }
  end

  # Facts of the trade, common practice with no source: need against wire given. Closures are the trade's own.
  def test_what_a_braid_needs_against_what_makers_cut
    plait = braided(wire: "20 awg", extent: {"kind" => "length", "length" => size("158 mm")})

    assert_includes 0.80..0.97, (cuts(plait).fetch("w1") + 16) / 228
    beaded = braided(bead: "6 mm", extent: {"kind" => "length", "length" => size("150 mm")})

    assert_includes 0.75..0.97, (cuts(beaded).fetch("w1") + 46) / 300
    edged = braided(strands: 4, wire: "1.0 mm", stitches: 19, bead: "6 mm",
      beads: {"on" => "near", "first" => 3, "last" => 3}, form: {"kind" => "arc", "radius" => size("40 mm"),
        "towards" => "far"})

    assert_includes 0.40..0.97, cuts(edged).values.max / 250
    assert_equal [13, [4, 3, 3, 3]], plan(edged).beads.first.then { |rule|
      [rule.count, rule.shares.values.sort.reverse]
    }
  end

  # Two wires side by side in each strand: the solved ratio, by the pitch in wires.
  def test_doubled_strands_take_what_was_solved
    solved = {4.0 => 1.425, 4.5 => 1.287, 5.0 => 1.227, 5.5 => 1.193, 6.0 => 1.167, 7.0 => 1.127, 8.0 => 1.1}
    solved.each do |pitch, told|
      one = section(strands: Array.new(3) { {"wires" => 2} }, wire: "1.0 mm", pitch: size("#{pitch} mm"))

      assert_in_epsilon told, one.take_up, 0.004, "at #{pitch}"
      runs = one.base.each_index.map { |number| one.run_mm(number) }

      assert_in_epsilon told * one.length_mm, runs.sum / 6, 0.02, "at #{pitch}"
    end
  end

  # Each wire of a cord is a helix: sqrt(1 + (pi d T)^2) of the cord, T turns a mm; the closed form against the drawn
  # line, and the tightest that keeps its wires together.
  def test_cords_are_helices
    {[0.3, 3] => 1.039, [0.6, 2] => 1.069, [0.6, 4] => 1.252, [0.3, 5] => 1.106}.each do |(d, turns), told|
      twist = {lay: Meander::Units::Size.new(10.0 / turns, ""), hand: "right"}
      wires = Array.new(2) { Struct.new(:mm).new(d) }
      strand = Meander::Crafts::Braiding::Strand.all([{wires: 2, twist:}], wires).first

      assert_in_delta told, strand.take_up, 0.001
      straight = (0..400).map { |i| [0.0, i * 0.1, 0.0] }
      strand.lines(straight).each do |line|
        fine = Meander::Form::Trace.polyline_mm(line)

        assert_in_epsilon strand.take_up * 40, fine, 0.012
      end
      assert_in_delta d, strand.lines(straight).transpose.map { |one, other|
        Math.sqrt(one.zip(other).sum { |a, b| (a - b)**2 })
      }.min, 1e-6
    end
    cord = {"wires" => 2, "twist" => {"lay" => size("2 mm"), "hand" => "left"}}

    assert_equal [["/sections/0/strands/0/twist/lay", "twisted so tight its wires no longer lie against each other"]],
      faults(strands: Array.new(3) { |i| i.zero? ? cord : {"wires" => 1} })
    plain, twisted = [nil, {"lay" => size("6 mm"), "hand" => "left"}].map do |twist|
      cuts(braided(strands: [{"wires" => 2, "twist" => twist}, {"wires" => 1}, {"wires" => 1}]))
    end

    assert_operator twisted.fetch("w1"), :>, plain.fetch("w1")
    assert_operator plain.fetch("w3"), :<, plain.fetch("w1") * 1.1
  end

  # Every millimetre of a wire is in one part, whatever is braided; wires end where the crossings put them.
  def test_random_braids_add_up
    seeded do |random, said|
      25.times do
        json = random_braid(random)
        made = plan(json)
        one = made.sections.first

        made.runs.each { |run| assert_in_delta run.total_mm, run.parts.sum(&:mm), 1e-9, said }
        one.base.each_index do |number|
          assert_in_delta one.run_mm(number), one.parts(number).sum { |_, mm, _| mm }, 1e-9, said
        end
        # Where a cord bends, one of its wires lies inside, another outside: on average they are as told.
        one.strands.each do |strand|
          told, drawn = [strand.numbers.map { |number| one.run_mm(number) },
            strand.numbers.map { |number| drawn_mm(one, number) }].map { |all| all.sum / all.size }

          assert_in_epsilon told, drawn, strand.twisted? ? 0.05 : 0.02, "#{said}: #{json["sections"][0]}"
        end
        across = one.layout.across("end", one.repeats)
        ends = one.strands.map { |strand| across.values_at(*strand.numbers).sum / strand.size }

        assert_equal one.layout.scheme.after(one.repeats), ends.each_index.sort_by { |i| ends[i] }, said
        assert numbers(answer(made)).all?(&:finite?), said
      end
    end
  end

  def numbers(value)
    return value.values.flat_map { |one| numbers(one) } if value.is_a?(Hash)

    value.is_a?(Array) ? value.flat_map { |one| numbers(one) } : [*(value if value.is_a?(Numeric))]
  end

  # As it is drawn, with what it is known or assumed to take more; a cord's line is told in chords.
  def drawn_mm(one, number)
    bare = [0, 1].sum { |side| one.bare_run_mm(number, side) }
    strand = one.strand_of(number)
    more = one.strand_mm[strand] / one.send(:path_mm, strand)
    ((Meander::Form::Trace.polyline_mm(one.trace(number)) - bare) * more) + bare
  end

  def random_braid(random)
    count = random.rand(3..7)
    strands = Array.new(count) do
      twist = {"lay" => size("#{random.rand(4.0..9.0).round(1)} mm"), "hand" => %w[left right].sample(random:)}
      [{"wires" => 1}, {"wires" => 1}, {"wires" => 1}, {"wires" => 2, "twist" => twist}].sample(random:)
    end
    strands.each { |one| one.replace("wires" => 1) } if random.rand < 0.6
    strands.each { |one| one.replace("wires" => 2) } if count == 3 && random.rand < 0.3
    form = [{"kind" => "straight"}, {"kind" => "arc", "radius" => size("60 mm"), "towards" => "near"},
      {"kind" => "ring"}, {"kind" => "helix", "dowel" => size("18 mm"), "rise" => size("0 mm"),
        "hand" => "right"}].sample(random:)
    scheme = (random.rand < 0.3 && count < 6) ? held_scheme(count, random) : {"kind" => "flat"}
    braided(strands:, form:, scheme:, stitches: random.rand(6..30), bare: "#{random.rand(0..9)} mm",
      wire: "#{random.rand(0.4..0.8).round(2)} mm")
  end

  # Some crossings that hold.
  def held_scheme(count, random)
    loop do
      crossings = Array.new(random.rand(count..(2 * count))) do
        {"gap" => random.rand(1..(count - 1)), "over" => %w[right left].sample(random:)}
      end
      made = Meander::Braid::Scheme.of(count, crossings.map { |one| one.transform_keys(&:to_sym) })
      return {"kind" => "crossings", "crossings" => crossings} unless Meander::Braid::Holding.call(made)
    end
  end

  # Wires that are to hand and too short end in the stitch in which their way through it is used up.
  def test_where_a_wire_runs_out
    long = plan(braided(stitches: 50, bare: "5 mm")).runs.first
    told = ->(given) {
      plan(braided(stitches: 50, bare: "5 mm", to_hand: size("#{given} mm"))).then { |made|
        Meander::Advice::Council.call(made).find { |item| item.id == "braid-runs-out" }
      }
    }

    assert_nil told[long.cut_mm]
    half = told[(long.total_mm - (long.parts.find { |part| part.kind == "section" }.mm / 2)).round(3)]

    assert_equal "stop", half.severity
    assert_match(/\Athe wire of strands? \d takes/i, half.why)
    assert_includes 25..26, half.why[/stitch (\d+) of 50/, 1].to_i
    assert_match(/before the first stitch/, told[10].why)
  end

  # A swatch that used a tenth more than reckoned makes every length a tenth longer, and nothing is assumed any more.
  def test_a_swatch_sets_what_is_taken
    crossings = Meander::Braid::Notation.read("3r 2r 2r 1l 2l 2l", 4)
    round = {strands: 4, scheme: {"kind" => "crossings", "crossings" => crossings}}
    assumed = section(**round)
    used = (100 * assumed.take_up * 1.1).round(4)
    measured = section(**round, swatch: {"length" => size("100 mm"), "used" => size("#{used} mm")})

    assert_in_epsilon assumed.run_mm(0) * 1.1, measured.run_mm(0), 1e-3
    assert_equal [true, false], [assumed.assumed?, measured.assumed?]
    told = ->(one) { one.advice(nil).map(&:id) }

    assert_includes told[assumed], "braid-assumed"
    refute_includes told[measured], "braid-assumed"
  end
end
