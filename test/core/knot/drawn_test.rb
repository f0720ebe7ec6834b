# frozen_string_literal: true

require_relative "../../test_helper"
require_relative "../../support/knots"
require_relative "../../support/near_lines"

# Every knot is the knot it is called: over and under, read off the points it is drawn from; and no cord runs through
# another.
class KnotsDrawnTest < Minitest::Test
  include Knots

  def outer(rows, count: 1) = drawn(made(knotted(rows, count:))).values_at(0, -1)

  # A square knot twists its cords about each other and back; a granny, two half knots from one side, twists on.
  def test_a_square_knot_is_told_from_a_granny
    assert_equal 0, screw(*outer("s4>"))
    assert_equal 0, screw(*outer("s4<"))
    assert_equal 0, screw(*outer("s4>", count: 5))
    assert_operator screw(*outer("h4>; h4<")).abs, :<=, 1
    [2, 4, 6].each do |count|
      left, right = %w[h4> h4<].map { |rows| screw(*outer(rows, count:)) }

      assert_operator left, :>=, 2 * count
      assert_equal(-left, right)
    end
  end

  # The cord a knot is begun from passes in front of the fillers, the other behind them.
  def test_the_cord_it_is_begun_from_lies_in_front
    {"s4>" => 0, "s4<" => 3}.each do |rows, front|
      lines = drawn(made(knotted(rows, count: 1)))
      over = ->(line) { line.select { |x, _, _| x.abs < 0.6 }.map { |point| point[2] } }

      assert_operator over[lines[front]].min, :>, 0.7, rows
      assert_operator over[lines[3 - front]].max, :<, -0.7, rows
    end
  end

  # Two half hitches of one hand: the cord winds twice round its holder on its way from one side of it to the other,
  # always the same way.
  def test_a_hitch_winds_twice_round_its_holder
    %w[b2> b2<].each do |rows|
      lines = drawn(made(knotted(rows, cords: 2, count: 1)))
      holder, cord = (rows == "b2>") ? lines : lines.reverse

      assert_equal 5, screw(holder, cord).abs, rows
    end
  end

  # Upright hitches: the cord that goes across winds twice round each of the others, one by one, and comes nearer to
  # none than it may; those hang straight down, row after row, and take no more than that.
  def test_upright_hitches_wind_round_cords_that_hang
    {"v4>" => 0, "v4<" => 3}.each do |rows, working|
      lines = drawn(made(knotted(rows, count: 1)))
      others = lines.reject.with_index { |_, i| i == working }

      assert_equal [5] * 3, others.map { |line| screw(line, lines[working]).abs }, rows
      assert_operator NearLines.least(lines, along: 3.0, within: 1.0), :>=, 0.9, rows
    end
    section = made(knotted("v4>; v4<", count: 10))
    lines, working = drawn(section), [0]

    (1..3).each do |cord|
      turned = lines[cord].each_cons(2).map { |(x, _, _), (to, _, _)| (to - x).abs }.max

      assert_in_delta 0.0, turned, 1e-9, "cord #{cord} hangs straight"
      # Down all rows, and aside by half a place before the first and after the last.
      assert_in_delta (20 * 2.5 * Meander::Knot::Gauge::FILLER) + 1.5, section.knotted_mm(cord), 2.2
    end
    assert_operator section.knotted_mm(working[0]), :>, 20 * 3 * 12
  end

  # A wrap goes round all other cords as often as is said; where outer and inner cords change places no two meet.
  def test_wraps_and_exchanges
    {"w4/6" => 6, "w3/2" => 2, "w7/4" => 4}.each do |rows, turns|
      coil, *others = lines = drawn(made(knotted(rows, cords: rows[1].to_i, count: 1)))

      assert_operator NearLines.least(lines, along: 3.0, within: 1.0), :>=, 0.83, rows
      others.each { |line| assert_equal 2 * turns, screw(coil, line).abs, rows }
    end
    lines = drawn(made(knotted("e4", count: 1)))

    assert_equal [4, 4], [screw(lines[0], lines[1]), screw(lines[3], lines[2])].map(&:abs)
    assert_operator NearLines.least(lines, along: 3.0, within: 1.0), :>=, 1.0
  end

  # Looked at from its end, every cord of a crown lies over one neighbour and under the other, all the same way round:
  # the next one clockwise over it where that is how it is worked.
  def test_a_crown_goes_all_the_way_round
    (3..6).to_a.product(%w[> <]).each do |cords, hand|
      lines = drawn(made(knotted("c#{cords}#{hand}", cords:, count: 1))).map do |line|
        line.map { |x, y, z| [x, -z, y] }
      end
      round = lines.sort_by { |line| Math.atan2(line[0][1], line[0][0]) }
      round.reverse! if hand == "<"

      round.each_with_index do |line, i|
        assert_equal [-1, 1], [above(line, round[(i + 1) % cords]), above(line, round[i - 1])], "#{cords} #{hand}"
      end
    end
  end

  # Cords twice as thick make everything twice as large, across, along and towards the maker.
  def test_thicker_cords_are_drawn_larger
    %w[s4 h4 h3 b4 d4> v4 o4 w4/4 c4 e4].each do |rows|
      one, two = ["1 mm", "2 mm"].map { |wire| drawn(made(knotted(rows, wire:, count: 3))).flatten }

      two.zip(one) { |large, small| assert_in_delta 2 * small, large, 1e-6, rows }
    end
  end

  # A bight over a bar: both legs come out on the same side of it, the loop in front, or behind it.
  def test_heads
    bar = [[-5.0, 0.0, 0.0], [5.0, 0.0, 0.0]]
    front, behind = %w[head reverse].map { |kind| Meander::Knot::Head.points(1.0, 1.5, kind) }

    assert_equal [0, 0], [screw(bar, front), screw(bar, behind)]
    assert_operator front.max_by { |_, y, z| z - (y - 1.7).abs }[2], :>, 0.9
    assert_operator behind.min_by { |_, y, z| z + (y - 1.7).abs }[2], :<, -0.9
  end

  # The nearest two cords come, in cords, between any two and where one comes back to itself; worst told.
  def test_cords_do_not_run_through_each_other
    asked = {"s3>" => [3, 0.9], "s4>" => [4, 0.9], "s5>" => [5, 0.9], "s6>" => [6, 0.9], "h3>" => [3, 0.88],
      "h4>" => [4, 0.9], "h6>" => [6, 0.9], "b6>; b6<" => [6, 0.88], "s4> s4>; -2 s4>" => [8, 0.9], "b6>" => [6, 0.5],
      "d4> d4<" => [8, 0.5], "c3>" => [3, 0.94],
      "c4>" => [4, 0.94], "c5>; c5<" => [5, 0.94], "c6>" => [6, 0.94]}
    found = asked.to_h do |rows, (cords, _)|
      lines = drawn(made(knotted(rows, cords:, count: 4)))
      [rows, NearLines.least(lines, along: 3.0, within: 1.0)]
    end
    print "nearest cords, in cords: #{found.map { |rows, least| "#{rows} #{least.round(2)}" }.join(", ")} "

    found.each { |rows, least| assert_operator least, :>=, asked.fetch(rows).last, rows }
  end

  # What is drawn is as long as the relaxed knots are; what is planned covers it, whatever rows follow each other: bars
  # to and fro, bars all one way, slanting ones, cords that change places; upright hitches farther apart than they need.
  def test_what_is_drawn_is_planned
    {"s3>" => 1.06, "s4>" => 1.06, "s6>" => 1.06, "h4>" => 1.06, "b4>" => 1.001, "b4>; b4<" => 1.001, "d4>" => 1.001,
     "v4>; v4<" => 1.001, "v2>; v2<" => 1.001, "e4" => 1.001, "s4>; e4" => 1.02, "w4/6" => 1.001, "c4>" => 1.001,
     "c6>; c6<" => 1.001}.each do |rows, most|
      section = made(knotted(rows, cords: rows[1].to_i, count: 10))
      lines = drawn(section).map { |line| Meander::Form::Trace.polyline_mm(line) }
      planned = section.base.each_index.map { |number| section.knotted_mm(number) }

      assert_operator lines.sum, :<=, planned.sum * 1.001, rows
      assert_operator lines.sum, :>=, planned.sum * (rows.start_with?("w") ? 0.83 : 0.85), rows
      lines.zip(planned) { |line, mm| assert_operator line, :<=, mm * most, rows }
    end
    # Farther apart than they need turns stay as they are, and what lies between is straight.
    ["b4>; b4<", "d4>", "v4>; v4<", "s4>"].product([4, 6]).each do |rows, apart|
      section = made(knotted(rows, count: 6, spacing: size("#{apart} mm")))

      drawn(section).each_with_index do |line, number|
        assert_includes 0.8..1.001, Meander::Form::Trace.polyline_mm(line) / section.knotted_mm(number), rows
      end
    end
  end
end
