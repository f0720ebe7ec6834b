# frozen_string_literal: true

require_relative "../../../test_helper"
require_relative "../../../support/rims"

# Cords hung from, and crochet worked onto, a long edge of a woven section.
class EdgeTest < Minitest::Test
  include Rims

  def section(json) = Meander.plan(json).sections.last

  # As thick as the base wire with the weave round it where the gap has room for that and what passes, thinner by what
  # it has not: cut as from a bar, or a straight wire, of that.
  def test_cut_as_from_a_bar
    {"1.2 mm" => "1.2 mm", "1.05 mm" => "0.9 mm", "3 mm" => "1.4 mm"}.each do |clear, thick|
      bar, edge = Meander.plan(Cords.bar(thick)), Meander.plan(Cords.hung(clear:))

      assert_equal bar.runs.map { |run| run.total_mm.round(6) }, edge.runs.last(4).map { |run| run.total_mm.round(6) }
    end
    on_wire = Bands.round_wire(6, 3, Bands.straight(60), bar: "1.4 mm")

    assert_in_delta section(on_wire).run_mm(0), section(Bands.on_edge).run_mm(0), 1e-9
  end

  # It is the outermost base wire, from the start of the weave to its end, on either side, straight or bent.
  def test_lies_on_the_base_wire
    [{side: "near"}, {side: "far", form: ARC}, {side: "near", form: ARC}].each do |edge|
      plan = Meander.plan(Bands.on_edge(**edge))
      weave, made = plan.sections
      number = (edge[:side] == "far") ? 1 : 0
      from, to = weave.marks(number).values_at(0, 2)
      bar, pose = made.layout.bar, plan.placed.pose(made)

      assert_in_delta (to[0] - from[0]) / 2, bar.middle_mm, 1e-6
      on_edge = [-8.0, -2.5, 0.0, 6.0].map { |along|
        bar.place(along).then { |place|
          pose.at([place.x, place.y, 0.0])
        }
      }
      line = Meander::Form::Trace.fine(weave.trace(number), 0.01)

      on_edge.each { |x, y| assert_operator line.map { |a, b| Math.hypot(a - x, b - y) }.min, :<, 0.02, edge.to_s }
      away = pose.at([0.0, 5.0, 0.0]).first(2)
      other = weave.trace(1 - number).map { |x, y| Math.hypot(x - away[0], y - away[1]) }.min

      assert_operator other, :>, 5.5, "#{edge}: away from the other wire"
    end
  end

  # Heads lie round the outermost wire and pass between it and the one beside it, through neither.
  def test_heads_pass_between_the_wires
    ["1.05 mm", "1.2 mm", "2.5 mm"].each do |clear|
      plan = Meander.plan(Cords.hung(clear:))
      weave, made = plan.sections
      pose = plan.placed.pose(made)
      far, near = [1, 0].map { |number| weave.trace(number).first[0] }
      4.times do |pair|
        off = made.layout.mounting.line(pair).map { |point| pose.at(point) }

        assert_operator off.map { |x, _, z| Math.hypot(x - far, z) }.min, :>, 0.9 * (0.8 + 1) / 2, clear
        assert_operator off.map { |x, _, z| Math.hypot(x - near, z) }.min, :>, 0.9 * (0.8 + 1) / 2, clear
        assert_operator off.map(&:first).min, :<, far, "#{clear}: it goes round the edge"
      end
    end
  end

  # What is drawn before the weave and behind it stands in layers of its own.
  def test_drawn_over_the_weave
    layers = section(Cords.hung).finished.groups.map(&:layer)

    assert(layers.any? { |layer| layer > 6 })
    assert(layers.any? { |layer| layer < 3 })
    assert_operator section(Cords.bar("1.2 mm")).finished.groups.map(&:layer).max, :<, 6
  end

  def test_told
    plan = Meander.plan(Cords.hung(form: ARC, along: Cords.size("12 mm")))
    told = Meander::Output::Answer.call(plan)
    words = told[:order].map { |step| step[:words] }

    assert_includes words, "Section 2 hangs from the far edge of section 1."
    assert(words.any? { |one|
      one.include?("as many to either side of the place 12\u2060 mm from the start of the weave")
    })
    assert(words.any? { |one| one.include?("Open the wraps of the weave with an awl where a cord passes.") })
    assert_empty plan.runs.flat_map(&:marks).map(&:words).grep(/middle of section/)
    assert_empty told[:advice].map { |one| one[:id] } & %w[section-loose sections-overlap rim-crossed]
    woven = words.index { |one| one.start_with?("Weave ") }

    assert_operator woven, :<, words.index { |one| one.include?("fold 4 cords") }
  end

  # Two that take the same place on one edge, or wire, are told of each other; on either edge of a strip they are not.
  def test_two_on_one_rim
    reach = section(Cords.hung).layout.on_rim_mm.then { |from, to| to - from }
    {["far", 24] => reach - 12, ["far", (12 + reach + 0.3).round(1)] => nil, ["near", 24] => nil}
      .each do |(side, along), over|
      said = Meander::Advice::Council.call(Meander.plan(Cords.two(side, "#{along} mm"))).find { |one| one.id == "rim-crowded" }

      assert_equal over.nil?, said.nil?, "#{side} #{along}"
      assert_includes said.why, "they overlap by #{Meander::Units::Text.length(over)}" if said
    end
  end

  # What is kept of the one is told anew when the other changes.
  def test_told_anew_with_the_weave
    kept = Meander::Kept.new(20)
    over = %w[1.2 1.1].map do |clear|
      read = Meander::Document::PieceReader.call(Cords.hung(clear: "#{clear} mm"))
      Meander::Planner::PlanPiece.call(read.piece, questions: read.questions,
        kept:).sections.last.layout.mounting.over_mm
    end

    assert_in_delta 1.2, over[0], 1e-9
    assert_in_delta 1.0, over[1], 1e-9
  end

  # Where bare ends give, as on a wrist, it moves along with the weave that it hangs from.
  def test_bare_ends_that_give
    cuff = JSON.parse(JSON.generate(Meander.start("cuff")))
    cords = Cords.hung(clear: "1.2 mm", bare: {"length" => Cords.size("8 mm"), "gives" => true})
    piece = cords.merge(cuff.slice("kind", "worn", "pins"))
    piece["pins"] = piece["pins"].select { |pin| pin["quantity"] == "wrist" }
    plan = Meander.plan(piece)
    weave, made = plan.sections
    middle = weave.woven_from + (weave.strip.woven_mm / 2)

    refute_in_delta 8.0, weave.strip.bare_mm, 1.0
    assert_in_delta middle, plan.placed.pose(made).at([0.0, 0.0, 0.0])[1], 1e-6
    assert_equal Meander.plan(cords.merge("sections" => still(cords))).runs.last(4).map(&:total_mm),
      plan.runs.last(4).map(&:total_mm)
  end

  # The same with bare ends that do not give.
  def still(piece)
    first, *others = piece["sections"]
    [first.merge("bare" => {"length" => Cords.size("8 mm"), "gives" => false}), *others]
  end

  # How far it is woven is found by a pin.
  def found
    pin = {"id" => "p1", "quantity" => "woven", "section" => "s1", "length" => Cords.size("40 mm")}
    Cords.hung(extent: {"kind" => "free"}).merge("pins" => [pin])
  end

  # Rows as far from an edge that is not evenly bent all along, through gaps that change.
  def test_a_band_along_an_edge_that_bends
    frame = Rims::Bands::DROP
    [Bands.on_edge(spacing: opening), Bands.on_edge(form: frame)].each do |json|
      made = Bands.planned(json).sections.last
      places = (-80..80).map { |i| made.layout.bar.place(i / 4.0) }
      away = (-6..6).map do |across|
        x, y, = made.way.at(made.length_mm, across.to_f, 0.0)
        places.map { |place| Math.hypot(x - place.x, y - place.y) }.min
      end

      away.each { |mm| assert_in_delta made.length_mm, mm, 0.02 }
      assert_equal 3, made.repeats
    end
  end

  # A gap that opens from 1 to 3 mm.
  def opening
    stations = [[0, 1], [30, 3]].map { |at, clear|
      {"at" => Cords.size("#{at} mm"), "clear" => Cords.size("#{clear} mm")}
    }
    {"kind" => "changing", "ends" => "free", "stations" => stations}
  end

  def test_refused
    long = [Cords.hung(clear: "0.6 mm"), found,
      Cords.hung(form: {"kind" => "helix", "dowel" => Cords.size("12 mm"), "rise" => Cords.size("4 mm"),
        "hand" => "right"})]
    wanted = [["/sections/1/at/section", /at least 1.{1,2}mm, or something thinner/],
      ["/sections/1/at/section", /whose repeats, or length, are said/], ["/sections/1/at/section", /lies flat/]]
    long.zip(wanted) do |json, (path, accepted)|
      error = assert_raises(Meander::InvalidInput) { Meander.plan(json) }
      fault = error.faults.find { |one| one.path == path }

      assert fault, "#{path}: #{error.message}"
      assert_match accepted, fault.accepted
    end
  end
end
