# frozen_string_literal: true

require_relative "../../../test_helper"
require_relative "../../../support/travelling"

# Wraps round bundles of wires: their length against hulls of sampled circles and closed forms, where they lie, and what
# cannot be bound.
class BoundTest < PieceTest
  include Travelling

  Bundle = Meander::Crafts::Bundling::Bundle

  # The convex hull of points, the lower chain and the upper one (Andrew's monotone chain), and how long it is.
  def hull_mm(points)
    chain = ->(sorted) {
      sorted.each_with_object([]) do |(x, y), kept|
        kept.pop while kept.size > 1 && (((kept[-1][0] - kept[-2][0]) * (y - kept[-2][1])) -
          ((kept[-1][1] - kept[-2][1]) * (x - kept[-2][0]))) <= 0
        kept << [x, y]
      end
    }
    sorted = points.sort
    [sorted, sorted.reverse].sum { |one|
      chain.call(one).each_cons(2).sum { |(a, b), (c, d)|
        Math.hypot(c - a, d - b)
      }
    }
  end

  def test_once_round_any_bundle_is_the_hull_of_its_circles
    seed = rand(1_000_000)
    random = Random.new(seed)
    20.times do
      wire = random.rand(0.2..0.6)
      wires = Array.new(random.rand(1..6)) { [random.rand(-3.0..3.0), random.rand(-1.0..1.0), random.rand(0.5..1.5)] }
      circles = wires.flat_map do |x, z, mm|
        r = (mm + wire) / 2
        Array.new(720) { |k| [x + (r * Math.cos(Math::PI * k / 360)), z + (r * Math.sin(Math::PI * k / 360))] }
      end

      assert_in_epsilon hull_mm(circles), Bundle.new(wires, wire).round_mm, 1e-4, "seed #{seed}"
    end
  end

  # One wire: a circle; two alike: an open belt round two pulleys (any machine-design handbook); three in a row as two
  # with the one between.
  def test_closed_forms
    one, two = [0.0, 0.0, 0.8], [1.0, 0.0, 0.8]

    assert_in_delta Math::PI * 1.1, Bundle.new([one], 0.3).round_mm, 1e-9
    assert_in_delta (Math::PI * 1.1) + 2, Bundle.new([one, two], 0.3).round_mm, 1e-4
    far = [2.0, 0.0, 0.8]

    assert_in_delta Bundle.new([one, far], 0.3).round_mm, Bundle.new([one, two, far], 0.3).round_mm, 1e-9
    assert_in_delta 0.2, Bundle.new([one, two], 0.3).gap_mm, 1e-12
    assert_in_delta 1.2, Bundle.new([one, two, [3.0, 0.0, 0.8]], 0.3).gap_mm, 1e-12
  end

  # Two strips whose wires cross between them, and what is bound: [[section, side, seat, how far out], ...].
  def crossed(around, wraps: 3)
    json = travelling({"s1" => FIRST, "s2" => on("s1", bare: 24.0)}, [[["s1", 1], ["s2", 2]], [["s1", 2], ["s2", 1]]])
    told = around.map { |section, side, seat, out|
      {"section" => section, "side" => side, "seat" => seat, "out" => size("#{out.round(3)} mm")}
    }
    json["sections"] << {"id" => "s3", "craft" => "bind", "around" => told, "wraps" => wraps}
    json["wires"] << {"id" => "b1", "kind" => "k2",
"route" => [{"kind" => "visit", "section" => "s3", "seat" => "binding 1"}]}
    json
  end

  # Where wires cross they lie on each other: the binding goes round both, its cut is in every list, and nothing says
  # any more that the crossing is loose.
  def test_a_crossing_is_bound
    loose = plan(crossed([["s1", "end", 1, 1.0]]))
    at = answer(loose)[:crossings].first

    assert advice(loose, "ways-cross")
    plan = plan(crossed(at.map { |one| one.values_at(:section, :side, :seat, :out_mm) }, wraps: 4))
    bound = plan.sections.last

    assert_nil advice(plan, "ways-cross")
    assert_in_delta 0.0, bound.bundle.gap_mm, 0.02
    # One on the other: a belt round two pulleys that touch.
    assert_in_delta 4 * Math.hypot((Math::PI * 1.1) + (2 * 0.8), 0.3), bound.path_mm, 0.05
    own = plan.separate_lengths.first

    assert_equal ["binding", "binds 2 wires", 4], [own.kind, own.use, own.wraps]
    assert_includes plan.cut_list.map(&:cut_mm), own.cut_mm
    assert_includes Meander.csv(plan), own.cut_mm.to_s
    step = order(plan).find { |one| one.kind == "join" }

    assert_match(/\ACut #{own.cut_mm} mm of .* bind the near wire and the far wire, 12.* mm after section 1/,
      plain(step.words))
    assert_includes plain(step.words), "with 4 wraps"
  end

  # Its wraps lie outside all it binds, half their thickness and no more.
  def test_wraps_lie_on_what_they_bind
    bound = plan(crossed([["s1", "end", 1, 3.0], ["s1", "end", 2, 3.0]])).sections.last
    points = bound.bundle.outline
    wires = bound.members.map { |one| [one.place, one.wire.mm] }
    middle = wires.map(&:first).transpose.map { |all| all.sum / all.size }
    nearest = points.map do |x, z|
      wires.map { |(px, py, pz), mm| Math.hypot(x - ((px - middle[0]) * side(px, py, middle)), z - pz) - (mm / 2) }.min
    end

    nearest.each { |mm| assert_operator mm, :>=, 0.15 - 1e-3 }
    assert_in_delta 0.15, nearest.min, 1e-3
  end

  # Across the bundle, which runs up the piece here.
  def side(*) = 1

  def test_wires_that_stand_apart_are_told
    wide = crossed([["s1", "end", 1, 0.0], ["s1", "end", 2, 0.0]])
    wide["sections"].first(2).each do |one|
      one["spacing"] = {"kind" => "apart", "clear" => [size("5 mm")]}
      one["pattern"] = {"kind" => "walk", "gaps" => [0, 2], "before" => [], "after" => []}
    end

    assert_match(/stand 5 mm apart/, plain(advice(plan(wide), "binding-loose").title))
    assert_nil advice(plan(crossed([["s1", "end", 1, 0.0], ["s1", "end", 2, 0.0]])), "binding-loose")
  end

  def test_what_cannot_be_bound
    assert_refused "/sections/2/around/0/section", crossed([["s9", "end", 1, 1.0]]), /before it/
    assert_refused "/sections/2/around/0/seat", crossed([["s1", "end", 3, 1.0]]), /no such wire/
    assert_refused "/sections/2/around/1/seat", crossed([["s1", "end", 1, 1.0], ["s1", "end", 1, 2.0]]), /already/
    assert_refused "/sections/2/around/0/out", crossed([["s1", "end", 1, 999.0]])
  end
end
