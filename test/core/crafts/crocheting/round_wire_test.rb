# frozen_string_literal: true

require_relative "../../../test_helper"
require_relative "../../../support/crochets"
require_relative "../../../support/near_lines"

# Crochet whose first row is worked round a wire.
class RoundWireTest < Minitest::Test
  include Crochets

  STITCHES = %w[single half double treble].freeze
  EDGE = {"begun" => "edge"}.freeze

  def section(json) = planned(json).sections.last

  # The wire of the first row in its own places, from the middle of what it is worked round: [[[x, y, z], ...], ...].
  def first_row(made)
    cells = made.cloth.each_cell.select { |cell| cell.row == 1 }
    cells.map do |cell|
      made.cloth.line(cell.key).map { |x, y, z| [x + cell.at[0], y + cell.at[1] + made.layout.rise_mm, z] }
    end
  end

  # Of every stitch both strands of the foot go under the wire, one to the front, one back, and none through it; wires
  # of the row come no nearer to each other than without it. The worst is printed.
  def test_feet_go_round_the_wire
    worst = STITCHES.product([1.2, 2.5, 4], [0.6, 1.2, 3]).map do |stitch, hook, bar|
      made = section(round_wire(4, 2, straight(80), stitch:, hook: "#{hook} mm", bar: "#{bar} mm"))
      lines, touching = first_row(made), (bar + 0.3) / 2
      near = lines.flatten(1).map { |_, y, z| Math.hypot(y, z) }.min

      assert_operator near, :>, 0.99 * touching, "#{stitch}, hook #{hook}, wire #{bar}"
      lines.each { |line| assert_equal [1, -1].sort, under(line).sort, "#{stitch}, hook #{hook}, wire #{bar}" }
      NearLines.least(lines.map { |line| line.map { |point| point.map { |mm| mm / 0.3 } } }, along: 2.6, within: 2.0)
    end
    puts "\nfirst rows round a wire, nearest: #{worst.min.round(2)} of touching"

    assert_operator worst.min, :>, 0.75
  end

  # Where a way passes under the wire: 1 to the front, -1 to the back.
  def under(line)
    line.each_cons(2).filter_map do |(_, from, one), (_, to, other)|
      next if (one <=> 0) == (other <=> 0) || other == one

      (other <=> one) if from - (one / (other - one) * (to - from)) < 0
    end
  end

  # Every stitch takes both strands half round the wire, and up both its sides, more than one worked into another.
  def test_wire_taken
    plain, round = band(6, 3, begun: "chain"), round_wire(6, 3, straight(60), bar: "1.5 mm")
    stitches = 6 * (((2 * Math::PI) + 4) * (1.5 - 0.3) / 2)
    chains = section(plain).gauge.mm("chain") * 7

    assert_in_delta section(plain).run_mm(0) - chains + stitches, section(round).run_mm(0), 1e-6
    assert_in_delta section(round_wire(6, 3, straight(60), bar: "0.3 mm")).run_mm(0),
      section(plain).run_mm(0) - chains, 1e-6
  end

  # Round a ring every row is as far from it all along, and its stitches go on from each other.
  def test_rows_follow_the_ring
    {"far" => 1, "near" => -1}.each do |side, out|
      json = round_wire(12, 2, hoop(20), side:, hook: "2 mm")
      plan = planned(json)
      made, wire = plan.sections.last, plan.sections.first
      pose = plan.placed.pose(made)
      low, high = wire.trace(0).map(&:first).minmax
      centre = [(low + high) / 2, 0.0]
      away = [-10.0, -3.0, 0.0, 7.0].map do |across|
        x, y, = pose.at(made.way.at(made.length_mm, across, 0.0))
        Math.hypot(x - centre[0], y - centre[1]) - 20
      end
      gaps = drawn(made).each_cons(2).map { |one, other| NearLines.minus(one.last, other.first).map(&:abs).max }

      away.each { |mm| assert_in_delta out * made.length_mm, mm, 1e-2 }
      assert_operator gaps.max, :<, 0.2
    end
  end

  OUTLINES = [{"kind" => "drop", "length" => "60 mm", "width" => "40 mm", "tip" => "2 mm"},
    {"kind" => "leaf", "length" => "70 mm", "width" => "35 mm", "tip" => "2 mm", "fold" => "6 mm"},
    {"kind" => "wave", "length" => "120 mm", "height" => "8 mm", "waves" => 3}].freeze

  # Round a wire whose bend changes every row is as far from it all along; between stitches of the last row is as much
  # room as is told of the widest and the narrowest, and they go on from each other.
  def test_rows_follow_any_bend
    OUTLINES.product(%w[far near]).each do |bend, side|
      bend = bend.transform_values { |value| value.to_s.end_with?("mm") ? size(value) : value }
      along = (size("30 mm") if bend["kind"] == "leaf") # not about its fold
      made = section(round_wire(14, 2, bend, side:, along:, hook: "1.5 mm"))
      bar, whose = made.layout.bar, "#{bend["kind"]} #{side}"
      places = (-120..120).map { |i| bar.place(i / 4.0) }
      heads = (-8..8).map { |i| made.way.at(made.length_mm, i.to_f, 0.0) }
      away = heads.map { |x, y, _| places.map { |place| Math.hypot(x - place.x, y - place.y) }.min }
      told = made.layout.round_wire.stretch(made.length_mm)
      ends = made.gauge.stitch_mm * 7.5
      found = (-20..20).map { |i| i * ends / 20 }.each_cons(2).map { |pair| room(made, *pair) }.minmax

      away.each { |mm| assert_in_delta made.length_mm, mm, 0.05, whose }
      told.zip(found) { |one, other| assert_in_delta one, other, 0.15, whose }
      assert_operator drawn(made).each_cons(2).map { |one, other| far(one.last, other.first) }.max, :<, 0.3, whose
      assert_operator nearest(made), :>, 0.99 * (1.2 + 0.3) / 2, whose
    end
  end

  # What is drawn once and put where it lies alike is as near to where every stitch would be drawn by itself.
  def test_drawn_where_it_lies
    [[*OUTLINES.first(2), straight(60)], [size("30 mm"), size("30 mm"), nil]].transpose.each do |bend, along|
      bend = bend.transform_values { |value| value.to_s.end_with?("mm") ? size(value) : value }
      made = section(round_wire(12, 5, bend, along:, hook: "1.5 mm"))
      seen = made.finished.groups.flat_map { |group| group.points.flatten(1) }.group_by { |x, y, _| [x.floor, y.floor] }
      missing = made.cloth.each_cell.select { |cell| cell.row.positive? }.flat_map do |cell|
        x, y = made.layout.place(cell.at, made.repeats)
        places = made.cloth.line(cell.key).each_slice(8).map(&:first)
        places.map { |px, py, pz| made.way.at(y + py, x + px, pz) }.map { |place| off(place, seen) }
      end

      assert_operator missing.max, :<, 0.05, bend["kind"]
    end
  end

  # How far a place is from the nearest that is drawn.
  def off((x, y, z), seen)
    near = [-1, 0, 1].product([-1, 0, 1]).flat_map { |a, b| seen.fetch([x.floor + a, y.floor + b], []) }
    near.map { |place| Math.sqrt(NearLines.minus(place, [x, y, z]).sum { |mm| mm**2 }) }.min || 9.0
  end

  # With as many stitches more as rows get longer outside a bend, or as many fewer as they get shorter within it, every
  # stitch lies as wide as it is by itself, and the row ends over the first one. On a straight wire they spread.
  def test_more_and_fewer_stitches_follow_a_bend
    rows = ->(text, bend, side) {
      piece = typed(text, begun: 20, count: 3, hook: "2 mm", **EDGE)
      section(onto_wire(piece, bend, side:, along: nil, bar: "1.2 mm"))
    }
    {"20s; (4s s2)4; (5s s2)4" => "far", "20s; (3s s/2)4; (2s s/2)4" => "near"}.each do |text, side|
      made = rows[text, hoop(20), side]
      made.cloth.rows.drop(1).each do |row|
        drawn = row.step.abs * made.layout.round_wire.usual(row.at) / made.gauge.stitch_mm

        assert_in_delta 1.0, drawn, 0.15, text
        assert_in_delta 52, row.across, 2.0, text
      end
      gaps = drawn(made).each_cons(2).map { |one, other| far(one.last, other.first) }

      assert_operator gaps.max, :<, 0.3, text
      assert_empty Meander::Crafts::Crocheting::Advice::Council.call(made).map(&:id) & %w[crochet-rows-spread]
    end
    straight = rows["20s; (4s s2)4; (5s s2)4", straight(100), "far"]

    assert_equal [1.0], straight.cloth.rows.map(&:wide).uniq
    assert_in_delta 28 * straight.gauge.stitch_mm, straight.cloth.rows.last.across, 1e-9
  end

  def far(one, other) = NearLines.minus(one, other).map(&:abs).max

  # How much room there is along the last row between two places on the wire, as a share.
  def room(made, from, to)
    far = [from, to].map { |across| made.way.at(made.length_mm, across, 0.0) }
    Math.hypot(far[1][0] - far[0][0], far[1][1] - far[0][1]) / (to - from)
  end

  # How near the picture of its first row comes to the middle of the wire.
  def nearest(made)
    cells = made.cloth.each_cell.select { |cell| cell.row == 1 && cell.kind != "chain" }
    cells.flat_map { |cell|
      x, y = made.layout.place(cell.at, made.repeats)
      made.cloth.line(cell.key).map do |px, py, pz|
        place = made.layout.bar.place(x + px)
        at = made.way.at(y + py, x + px, pz)
        Math.hypot(Math.hypot(at[0] - place.x, at[1] - place.y), pz)
      end
    }.min
  end

  # The stitches of the last row as they are drawn.
  def drawn(made)
    row = made.fabric.rows.size
    made.cloth.each_cell.select { |cell| cell.row == row && cell.kind != "chain" }.map do |cell|
      x, y = made.layout.place(cell.at, made.repeats)
      place = made.layout.bar.place(x)
      made.cloth.line(cell.key).map do |px, py, pz|
        made.layout.bar.even? ? place.at(made.way.at(y + py, px, pz)) : made.way.at(y + py, x + px, pz)
      end
    end
  end

  def test_told_and_marked
    plan = planned(round_wire(16, 3, hoop(16)))
    told = Meander::Output::Answer.call(plan)
    words = told[:order].map { |step| step[:words] }

    assert(words.any? { |one| one.include?("begin round the wire of section 1, at 16 places, as many to either side") })
    assert_includes words, "Section 2 is worked onto the wire of section 1, outwards."
    assert_includes plan.runs.first.marks.map(&:words), "middle of section 2"
    spread = told[:advice].find { |one| one[:id] == "crochet-rows-spread" }

    assert_match(/drawn \d+ % wider/, spread[:title])
    even = Meander::Output::Answer.call(planned(round_wire(8, 3, straight(60))))[:advice].map { |one| one[:id] }

    refute_includes even, "crochet-rows-spread"
    refute(told[:advice].any? { |one| %w[section-loose sections-overlap rim-crossed].include?(one[:id]) })
  end

  def test_refused
    assert_each_refused({round_wire(16, 30, hoop(16), side: "near") => ["/sections/1/extent", "up to 2 rows"],
     round_wire(4, 2, hoop(1.5), side: "near") => ["/sections/1/at/side", /far, a wider bend/],
     round_wire(40, 3, hoop(16)) => ["/sections/1/at/along", /at least 80/],
     round_wire(8, 2, {"kind" => "wave", "length" => size("60 mm"), "height" => size("6 mm"), "waves" => 3}) =>
       ["/sections/1/at/side", /near, a wider bend, or a place that bends less/],
     round_wire(8, 2, hoop(16), form: {"kind" => "ring"}) => ["/sections/1/form/kind", "straight"],
     round_wire(8, 2, hoop(16), begun: "chain") =>
       ["/sections/1/at/kind", /first, after/]})
  end
end
