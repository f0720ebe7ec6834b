# frozen_string_literal: true

require_relative "../../test_helper"
require_relative "../../support/near_lines"

# Whole fabrics: their counts, where their stitches stand, and that no wire of them lies in another.
class FabricsTest < Minitest::Test
  Crochet = Meander::Crochet
  GAUGE = Crochet::Gauge.new(3.0, 0.35)

  def fabric(count, gauge: GAUGE, **fields) = Crochet::Shapes.fabric(fields, gauge, count)
  def cloth(made, gauge: GAUGE, **form) = Crochet::Cloth.of(made, gauge, **form)
  def count(number) = {kind: "count", count: number}

  def typed(text, begun: 9, kind: "chain", rounds: "rows", rows: nil)
    read = Crochet::Notation.read(text)
    fabric(rows || read.sum { |row| row[:times] }, kind: "rows", begin: {kind:, count: begun}, rounds:, rows: read)
  end

  # The way of the wire through a fabric, cell after cell, where each stands.
  def lines(cloth)
    cloth.each_cell.map do |cell|
      x, y, turn = cell.at
      cos, sin = Math.cos(turn), Math.sin(turn)
      cloth.line(cell.key).map { |a, b, c| [x + (a * cos) - (b * sin), y + (a * sin) + (b * cos), c] }
    end
  end

  # A circle grows by 2 pi t / s stitches a round: flat discs do by the nearest whole number, and lie flat.
  def test_discs_grow_evenly
    %w[single half double treble].product([[2.0, 0.2], [3.0, 0.4]]) do |stitch, (hook, wire)|
      gauge = Crochet::Gauge.new(hook, wire)
      made = fabric(6, kind: "disc", stitch:, rounds: "spiral", gauge:)
      more = made.rows.map(&:heads).each_cons(2).map { |one, other| other - one }

      assert_equal [(2 * Math::PI * gauge.height_mm(stitch) / gauge.stitch_mm).round], more.uniq, stitch
      flat = cloth(made, gauge:)

      assert_operator flat.ruffle, :<, 0.06, stitch
      assert_operator flat.deep_mm, :<, 0.3 * flat.radius_mm, stitch
      assert_nil made.fault
    end
  end

  # N stitches round are N s long: the diameter is that by pi.
  def test_a_tube_is_as_wide_as_its_stitches
    (5..20).each do |around|
      tube = cloth(fabric(4, kind: "tube", stitch: "single", rounds: "spiral", across: count(around)), tube: true)

      assert_in_delta around * GAUGE.stitch_mm / Math::PI, 2 * tube.radius_mm, 1e-9
      assert_in_delta 4 * GAUGE.height_mm("single"), tube.height_mm, 1e-9
    end
    asked = {kind: "size", size: Meander::Units::Size.new(18.0, "18 mm")}

    assert_equal (18 * Math::PI / GAUGE.stitch_mm).round,
      Crochet::Shapes.across({kind: "tube", stitch: "single", across: asked}, GAUGE)
  end

  # A cup follows the ball it is made for: each round stands where the ball is as wide.
  def test_a_cup_follows_its_ball
    over = Meander::Units::Size.new(22.0, "22 mm")
    made = fabric(6, kind: "cup", stitch: "single", rounds: "spiral", over:)
    ball = (22 + GAUGE.thickness_mm) / 2
    rounds = cloth(made).rounds

    assert_operator rounds.map(&:radius).max, :<, ball + 0.6
    # The middle of the ball: so deep below the pole it is widest.
    widest = rounds.max_by(&:radius)

    assert_in_delta ball, widest.radius, 1.0
    assert_nil made.fault
    assert_operator Crochet::Rounds.most({stitch: "single", over:}, GAUGE), :>=, 6
  end

  # Increases and decreases leave as many places as the next row takes, whatever the counts.
  def test_rows_fit_each_other
    seed = Random.new_seed % 100_000
    chance = Random.new(seed)
    200.times do
      from = chance.rand(1..60)
      to = chance.rand([from / 2, 1].max + (from.odd? ? 1 : 0)..(from * 4))
      row = Crochet::Increases.row("single", from, to)

      assert_equal [from, to], [row.takes, row.heads], "seed #{seed}: from #{from} to #{to}"
      assert_equal row.heads, row.each_stitch.filter_map(&:head).size
      assert_equal (0...from).to_a, row.each_stitch.flat_map(&:feet).uniq
    end
  end

  def test_what_does_not_fit_is_named
    assert_nil typed("9s; 4s s/2 3s; s2 7s").fault
    assert_equal [1, "it takes 10 stitches and the beginning has 9", "up to 9"], typed("10s").fault
    assert_equal [2, "it takes 8 of 9 stitches, so the round does not close", "9"],
      typed("9s; 8s", kind: "ring", rounds: "spiral").fault
    assert_equal [1, "nothing can be worked into it", "a stitch at least"], typed("9-").fault
  end

  # What is counted together is what is counted stitch by stitch.
  def test_wire_is_counted_stitch_by_stitch
    seed = Random.new_seed % 100_000
    chance = Random.new(seed)
    each = ->(kind) { {"chain" => 1.0, "slip" => 10.0, "single" => 100.0, "half" => 1e3, "double" => 1e4}.fetch(kind) }
    60.times do
      made = typed(Array.new(chance.rand(1..4)) {
        "#{chance.rand(1..4)}s h2 #{chance.rand(1..2)}c d"
      }.join("; "), begun: 30)
      wanted = 31 + made.rows.each_with_index.sum { |row, i|
        row.each_stitch.sum { |stitch| each[stitch.kind] } + made.chains_up(i + 1)
      }

      assert_in_delta wanted, made.wire_mm(&each), 1e-6, "seed #{seed}"
    end
    together = typed("s/2 7s")

    assert_in_delta 10 + (9 * 100) - 1, together.wire_mm(&each), 1e-9
  end

  # Stitches beside each other, rows over each other, turned at their edges, shared, drawn together, in rounds; the
  # worst of each is told. Within rows no wire lies in another; doubles do where they go round an edge, and a first
  # round in the chains of its ring.
  def test_how_near_wires_come
    band = ->(stitch, keep) {
      nearest(fabric(3, kind: "band", stitch:, lying: "across", across: count(9)), keep)
    }
    told = %w[single half double].to_h { |stitch| ["within #{stitch}s", band[stitch, 3..7]] }
    told["a tube"] = nearest(fabric(4, kind: "tube", stitch: "single", rounds: "spiral", across: count(9)), 2..7,
      tube: true)
    edges = {"edges" => band["single", 1..10], "edges of doubles" => band["double", 1..10],
      "shared" => nearest(typed("4s s2 4s; 10s"), 3..8), "drawn together" => nearest(typed("3s s/2 4s; 8s"), 3..7),
      "a disc" => nearest(fabric(3, kind: "disc", stitch: "single", rounds: "spiral"), 3..8)}
    puts "\nnearest in fabrics, in wires: #{{**told, **edges}.map { |what, mm| "#{what} #{mm.round(2)}" }.join(", ")}"

    told.each { |what, mm| assert_operator mm, :>=, (what == "a tube") ? 0.9 : 0.95, what }
    assert_operator edges.fetch("edges"), :>=, 0.6
    assert_operator edges.fetch("drawn together"), :>=, 0.7
    assert_operator edges.fetch("shared"), :>=, 0.7
  end

  # Rounds that grow: feet stand aside of their heads by as much as there are more of them, two of them in one place,
  # and wires of neighbours keep clear of each other all the same. hooks: in wires.
  def test_stitches_that_lean_keep_clear_of_each_other
    told = %w[single half double].product([5.0, 7.0, 10.0]).to_h do |stitch, hook|
      gauge = Crochet::Gauge.new(hook, 1.0)
      made = fabric(7, kind: "disc", stitch:, rounds: "spiral", gauge:)
      [[stitch, hook], nearest(made, 2..30, gauge:) { |cell| cell.row > 3 }]
    end
    puts "\nnearest in discs, in wires: #{told.map { |(what, hook), mm| "#{what} #{hook} #{mm.round(2)}" }.join(", ")}"

    told.each { |what, mm| assert_operator mm, :>=, 0.4, what.join(" ") }
  end

  # Stitches that share a place, two rows of them, of doubles up to five and those told as five; hooks: in wires.
  def test_stitches_into_one_place_keep_clear_of_each_other
    shared = %w[s h d].product([7.0, 10.0], [2, 3]) + %w[d].product([7.0, 10.0, 16.0], [4, 5])
    told = shared.to_h do |letter, hook, all|
      made = typed("4#{letter} #{letter}#{all} 4#{letter}; 10#{letter}")
      [[letter, hook, all], nearest(made, 3..(7 + [all, 2].max), gauge: Crochet::Gauge.new(hook, 1.0))]
    end
    puts "\nnearest in one place, in wires: #{told.map { |what, mm| "#{what.join(" ")} #{mm.round(2)}" }.join(", ")}"

    told.each { |what, mm| assert_operator mm, :>=, {2 => 0.7, 3 => 0.3}.fetch(what.last, 0.2), what.join(" ") }
  end

  # Spaces, picots and stitches of all kinds beside those that lean: a chain, which holds nothing, stays as it is.
  def test_whatever_stands_side_by_side_is_drawn
    cells = Crochet::Cells.new(GAUGE, "rows")

    stand = Crochet::Cloth::Stand.new(Crochet::Row::Stitch.new("chain"), nil, [0, 1], 2.0, -2.0)

    assert_equal cells.stitch("chain"), Crochet::Leaning.new(cells).line(stand)
    seed = Random.new_seed % 100_000
    chance = Random.new(seed)
    40.times do
      row = Array.new(chance.rand(3..7)) { %w[s 2c s2 s/2 d3 h/3 p l t l2 d/2 -].sample(random: chance) }.join(" ")
      made = typed("#{row} 30#{%w[s h d].sample(random: chance)}; 3s", begun: 60)
      points = lines(cloth(made)).flatten(1)

      assert points.flatten.all?(&:finite?), "seed #{seed}: #{row}"
    end
  end

  # On a thick hook the far end of a chain's head hangs as low as its loop comes up.
  def test_chains_keep_clear_of_each_other
    [4.0, 7.0, 10.0, 14.0, 20.0].product(%w[s h d]) do |hook, letter|
      gauge = Crochet::Gauge.new(hook, 1.0)
      made = typed("9#{letter}; 9#{letter}")

      assert_operator nearest(made, 3..7, gauge:) { |cell| cell.row.zero? }, :>=, 0.65, "#{letter} #{hook}"
    end
  end

  # Among the cells of each row that are meant by their number in it; with a block, those it says yes to.
  def nearest(made, keep, gauge: GAUGE, **form)
    laid, q, seen = cloth(made, gauge:, **form), gauge.bundle_mm, Hash.new(0)
    drawn = laid.each_cell.zip(lines(laid)).filter_map do |cell, line|
      number = seen[cell.row] += 1
      line if keep.cover?(number) && (!block_given? || yield(cell))
    end
    NearLines.least(drawn, along: 3.0 * q, within: 2 * q) / q
  end

  # Every row stands over what it is worked into: the middles of feet and stitches are a shift apart, no more.
  def test_stitches_stand_over_what_they_are_worked_into
    made = typed("9s; 9s; 2s s2 3s s2 2s; 11s")
    rows = cloth(made).rows
    rows.each_cons(2).with_index do |(below, row), i|
      middle = ->(one) { (one.x(0) + one.x(one.count - 1)) / 2 }

      assert_in_delta middle[below], middle[row], GAUGE.stitch_mm, "row #{i + 1}"
      assert_equal(-below.side, row.side)
    end
  end
end
