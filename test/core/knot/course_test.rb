# frozen_string_literal: true

require_relative "../../test_helper"
require_relative "../../support/knots"

# Where knots stand and which cords are in them: over random panels, and against counting by hand.
class KnotCourseTest < Minitest::Test
  include Knots

  Course = Meander::Knot::Course
  KINDS = {"square" => 3..6, "half" => 3..6, "bar" => 2..5, "diagonal" => 2..5, "vertical" => 2..5, "overhand" => 1..4,
    "wrap" => 2..5, "exchange" => 4..4,
    "crown" => 3..6}.freeze

  def random_row(chance, cords)
    knots, at = [], 0
    while at < cords
      kind = (chance.rand < 0.25) ? "pass" : KINDS.keys.sample(random: chance)
      many = (kind == "pass") ? 1 : chance.rand(KINDS.fetch(kind))
      break if at + many > cords

      knots << {kind:, hand: %w[left right].sample(random: chance), cords: many, times: chance.rand(1..2),
        turns: (kind == "wrap") ? chance.rand(1..5) : 1}
      at += many
    end
    {knots: knots.reject { |one| one[:kind] == "pass" && one.equal?(knots.last) }, gap: chance.rand(0..4).to_f,
     times: chance.rand(1..2)}
  end

  def random_rows(chance, cords)
    rows = Array.new(chance.rand(1..4)) { random_row(chance, cords) }.reject { |row| row[:knots].empty? }
    tied = rows.any? { |row| row[:knots].any? { |one| one[:kind] != "pass" } }
    tied ? rows : random_rows(chance, cords)
  end

  # Who hangs where, by hand: cords as letters, a knot at a time.
  def by_hand(cords, rows)
    at = cords.each_index.to_a
    rows.each do |row|
      row[:times].times do
        place = 0
        row[:knots].each do |one|
          one[:times].times { at[place, one[:cords]] = moved(one, at[place, one[:cords]]) } unless one[:kind] == "pass"
          place += one[:cords]
        end
      end
    end
    at
  end

  def moved(one, own)
    case one[:kind]
    when "half" then [own.last, *own[1..-2], own.first]
    when "bar", "diagonal", "vertical" then own.rotate((one[:hand] == "right") ? 1 : -1)
    when "exchange" then own.values_at(1, 0, 3, 2)
    else own
    end
  end

  # Every knot is drawn where it is tied: from where it begins as far as it advances, no wider than it is said to be. In
  # cords of 1 mm, which reach a little over its ends.
  def test_drawn_where_they_are_tied
    KINDS.each do |kind, counts|
      counts.minmax.uniq.each do |count|
        rows = [{knots: [{kind:, hand: "right", cords: count, times: 1, turns: 4}], gap: 0.0, times: 1}]
        thick = [1.0] * count
        gauge = Meander::Knot::Gauge.new
        course = Course.new(thick, rows, gauge, spacing_mm: Meander::Knot::Spacing.call(thick, rows, gauge)).lay(1)
        knot = course.placed.first
        xs, ys, = Meander::Knot::Cells.of(knot, course, thick).flatten(1).transpose
        low, high = ys.minmax

        assert_operator low, :>, -1.2, "#{kind} of #{count}"
        assert_operator high, :<, knot.size.advance_mm + (knot.fall * [count - 2, 0].max) + 1.2, "#{kind} of #{count}"
        assert_operator high - low, :>, 0.8 * knot.size.advance_mm, "#{kind} of #{count}"
        assert_operator xs.map(&:abs).max, :<, (knot.size.width_mm / 2) + 0.3, "#{kind} of #{count}"
      end
    end
  end

  def test_random_panels
    chance = Random.new(seed = Random.new_seed % 100_000)
    60.times do |i|
      cords = Array.new(chance.rand(4..9)) { [0.8, 1.0, 1.2].sample(random: chance) }
      rows = random_rows(chance, cords.size)
      gauge = Meander::Knot::Gauge.new
      course = Course.new(cords, rows, gauge, spacing_mm: Meander::Knot::Spacing.call(cords, rows, gauge)).lay(2)
      why = "seed #{seed}, panel #{i}: #{rows}"

      assert_equal by_hand(cords, rows * 2), course.order(2), why
      checked(course, cords, why)
    end
  end

  # A cord is in no two knots at once; what it takes is no less than its way; it never goes back up.
  def checked(course, cords, why)
    cords.each_index do |cord|
      passes = course.passes_of(cord, 2)

      passes.each_cons(2) { |one, other| assert_operator other.enters[1], :>=, one.leaves[1] - 1e-9, why }
      passes.each do |pass|
        across, down = pass.leaves.zip(pass.enters).map { |a, b| a - b }

        assert_operator pass.mm, :>=, (Math.hypot(across, down) * 0.98) - 1e-9, why
        assert_operator pass.gap_mm, :>=, 0, why
      end
    end

    passed = cords.each_index.sum { |cord| course.passes_of(cord, 2).size }

    assert_equal course.placed.sum { |knot| knot.cords.size }, passed
  end

  # Repeats that stand as the one before are copied: they are what they are laid one by one, as where beads might tell
  # them from each other.
  def test_copied_as_laid
    none = Struct.new(:none) { def at(_number) = nil }.new
    chance = Random.new(seed = Random.new_seed % 100_000)
    panels = SETTLING.map { |rows| [8, Meander::Crafts::Knotting::Layout.plain(Meander::Knot::Notation.read(rows))] } +
      Array.new(40) { [chance.rand(4..9), random_rows(chance, 4)] }
    copied = panels.each_with_index.map do |(count, rows), i|
      cords, gauge = [1.0] * count, Meander::Knot::Gauge.new
      spacing_mm = Meander::Knot::Spacing.call(cords, rows, gauge)
      quick, slow = [nil, none].map { |beads| Course.new(cords, rows, gauge, spacing_mm:, beads:).lay(7) }
      why = "seed #{seed}, panel #{i}: #{rows}"

      assert_equal [slow.order(7), slow.knots(7)], [quick.order(7), quick.knots(7)], why
      assert_in_delta slow.length_mm(7), quick.length_mm(7), 1e-6, why
      alike(quick, slow, cords.size, why)
      quick.instance_variable_defined?(:@settled)
    end

    assert_equal SETTLING.map { true }, copied.first(SETTLING.size)
  end

  # Patterns that bring their cords back to where they were.
  SETTLING = ["s4 s4; -2 s4", "b8>; b8<", "v8>; v8<; s4 s4", "e4 e4 x2", "~5 o8; w8/3"].freeze

  def alike(quick, slow, cords, why)
    figures = ->(pass) {
      [pass.knot.number, pass.place, *[*pass.enters, *pass.leaves, pass.mm, pass.gap_mm].map { |mm|
        mm.round(6)
      }]
    }
    cords.times do |cord|
      one, other = [quick, slow].map { |course| course.passes_of(cord, 7).map(&figures) }

      assert_equal other, one, why
    end
  end

  # Laid further, what was laid before stays.
  def test_it_is_laid_further
    rows = [{knots: [{kind: "square", hand: "left", cords: 4, times: 1, turns: 1}], gap: 0.0, times: 1}]
    near, far = [3, 30].map do |count|
      Course.new([1.0] * 4, rows, Meander::Knot::Gauge.new, spacing_mm: 1.5).lay(count).length_mm(3)
    end

    assert_equal near, far
  end

  # The ways of a section's cords are its cuts: knots, ways between, mount and tails, in every place they are told.
  def test_cuts_are_the_ways_of_the_cords
    plan = Meander.plan(knotted("s4> s4>; -2 s4>", cords: 8, count: 5,
      mount: {"kind" => "head", "over" => size("2 mm")}, "margin" => 0.0))
    section = plan.sections.first
    legs = section.base.each_index.map { |number| section.run_mm(number) }

    plan.runs.each_with_index do |run, i|
      # Both legs and two tails of 100 mm.
      assert_in_delta legs[2 * i] + legs[(2 * i) + 1] + 200, run.cut_mm, 1.0
    end
    told = section.knot[:wires].map { |cord| cord[:run_mm] }

    legs.zip(told) { |mm, said| assert_in_delta mm, said, 1e-9 }
    csv = Meander.csv(plan)

    plan.runs.each { |run| assert_includes csv, run.cut_mm.to_s }
  end
end
