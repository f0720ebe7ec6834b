# frozen_string_literal: true

require_relative "../support/weaves"

# The weave reckoned once more from its rules alone, with none of the engine's parts: belts and helices by formula, settling by
# running heights over many repeats, no path and no drawing.
class ReckoningTest < Minitest::Test
  include Weaves

  ROUNDS = 60
  MEASURED = 20

  # Reckons a closed walk on base wires: wire and rise of a repeat, in mm, the wire taut and climbing evenly.
  class Reckoning
    def initialize(base, wire, gaps, lean: 0.3)
      @base, @d, @lean = base, wire, lean
      @gaps = gaps.size.odd? ? gaps * 2 : gaps
      @rho = base.map { |mm| (mm + wire) / 2.0 }
      @clear = (1...base.size).map { |gap| gaps.include?(gap) ? wire : 0.0 }
      @x = base.each_index.map { |i| (0...i).sum { |k| ((base[k] + base[k + 1]) / 2.0) + @clear[k] } }
    end

    def result
      lengths = @gaps.each_index.map { |i| straight(i) + turn(i) }
      ys = settle(lengths)
      measured = ys.each_index.to_a.last(@gaps.size * MEASURED)
      wire = measured.sum { |i| Math.hypot(lengths[i % @gaps.size], ys[i] - ys[i - 1]) } / MEASURED
      [wire, (ys.last - ys[-1 - (@gaps.size * MEASURED)]) / MEASURED]
    end

    private

    def at(place) = @gaps[place % @gaps.size]
    def wires(place) = ([at(place), at(place + 1)].min..([at(place), at(place + 1)].max - 1))
    def coil?(place) = (at(place - 1) < at(place)) != (at(place) < at(place + 1))

    # The upper hull of the circles gone over: tangents, and arcs by how far each circle is turned round.
    def straight(place)
      hull = [wires(place).first]
      hull << (hull.last + 1..wires(place).last).max_by { |j| [((@rho[j] - @rho[hull.last]) / (@x[j] - @x[hull.last])).round(12), j] } until hull.last == wires(place).last
      rising = hull.each_cons(2).map { |a, b| Math.asin((@rho[b] - @rho[a]) / (@x[b] - @x[a])) }
      tangents = hull.each_cons(2).sum { |a, b| Math.sqrt(((@x[b] - @x[a])**2) - ((@rho[b] - @rho[a])**2)) }
      tangents + hull.each_with_index.sum { |wire, i| @rho[wire] * ([0.0, *rising][i] - [*rising, 0.0][i]) }
    end

    def turn(place)
      gap = at(place)
      return Math::PI * @rho[(at(place + 1) > gap) ? gap : gap - 1] if coil?(place)

      both, apart = @rho[gap - 1] + @rho[gap], @x[gap] - @x[gap - 1]
      (both * Math.asin([both / apart, 1.0].min)) + Math.sqrt([(apart**2) - (both**2), 0.0].max)
    end

    def settle(lengths)
      heights = {1 => Array.new(@base.size, -@d), -1 => Array.new(@base.size, -@d / 2.0)}
      slots = Hash.new(-@d)
      (0...(@gaps.size * ROUNDS)).each_with_object([]) do |place, ys|
        face = place.even? ? 1 : -1
        y = wires(place).map { |wire| heights[face][wire] }.max + @d
        y = [y, ys.last - (@lean * lengths[place % @gaps.size])].max if ys.any?
        y = through(place, y, ys.last, slots, lengths) if at(place).between?(1, @base.size - 1)
        wires(place).each { |wire| heights[face][wire] = y }
        ys << y
      end
    end

    # In a tight frame every gap gone through is as wide as the wire.
    def through(place, height, last, slots, lengths)
      entered = last ? [last, height].min : height
      slots[at(place)] = [slots[at(place)] + @d, entered].max
      [height, slots[at(place)] - (@lean * lengths[place % @gaps.size])].max
    end
  end

  WALKS = {
    "8 + 2" => [([0, 1] * 8) + ([0, 2] * 2), 2], "figure-eight, five a side" => [([1, 2] * 5) + ([1, 0] * 5), 2], "diamonds of five" => [DIAMOND, 5], "stagger" => [STAGGER, 3],
    "panel" => [PANEL, 4], "ray" => [RAY, 5], "a coil on each" => [[0, 1, 0, 1, 2, 1, 2, 3, 2, 3, 4, 3, 4, 3, 2, 3, 2, 1, 2, 1], 4], "odd" => [[0, 2, 1, 3, 2], 3],
    "a mixture" => [[0, 1, 0, 1, 0, 3, 0, 3, 1, 2, 1, 2], 3], "a fan" => [[0, 1, 0, 2, 0, 3, 0, 4, 0, 3, 0, 2], 4], "a lattice" => [[0, 4, 0, 4, 1, 3, 1, 3], 4]
  }.freeze

  # Easing the straights where they would crowd costs up to 0.4 % more wire than a wire that climbs evenly.
  WALKS.each do |name, (gaps, count)|
    define_method(:"test_#{name.gsub(/\W+/, "_")}_over_equal_and_unequal_wires") do
      [[1.0] * count, [1.25, 0.8, 1.0, 0.6, 1.1].first(count)].each do |base|
        wire, rise = Reckoning.new(base, 0.4, gaps).result
        made = repeat(gaps, base, 0.4)

        assert_in_epsilon rise, made.advance_mm, 1e-6, name
        assert_in_epsilon wire, made.wire_mm, 0.005, name
        assert_operator made.wire_mm, :>=, wire * 0.9999, name
      end
    end
  end

  def test_any_walk_rises_as_reckoned
    random_repeats(120, equal: false, most_wires: 5) do |made, walk|
      wire, rise = Reckoning.new(made.frame.base_mm, made.frame.wire_mm, made.walk.gaps).result

      assert_in_epsilon rise, made.advance_mm, 0.02, walk
      assert_in_epsilon wire, made.wire_mm, 0.05, walk
    end
  end
end
