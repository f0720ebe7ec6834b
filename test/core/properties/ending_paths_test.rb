# frozen_string_literal: true

require_relative "../../test_helper"
require_relative "../../support/sections"

# What every ending must hold to, for random sizes on random wires.
class EndingPathsTest < PieceTest
  include Sections

  SIZE = Meander::Units::Size
  # Kind => its values for random sizes, and how many wires it takes.
  KINDS = {
    "loop" => [->(r) { {inside: r.rand(2.0..9.0), wraps: r.rand(1..6), turns: r.rand(1..3)} }, 1..2],
    "hook" => [->(r) { {inside: r.rand(2.0..9.0), shank: r.rand(5.0..15.0), wraps: r.rand(1..5)} }, 1..2],
    "eye" => [->(r) { {inside: r.rand(1.0..6.0)} }, 1..1],
    "curl" => [->(r) { {inside: r.rand(0.5..4.0), turns: r.rand(1..6)} }, 1..1],
    "post" => [->(r) { {length: r.rand(8.0..20.0)} }, 1..1],
    "bail" => [lambda { |r|
      {inside: r.rand(2.0..8.0), wraps: r.rand(1..5), bound: %w[round between].sample(random: r)}
    }, 1..3],
    "wrap" => [->(r) { {wraps: r.rand(1..5)} }, 1..3],
    "doubled_hook" => [->(r) { {inside: r.rand(2.0..8.0), shank: r.rand(6.0..15.0), wraps: r.rand(1..5)} }, 1..1],
    "tuck" => [->(r) { {length: r.rand(2.0..15.0)} }, 1..3],
    "coil" => [->(r) { {inside: r.rand(1.0..6.0), turns: r.rand(1..20)} }, 1..1],
    "ribbon" => [->(r) { {wide: 9.0, thick: 3.0, depth: r.rand(4.0..12.0), length: 14.0, glued: r.rand < 0.5} }, 1..4],
    "fold" => [->(r) { (r.rand < 0.5) ? {ring: r.rand(2.0..9.0)} : {lean: r.rand(0.0..1.57)} }, 2..2]
  }.freeze
  ROUNDS_EACH = 15

  def wire(id, mm) = Meander::Document::Wire.new(id:, use: "base", size: SIZE.of(mm), metal: "copper", temper: "soft")

  def each_ending
    seed = Random.new_seed % 100_000
    random = Random.new(seed)
    KINDS.each do |kind, (sizes, wires)|
      ROUNDS_EACH.times do
        mm = random.rand(0.5..1.4).round(2)
        fields = sizes.call(random).to_h do |key, value|
          [key, (value.is_a?(Float) && key != :lean) ? SIZE.of(value.round(2)) : value]
        end
        count = random.rand(wires)
        own = Array.new(count) { |i| wire("w#{i}", mm) }
        centres = Array.new(count) { |i| (i * (mm + 0.4)).round(3) }
        fields = {kind:, **fields}
        yield Meander::Endings::Registry.build(fields, numbers: [*0...count], wires: own, centres:, weaving_mm: 0.3),
          fields, own, "seed #{seed}: #{kind} of #{count} x #{mm} #{fields}"
      end
    end
  end

  # The wire it costs is the way that is drawn, begun where the wire leaves its section, in one piece.
  def test_the_wire_is_the_way_drawn
    each_ending do |ending, fields, own, said|
      assert_equal [*0...own.size], ending.strands.keys.sort, said
      ending.strands.each do |id, strand|
        points = strand.points
        next if points.empty?

        assert_in_epsilon strand.length, Meander::Curve::Strand.polyline_length(points), 0.004, said
        assert_in_delta 0.0, points.first[1], 1e-9, said
        assert_in_delta 0.0, points.first[2], 1e-9, said
        assert_equal id, ending.strands.key(strand)
      end
      assert_kind_of String, fields[:kind]
    end
  end

  # Where a bail is bound between its wires, the binding crosses each of them in front and behind, touches them, and
  # lies clear of itself; of two it takes the wire of so many figure-eights.
  def test_a_bail_bound_between_its_wires
    [2, 3, 4].product([0.0, 0.5, 2.5], [1, 4]).each do |count, clear, wraps|
      mm = 0.8
      own = Array.new(count) { |i| wire("w#{i}", mm) }
      centres = Array.new(count) { |i| i * (mm + clear) }
      ending = Meander::Endings::Registry.build({kind: "bail", inside: SIZE.of(4.0), wraps:, bound: "between"},
        numbers: [*0...count], wires: own, centres:)
      bound = evenly(ending.strands[0].parts.last.points, 0.08)
      legs = ending.strands.values.map { |strand| strand.parts.first.points.last[0] }
      said = "#{count} wires #{clear} apart, #{wraps} times"

      assert_in_delta mm, bound.flat_map { |x, _, z| legs.map { |leg| Math.hypot(x - leg, z) } }.min, 0.02, said
      legs.each do |leg|
        crossed = bound.each_cons(2).select { |one, other| (one[0] < leg) != (other[0] < leg) }
        faces = crossed.map { |one, _| one[2] <=> 0 }

        assert_equal [wraps, wraps], [faces.count(1), faces.count(-1)], said
      end
      assert_operator nearest(bound, 3 * mm, 0.08), :>=, 0.9 * mm, said
    end
  end

  # So far apart along a line, in mm.
  def evenly(points, step)
    points.each_cons(2).flat_map do |from, to|
      count = (Math.sqrt(from.zip(to).sum { |a, b| (b - a)**2 }) / step).ceil
      Array.new(count) { |i| from.zip(to).map { |a, b| a + ((b - a) * i / count) } }
    end
  end

  # Of places at least so far from each other along a line, the distance of the two nearest.
  def nearest(points, along, step)
    apart = (along / step).ceil
    (apart...points.size).map { |i|
      points.first(i - apart + 1).map { |other| Math.sqrt(other.zip(points[i]).sum { |a, b| (b - a)**2 }) }.min
    }.min
  end

  # A fold goes on as its wires come, and back as the other one goes, without a bump.
  def test_a_fold_leads_on_from_wire_to_wire
    each_ending do |ending, fields, _, said|
      next unless fields[:kind] == "fold" && fields[:lean] && !ending.head_on?

      points = ending.strands.values.first.points
      first, last = [points.first(2), points.last(2)].map { |(x, y), (u, v)| Math.atan2(v - y, u - x) }

      assert_in_delta (Math::PI / 2) - fields[:lean], first, 0.1, said
      assert_in_delta fields[:lean] - (Math::PI / 2), last, 0.1, said
    end
  end

  # It reaches no farther than its wire, and takes no less wire than it reaches.
  def test_what_an_ending_reaches
    each_ending do |ending, _, own, said|
      assert_operator ending.reach_mm, :>=, 0.0, said
      bought = ending.respond_to?(:body) ? ending.body : []
      outermost = (ending.strands.values.flat_map(&:points) + bought.flatten(1)).map { |point| point[1] }.max

      assert_operator ending.reach_mm, :<=, outermost + own.first.mm, said
      assert_operator ending.strands.values.map(&:length).max, :>=, outermost - 1e-6, said if bought.empty?
    end
  end

  # More of anything takes more wire.
  def test_more_of_it_takes_more_wire
    each_ending do |ending, fields, own, said|
      %i[wraps turns inside length shank ring].each do |key|
        next unless fields.key?(key) && fields[key]
        next if fields[:kind] == "ribbon" && key == :length # bought
        next if fields[:kind] == "hook" && key == :wraps && own.size == 1 # nothing binds it

        more = fields[key].is_a?(Integer) ? fields[key] + 1 : SIZE.of(fields[key].mm + 1.0)
        centres = Array.new(own.size) { |i| (i * (own.first.mm + 0.4)).round(3) }
        grown = Meander::Endings::Registry.build({**fields, key => more}, numbers: [*0...own.size], wires: own,
          centres:, weaving_mm: 0.3)

        assert_operator grown.strands.values.sum(&:length), :>, ending.strands.values.sum(&:length), "#{said}: #{key}"
      end
      refute_empty ending.words
    end
  end

  # On a piece each of them is cut, marked where it begins and ends, and told as a step.
  def test_endings_on_a_piece
    one = {"eye" => {"inside" => size("2 mm")}, "curl" => {"inside" => size("1 mm"), "turns" => 2},
      "post" => {"length" => size("12 mm")}, "coil" => {"inside" => size("2 mm"), "turns" => 4},
           "doubled_hook" => {"inside" => size("3 mm"), "shank" => size("7 mm"), "wraps" => 2},
           "tuck" => {"length" => size("4 mm")}, "loop" => {"inside" => size("3 mm"), "wraps" => 2},
           "hook" => {"inside" => size("3 mm"), "shank" => size("7 mm"), "wraps" => 2}}
    one.each do |kind, fields|
      json = put_together([bent("s1", "w1", {kind: "line", length: 30.0})], wires: [base("w1")],
        endings: [{"id" => "e1", "kind" => kind, "side" => "end", "wires" => ["w1"], **fields}])
      made = plan(json)
      ending = made.ends.of_base.first
      part = made.runs.first.parts.find { |found| found.kind == "ending" && found.mm.positive? }

      assert_in_delta ending.strands[0].length, part.mm, 1e-9, kind
      assert_equal ["start", "end"].map { |at| "#{at} of the #{made.piece.endings.first.noun}" },
        made.runs.first.marks.map(&:words).last(2)
      assert(order(made).any? { |step| step.words.start_with?("At the end, ") && step.words.include?("the wire") },
        kind)
    end
  end
end
