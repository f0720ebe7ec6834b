# frozen_string_literal: true

require_relative "../../test_helper"
require_relative "../../support/near_lines"

# The ways stitches are drawn by: every loop holds what it is worked into, and no wire lies in another.
class CellsTest < Minitest::Test
  Crochet = Meander::Crochet
  KINDS = %w[single half double].freeze
  WAYS = %w[rows rounds].freeze
  # Hooks in wires: of the tables, between them, and beyond.
  HOOKS = [4.0, 5.0, 6.0, 7.0, 8.5, 10.0, 12.0, 16.0].freeze

  def cells(hook, way, **swatch) = Crochet::Cells.new(Crochet::Gauge.new(hook, 1.0, **swatch), way)

  # A place of the row above, seen from a stitch of the row below that it is worked into.
  def above(cells, kind, way)
    shift, tall = cells.shift(kind), cells.height_mm(kind)
    return ->((x, y, z)) { [x + shift.along, y + tall, z] } if way == "rounds"

    ->((x, y, z)) { [shift.along - x, y + tall, shift.out - z] }
  end

  def moved(line, mm) = line.map { |x, y, z| [x + mm, y, z] }

  # Every stitch ends where the next one begins, a stitch on.
  def test_stitches_follow_each_other
    KINDS.product(WAYS, HOOKS) do |kind, way, hook|
      line = cells(hook, way).stitch(kind)

      line.first.zip(line.last).each_with_index do |(one, other), axis|
        assert_in_delta one + (axis.zero? ? 1.3 * hook : 0), other, 0.02, "#{kind} #{way} #{hook}"
      end
    end
  end

  # What a foot holds: it goes down before two wires of the row below and comes up behind them, twice, as the loop is
  # drawn through; read off as how often those pierce the surface within each leg, with their signs.
  def test_every_foot_holds_two_wires_of_the_row_below
    KINDS.product(WAYS, [5.0, 7.0, 10.0]) do |kind, way, hook|
      own = cells(hook, way)
      line = own.stitch(kind)
      lift = above(own, kind, way)
      legs(line).each do |leg|
        foot = leg.map { |i| lift[line[i]] }
        through = (-2..3).flat_map { |j| pierced(foot, moved(line, j * 1.3 * hook)) }

        assert_equal [true, 0], [through.size >= 2, through.sum], "#{kind} #{way} #{hook}: a leg holds #{through}"
      end
    end
  end

  # Over a lattice no two wires come nearer than they are thick, but for what lies between the tables; the worst is
  # told.
  def test_no_wire_lies_in_another
    worst = KINDS.product(WAYS).to_h do |kind, way|
      least = HOOKS.map { |hook| [lattice_clear(kind, way, hook), hook] }
      [[kind, way], least.min]
    end
    puts "\nnearest, in wires (at a hook of so many): " \
         "#{worst.map { |(kind, way), (mm, hook)| "#{kind} #{way} #{mm.round(2)} (#{hook})" }.join(", ")}"

    HOOKS.values_at(0, 1, 3, 5, 7).product(KINDS, WAYS) do |hook, kind, way|
      assert_operator lattice_clear(kind, way, hook), :>=, (hook > 10) ? 0.8 : 0.95, "#{kind} #{way} #{hook}"
    end
    assert_operator worst.values.map(&:first).min, :>=, 0.75
  end

  # A stitch beside others, and one of the row above.
  def lattice_clear(kind, way, hook)
    (@clear ||= {})[[kind, way, hook]] ||= begin
      own = cells(hook, way)
      line, s = own.stitch(kind), 1.3 * hook
      lift = above(own, kind, way)
      below = (-2..2).flat_map { |j| moved(line, j * s).drop((j == -2) ? 0 : 1) }
      row = NearLines.least([below], along: 2.6, within: 2.0)
      [row, *(-1..1).map { |j| between(below, line.map { |point| lift[point] }, j * s) }].min
    end
  end

  def between(below, line, off)
    over = moved(line, off).each_cons(2).to_a
    below.each_cons(2).flat_map { |r, s|
      over.filter_map { |p, q| NearLines.apart(p, q, r, s) if p.zip(r).all? { |a, b| (a - b).abs < 5 } }
    }.min || 9.0
  end

  # The two legs of a foot, by the numbers of their points: from above the row below down and up to the top of the loop
  # between them, and on from there.
  def legs(line)
    low = line.map { |point| point[1] }.min
    runs = line.each_index.select { |i| line[i][1] < low + 1.7 }.chunk_while { |a, b| b == a + 1 }
      .map { |run| run.min_by { |i| line[i][1] } }
    one, other = runs.first, runs.last
    top = (one..other).max_by { |i| line[i][1] }
    from = one.downto(0).take_while { |i| line[i][1] < low + 3.6 }.last
    to = (other...line.size).take_while { |i| line[i][1] < low + 3.6 }.last
    [(from..top), (top..to)]
  end

  # The signs with which a line goes through the fan of triangles that a ring of points spans.
  def pierced(ring, line)
    middle = (0..2).map { |axis| ring.sum { |point| point[axis] } / ring.size }
    fan = ring.each_index.map { |i| [middle, ring[i], ring[(i + 1) % ring.size]] }
    line.each_cons(2).flat_map { |p, q| fan.filter_map { |corners| sign(p, q, *corners) } }
  end

  def sign(p, q, a, b, c)
    normal = cross(NearLines.minus(b, a), NearLines.minus(c, a))
    from, to = [p, q].map { |point| NearLines.dot(normal, NearLines.minus(point, a)) }
    return if (from * to) >= 0

    share = from / (from - to)
    place = p.zip(q).map { |x, y| x + (share * (y - x)) }
    inside = [[a, b], [b, c], [c, a]].all? do |u, v|
      NearLines.dot(normal, cross(NearLines.minus(v, u), NearLines.minus(place, u))) >= 0
    end
    (to.positive? ? 1 : -1) if inside
  end

  def cross(a, b)
    [(a[1] * b[2]) - (a[2] * b[1]), (a[2] * b[0]) - (a[0] * b[2]), (a[0] * b[1]) - (a[1] * b[0])]
  end
end
