# frozen_string_literal: true

require_relative "../../../test_helper"
require_relative "../../../support/rims"

# Cords closed round something, as a net about a stone: the last hangs beside the first.
class KnottedRoundTest < Minitest::Test
  include Knots

  RING, NET = Rims::Rows::RING, Rims::Rows::NET

  def net(...) = Rims::Rows.net(...)

  # All the way round an ellipse, against Ramanujan's second formula (within 1e-6 for axes up to 3 to 1) and the
  # circle; its places lie on it, as far from each other as they are told.
  def test_the_way_round
    oval = Meander::Form::Oval
    [[30.0, 20.0], [20.0, 20.0], [10.0, 30.0]].each do |across, deep|
      a, b = across / 2, deep / 2
      h = ((a - b) / (a + b))**2

      assert_in_epsilon Math::PI * (a + b) * (1 + (3 * h / (10 + Math.sqrt(4 - (3 * h))))), oval.round_mm(across, deep),
        1e-5
      one = oval.new(across, deep)
      steps = (0..3000).map { |i| one.at(one.round_mm * i / 3000) }
      far = steps.each_cons(2).map { |(x, z), (to_x, to_z)| Math.hypot(to_x - x, to_z - z) }

      steps.each { |x, z| assert_in_delta 1.0, ((x / a)**2) + ((z / b)**2), 1e-9 }
      far.each { |mm| assert_in_epsilon one.round_mm / 3000, mm, 0.005 }
    end
  end

  # Over its join it is knotted as elsewhere: every cord in as many knots, the last of a row in cords of both ends, and
  # as long as its neighbour of the same kind.
  def test_a_net_has_no_edges
    section = made(net)
    last = section.placed.select { |knot| knot.row == 1 }.map { |knot| knot.cords.sort }.last

    assert_equal [0, 1, 14, 15], last
    assert_equal [8], section.base.each_index.map { |number| section.passes(number).size }.uniq
    section.base.each_index do |number|
      assert_in_delta section.knotted_mm((number + 4) % 16), section.knotted_mm(number), 1e-9
    end
    assert_equal (0..15).to_a, section.course.order(section.repeats).sort
  end

  # It is knotted as a flat panel is whose cords hang as far apart, away from that one's edges.
  def test_it_takes_what_a_panel_takes
    closed = made(net)
    flat = made(knotted(NET.gsub(";", " s4 s4;").concat(" s4"), cords: 24, mount: RING,
      spacing: size("#{closed.layout.spacing_mm.round(3)} mm")))

    (0..3).each { |i| assert_in_delta flat.knotted_mm(8 + i), closed.knotted_mm(8 + i), 0.02 }
    assert_in_delta flat.made_mm, closed.made_mm, 0.02
  end

  # Its knots lie on the outside of what it goes round and nowhere in it, on all sides; as wide and as deep as told.
  def test_it_lies_round_what_it_holds
    {["30 mm", "20 mm"] => [15.0, 10.0], ["24 mm", "40 mm"] => [12.0, 20.0]}.each do |(across, deep), (a, b)|
      plan = Meander.plan(net(across:, deep:))
      section = plan.sections.first
      points = section.finished.groups.flat_map(&:points).flatten(1)
      low, high = points.map(&:first).minmax

      # Cords of 1 mm, whose middle is half of that off: within a tenth of a cord, as they are drawn by chords.
      points.each { |x, _, z| assert_operator ((x / (a + 0.35))**2) + ((z / (b + 0.35))**2), :>, 1 }
      assert_in_delta section.width_mm, high - low + 1, 0.3
      assert_in_delta section.thickness_mm, points.map(&:last).minmax.then { |near, far| far - near + 1 }, 0.3
      assert_equal (2 * a) + 6, section.width_mm
      quarters = points.map { |x, _, z| [x.positive?, z.positive?] }.tally.values

      assert_operator quarters.min, :>, 0.8 * quarters.max
    end
  end

  def test_beads_lie_on_both_sides
    rule = Meander.plan(net(beads: [{"every" => [2]}])).beads.first

    assert_equal [-1, 1], rule.lying.map(&:face).uniq.sort
    assert_equal 16, rule.count
  end

  def test_told
    told = Meander.steps(Meander.plan(net)).join("\n")

    assert_match(
      /in front of a ring \(1 mm thick, 82\.4 mm round\) that goes round what is 30 mm across and 20 mm deep/, told
    )
    assert_match(/Row 2: .*4 such beside each other; the last one closes the round, in places 15, 16, 1 and 2\./, told)
    assert_match(/as high all the way round/, told)
    assert_match(/fasten 16 cords side by side all the way round what is 30 mm across/i,
      Meander.steps(Meander.plan(net(mount: nil))).join("\n"))
    answer = Meander.answer(Meander.plan(net))

    assert_in_delta Meander::Form::Oval.round_mm(33, 23), answer[:sections][0][:knot][:round_mm], 1e-9
    ids = ->(**fields) { Meander.answer(Meander.plan(net(**fields)))[:advice].map { |one| one[:id] } }

    assert_includes ids.call(tail: size("5 mm")), "knot-net-open"
    refute_includes ids.call(tail: size("16 mm")), "knot-net-open"
  end

  # Its mirror image is knotted by what is told of the other side, over the join too.
  def test_its_mirror_image
    json = net("-1 s3> s4< s4>; -2 h4 b4> d5<; -3 -1 s4 -1 s4 s4", cords: 14, mount: nil, count: 2)
    fields = Meander.read(json).piece.document[:sections].first
    beside = {"s1" => 14}
    craft = Meander::Crafts::Knotting::Craft
    twice = craft.mirrored(craft.mirrored(fields, beside), beside)
    once, again = [craft.mirrored(fields, beside), twice].map do |one|
      rows = JSON.parse(JSON.generate(Meander::Document::Plain.call(one[:rows])))
      knots_of(json.merge("sections" => [json["sections"].first.merge("rows" => rows)]))
    end

    assert_equal knots_of(json), again
    assert_equal knots_of(json).map { |kind, hand, from, many|
      [kind, (hand == "left") ? "right" : "left", (28 - from - many) % 14, many]
    }.sort, once.sort
  end

  def knots_of(json) = made(json).placed.map { |knot| [knot.kind, knot.hand, knot.from, knot.cords.size] }

  def test_what_does_not_close
    of = ->(rows = NET, **fields) { faults(net(rows, **fields)) }

    assert_empty of.call
    refused of.call("-2 s4 s4 s4 s4 s4"), "/sections/0/rows/0/knots/5", /does not close/
    refused of.call("s4 s4 s4 s6"), "/sections/0/rows/0/knots/3", /does not close/
    refused of.call(across: "6 mm", deep: "6 mm"), "/sections/0/round/across", /16 cords do not close round it/
    refused of.call(across: "8 mm", deep: "8 mm"), "/sections/0/round/across", /from a ring/
    refused of.call(spacing: size("9 mm")), "/sections/0/spacing", /says how far apart/
    refused of.call(hitched: size("2 mm")), "/sections/0/hitched", /no bar across/
    refused of.call(form: {"kind" => "ring"}), "/sections/0/form/kind", /not bent as well/
    refused of.call(mount: {**RING, "room" => size("90 mm")}), "/sections/0/mount/room", /how long the ring is/
    refused of.call(mount: {**RING, "over" => nil}), "/sections/0/mount/over", /nothing says how thick/
    refused of.call(across: "1 mm"), "/sections/0/round/across", /./
  end

  def refused(found, path, message)
    assert_equal [path], found.map(&:first)
    assert_match message, found.first.last
  end
end
