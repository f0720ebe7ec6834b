# frozen_string_literal: true

require_relative "../../../test_helper"
require_relative "../../../support/crochets"

# Crocheted sections of a piece: how far they reach, what they take, their beads, told alike everywhere.
class CrochetedTest < PieceTest
  include Crochets

  EVERY = ->(every, first = 0) { {"kind" => "every", "every" => every, "first" => first} }
  SHARE = ->(share, seed) { {"kind" => "share", "share" => share, "seed" => seed} }

  def made(json) = planned(json).sections.first

  def test_a_length_gives_whole_rows
    {cord(extent: {"kind" => "length", "length" => size("200 mm")}) => 51,
      band(extent: {"kind" => "length", "length" => size("30 mm")}) => 8,
      band(2, lying: "along", extent: {"kind" => "length", "length" => size("100 mm")}) => 26}.each do |json, count|
      one = made(json)

      assert_equal count, one.repeats
      assert_in_delta json["sections"][0]["extent"]["length"]["typed"].to_f, one.length_mm, one.layout.advance_mm / 2
    end
  end

  # A size asked for across gives the nearest number of stitches, and what is left.
  def test_a_width_gives_whole_stitches
    json = band
    json["sections"][0]["fabric"]["across"] = {"kind" => "size", "size" => size("30 mm")}
    told = made(json).crochet

    assert_equal 8, told[:breadth]
    assert_in_delta 30 - (8 * 3.9), told[:left_mm], 1e-9
  end

  # Path, a tenth more, two tails: no more and no less is cut; what is drawn tight is told beside it.
  def test_what_is_cut
    plan = planned(cord(60, beads: {mm: "6 mm", picks: [EVERY[[3], 2]]}))
    parts = plan.cut_list.first.parts.to_h { |words, mm| [words, mm] }
    run = plan.sections.first.run_mm(0)

    assert_equal [150.0, run * 0.1], [parts["tail"], parts["margin"]]
    assert_in_delta 1480, plan.cut_list.first.cut_mm, 20
    assert_equal (run * 1.1 + 300).ceil, plan.cut_list.first.cut_mm
    assert_operator plan.sections.first.used.least_mm(0), :<, run
    [Meander.steps(plan), Meander.csv(plan), Meander.words(plan)].each do |told|
      assert_match(/\b#{plan.cut_list.first.cut_mm}\b/, Array(told).join("\n"))
    end
    assert_includes plan.sections.first.advice(plan).map(&:id), "crochet-assumed"
  end

  # Wires in turn share the rows; together they take what one would, and what leads up past the others' rows.
  def test_wires_in_turn_share_the_rows
    one = made(band(6, 12)).run_mm(0)
    turns = made(band(6, 12, held: 2, turns: 2))
    up = turns.gauge.height_mm("single")

    # Rows 3, 4, 7, 8 are the other's between the first one's; rows 5, 6, 9, 10 lie between its own.
    assert_in_delta one + (8 * up), turns.run_mm(0) + turns.run_mm(1), 1e-6
    assert_equal 2, turns.base.size
    assert_in_delta made(band(6, 12, held: 2)).run_mm(0), made(band(6, 12, held: 2)).run_mm(1), 1e-9
  end

  # A swatch is what is planned with, and nothing is assumed any more.
  def test_a_swatch_takes_over
    swatch = {"over" => size("50 mm"), "stitches" => 16, "rows" => 15, "used" => size("7 m")}
    one = made(band(16, 15, swatch:))

    assert_in_delta 50, one.layout.shape.then { 16 * one.gauge.stitch_mm }, 1e-9
    assert_in_delta 7000, 240 * one.gauge.mm("single"), 1e-6
    assert_nil one.used.least_mm(0)
    refute_predicate one, :assumed?
    refute_includes one.advice(nil).map(&:id), "crochet-assumed"
  end

  # Beads strung in the order that is told come to the stitches that ask for them, whatever the chart: the last strung
  # is used first.
  def test_strings_come_out_right
    seed = Random.new_seed % 100_000
    chance = Random.new(seed)
    40.times do
      picks = [[SHARE[0.3, chance.rand(1000)], SHARE[0.2, 5], EVERY[[chance.rand(3..9)], chance.rand(0..5)]],
        [EVERY[[2, 3], 1]], [SHARE[1.0, 3]]].sample(random: chance)
      json = [cord(chance.rand(20..60), beads: {picks:}), band(5, chance.rand(2..8), beads: {picks:}),
        tube(7, 5, beads: {picks:}), band(5, 8, held: 2, turns: 1, beads: {picks:})].sample(random: chance)
      plan = planned(json)
      section = plan.sections.first
      strings = Meander::Beads::Stringing.call(plan.beads).to_h { |one| [one.share, one.runs] }
      work(section) do |wire, kind|
        runs = strings.fetch(wire)

        assert_equal kind, runs.last[0].id, "seed #{seed}"
        runs.last[1] -= 1
        runs.pop if runs.last[1].zero?
      end

      assert_empty strings.values.flatten(1), "seed #{seed}"
    end
  end

  # Every bead in the order of work: on which wire, and of which kind. Wires that take turns have their own.
  def work(section)
    section.layout.beading.spots(section.fabric).each do |spot|
      turns = section.section[:turns]
      wire = turns ? "wire #{(((spot.row - 1) / turns) % section.base.size) + 1}" : ""
      yield wire, section.layout.beading.kinds[spot.placement].id
    end
  end

  # A share drawn from its number is always the same, and about as large as it says.
  def test_chance_is_told_by_its_number
    spots = ->(seed) { made(band(20, 40, beads: {picks: [SHARE[0.25, seed]]})).crochet[:beads] }

    assert_equal spots[7], spots[7]
    refute_equal spots[7], spots[8]
    assert_includes 0.2..0.3, spots[7].size / 800.0
  end

  # Beads lie on the side away from the maker: of every second row in front.
  def test_beads_lie_where_they_are_seen
    plan = planned(band(4, 2, beads: {picks: [EVERY[[1]]]}))

    assert_equal [-1, 1], plan.beads.first.lying.map(&:face).each_slice(4).map { |row| row.uniq.first }
    assert_includes plan.sections.first.advice(plan).map(&:id), "crochet-bead-faces"
  end

  # A band worked into an edge and joined at its end is held, reaches from end to end, and is cut once.
  def test_a_band_between_woven_ends
    json = JSON.parse(File.read(File.join(ROOT, "demo/pieces/marram-band.json")))
    plan = planned(json)
    one, band, last = plan.sections

    assert_equal [[one.id, band.id], [band.id, last.id]], band.joins
    assert_equal 0, plan.fit.conflicts.size
    reached = one.length_mm + band.length_mm + last.length_mm + plan.ends.reach_mm

    assert_in_delta reached, plan.fit.strip_mm, 1e-6
    edge = Meander::Crochet::Gauge.new(2.2, 0.3)
    wanted = (5 * band.repeats * edge.mm("single")) + ((band.repeats - 1) * edge.mm("chain")) + (5 * edge.mm("slip"))

    assert_in_delta wanted + band.used.beads_mm, band.run_mm(0), 1e-6
  end

  # The same stitches stand in the picture as in the count, each drawn once for each place.
  def test_the_picture_has_every_stitch
    [cord(12), band(5, 4), tube(8, 5), typed("d 2c 2- d 2c 2- d 2c 2- d")].each do |json|
      plan = planned(json)
      section = plan.sections.first
      numbers = section.finished.groups.flat_map { |group| group.at.map(&:last) }.uniq
      cells = (section.layout.kind == "cord") ? 12 : section.cloth.each_cell.count

      assert_equal cells, numbers.size, section.words
      box = Meander::Output::InSpace.call(plan)[:lines].flat_map { |line| line[:points].each_slice(3).map { |_, y, _| y } }

      assert_operator box.max - box.min, :<, section.length_mm + 25
    end
  end

  # What is drawn is a taut way through the loops, what is planned as hands form them: never less, and not a quarter
  # more.
  def test_what_is_planned_covers_what_is_drawn
    across = {kind: "count", count: 12}
    stitches = %w[single half double treble]
    fabrics = stitches.flat_map do |stitch|
      [{kind: "band", stitch:, lying: "across", across:}, {kind: "tube", stitch:, rounds: "spiral", across:},
        {kind: "disc", stitch:, rounds: "spiral"}, {kind: "disc", stitch:, rounds: "closed"}]
    end
    found = fabrics.to_h do |fabric|
      section = made(crocheted(fabric, count: 6))
      drawn = section.cloth.each_cell.sum { |cell| Meander::Form::Trace.polyline_mm(section.cloth.line(cell.key)) }
      [fabric.values_at(:kind, :stitch, :rounds).compact.join(" "), drawn / section.run_mm(0)]
    end
    print "drawn of planned: #{found.map { |name, share| "#{name} #{share.round(2)}" }.join(", ")} "

    found.each { |name, share| assert_includes 0.78..1.0, share, name }
  end

  # How large a motif comes out is reckoned without making it, as it is made.
  def test_motifs_are_as_large_as_they_are_laid
    [{kind: "disc", more: 3, first: 7}, {kind: "disc"}, {kind: "oval", chains: 5, more: 7}, {kind: "oval", chains: 2},
      {kind: "cup", over: size("20 mm")}].product([1, 2, 5]) do |fields, rounds|
      same_as_laid(crocheted({stitch: "half", rounds: "spiral", **fields}, count: rounds))
    end
    same_as_laid(round_ring(3, {"kind" => "arc", "radius" => size("9 mm"), "angle" => 360, "towards" => "near"}))
    {"hole" => "s8; (s s2)4; 12d", "ring" => "8s; (s s2)4; 12d"}.each do |kind, text|
      same_as_laid(typed(text, begun: 8, kind:, way: "spiral", count: 3))
    end
  end

  def same_as_laid(json)
    made = planned(json).sections.last
    low, high = made.cloth.reach[1]

    assert_in_delta high - low, made.length_mm, 1e-9, json["sections"].last["fabric"].to_s
  end
end
