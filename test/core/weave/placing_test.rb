# frozen_string_literal: true

require_relative "../../support/weaves"

# Where passes come to lie, and the least rise reckoned once more another way.
class PlacingTest < Minitest::Test
  include Weaves

  def heights(repeat) = repeat.heights.map { |each| each.map { |y| y / repeat.frame.wire_mm } }

  # A plain coil is an exact helix: every pass, and every station, climbs as much for as much wire.
  def test_a_plain_coil_is_a_helix
    [0.3, 1.0].each do |lean|
      coil = repeat([0, 1], [1.0], 0.4, lean:)

      assert_in_delta 0.4, coil.advance_mm, 1e-6
      coil.passes.zip(coil.heights, [0.0, 0.2]).each do |pass, ys, from|
        pass.stations.points.zip(ys) { |(_, _, run), y| assert_in_delta from + (0.2 * run / pass.run_mm), y, 1e-3 }
      end

      assert_in_delta Math.hypot(2 * Math::PI * 0.7, 0.4), coil.wire_mm, 1e-6
    end
  end

  # Two wires side by side take up twice as much along the strip.
  def test_two_strands_rise_twice_as_far
    walk = Walk.new(STAGGER)
    one, two = [1, 2].map { |strands| Repeat.new(frame(walk, [1.0] * 3, 0.4, strands:), walk, lean: 0.3).advance_mm }

    assert_in_epsilon 2 * one, two, 0.01
  end

  # However hard a maker pushes, no repeat gets longer by it; and no wire leans back further than it may, or climbs
  # steeper.
  def test_pushing_harder_packs_closer
    {RAY => [5, 0.4], figure_eight(3) => [2, 1.2], PANEL => [4, 1.0]}.each do |gaps, (wires, clear)|
      rises = [0.0, 0.1, 0.3, 0.6, 1.0].map do |lean|
        repeat(gaps, [1.0] * wires, 0.4, lean:, clear: [clear] * (wires - 1)).advance_mm
      end

      rises.each_cons(2) { |soft, hard| assert_operator hard, :<=, soft + 1e-6, gaps.inspect }
    end

    assert_operator repeat(RAY, [1.0] * 5, 0.4, lean: 1.0).advance_mm, :<,
      repeat(RAY, [1.0] * 5, 0.4, lean: 0.0).advance_mm - 0.4
    random_repeats(20) do |made, walk|
      made.passes.zip(made.heights) do |pass, ys|
        pass.stations.points.zip(ys).each_cons(2) do |((_, _, run), y), ((_, _, on), higher)|
          assert_operator (higher - y).abs, :<=, (1.3 * (on - run)) + (0.2 * made.frame.wire_mm), walk
        end
      end
    end
  end

  # The least rise at which every station can lie above those it lies on and no wire leans or climbs too far: found by
  # bisection, as a rise is enough exactly where no way round the stations asks for more (no positive cycle: Bellman and
  # Ford).
  class LeastRise
    def initialize(repeat, lean)
      points = repeat.passes.flat_map do |pass|
        pass.chain.sample(Math::PI / 8)[0..-2].map { |x, z, run| [x, z, run, pass.run_mm] }
      end
      d, past = repeat.frame.wire_mm, 0.0
      @runs = points.each_with_index.map { |(_, _, run, whole), i|
        at = past + run
        past += whole if points[i + 1].nil? || points[i + 1][2] < run
        at / d
      }
      @total = past / d
      @edges = contacts(points.map { |x, z, *| [x / d, z / d] }) + wire(lean)
      @size = points.size
      @d = d
    end

    def call
      low, high = 0.0, @total / 2
      16.times { ((low + high) / 2).then { |rise| enough?(rise) ? high = rise : low = rise } }
      high * @d
    end

    private

    # [upper, lower, least height, repeats between]: of the stations at one place the one laid last.
    def contacts(places)
      places.each_index.flat_map do |i|
        near = places.each_index
          .map { |j| [j, ((places[i][0] - places[j][0])**2) + ((places[i][1] - places[j][1])**2)] }
            .select { |_, off| off < 0.999 }
        latest = near.map { |j, off|
          back(i,
            j).then { |wire, repeats| [wire, j, repeats, off, places[j].map { |v| v.round(6) }] }
        }.group_by(&:last)
              .values.map(&:min)
        latest.map { |_, j, repeats, off, _| [i, j, Math.sqrt(1 - off), repeats] }
      end
    end

    def back(upper, lower)
      wire, repeats = @runs[upper] - @runs[lower], 0
      (wire += @total) && repeats += 1 while wire < 1.7
      [wire, repeats]
    end

    def wire(lean)
      @runs.each_index.flat_map do |i|
        after = (i + 1) % @runs.size
        step = (after.zero? ? @total : @runs[after]) - @runs[i]
        [[after, i, -lean * step, after.zero? ? 1 : 0], [i, after, -step, after.zero? ? -1 : 0]]
      end
    end

    def enough?(rise)
      heights = Array.new(@size, 0.0)
      (2 * @size).times do
        moved = @edges.reject do |up, low, least, repeats|
          (heights[low] + least - (repeats * rise) - heights[up]) < 1e-9
        end
        return true if moved.empty?
        return false if heights.max > 3.0 * @size

        moved.each do |up, low, least, repeats|
          heights[up] = [heights[up], heights[low] + least - (repeats * rise)].max
        end
      end
      false
    end
  end

  DOZEN = {"coils 3 + 3" => [[0, 1] * 3 + [0, 2] * 3, 2, 1.0], "coils 5 + 2" => [[0, 1] * 5 + [0, 2] * 2, 2, 1.0],
    "stagger" => [STAGGER, 3, 1.0], "panel" => [PANEL, 4, 1.0],
           "eight, two" => [[1, 2, 1, 2, 1, 0, 1, 0], 2, 1.0], "eight, two, wide" => [[1, 2, 1, 2, 1, 0, 1, 0], 2, 2.0],
           "eight, three" => [[1, 2] * 3 + [1, 0] * 3, 2, 1.5],
           "eight, three, wide" => [[1, 2] * 3 + [1, 0] * 3, 2, 6.0], "a fan" => [[0, 1, 0, 2, 0, 3, 0, 2], 3, 1.0],
           "odd" => [[0, 2, 1, 3, 2], 3, 1.0],
           "a mixture" => [[0, 1, 0, 1, 0, 3, 1, 2], 3, 1.2],
           "a coil on each" => [[0, 1, 0, 1, 2, 1, 2, 3, 2, 3, 2, 1, 2, 1], 3, 1.0]}.freeze

  DOZEN.each do |name, (gaps, wires, clear)|
    define_method(:"test_least_rise_of_#{name.gsub(/\W+/, "_")}") do
      made = repeat(gaps, [1.0] * wires, 0.4, clear: [0.4 * clear] * (wires - 1))

      assert_in_epsilon LeastRise.new(made, 0.3).call, made.advance_mm, 0.03, name
    end
  end

  # Weaves alike but for their size are placed once; others are not taken for them.
  def test_what_is_kept_is_found_by_what_it_depends_on
    small, large = [[0.5, 0.2], [1.0, 0.4]].map do |base, wire|
      repeat(figure_eight(2), [base, base], wire, clear: [wire * 1.5])
    end

    assert_in_delta 2 * small.advance_mm, large.advance_mm, 1e-9
    assert_in_delta 2 * small.wire_mm, large.wire_mm, 1e-9
    refute_in_delta small.advance_mm, repeat(figure_eight(2), [0.5, 0.5], 0.2, clear: [0.4]).advance_mm, 1e-2
  end
end
