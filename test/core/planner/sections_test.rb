# frozen_string_literal: true

require_relative "../../test_helper"
require_relative "../../support/sections"
require_relative "../../support/trays"

# Pieces put together from sections: lengths along every wire, what stands where, what is planned again.
class BuiltTest < PieceTest
  include Sections
  include Trays

  Trace = Meander::Form::Trace

  # Parts add up to what is cut, in whole millimetres upwards; marks lie in order on the wire.
  def test_cuts_add_up
    each_built do |plan, said|
      plan.runs.each do |cut|
        assert_in_delta cut.total_mm, cut.parts.sum(&:mm), 1e-9, said
        assert_includes 0.0...1.0, cut.cut_mm - cut.total_mm + 1e-6, said
        places = cut.marks.map { |mark| mark.at_mm.round(6) }

        assert_equal places.sort, places, "#{said}: #{cut.marks.map(&:words)}"
        assert_operator cut.marks.last&.at_mm.to_f, :<=, cut.total_mm + 1e-6, said
        assert_operator cut.marks.first.at_mm, :>=, cut.parts.first.mm - 1e-6, said if cut.marks.any?
      end

      assert_equal plan.piece.wires.select(&:base?).map(&:id).sort, plan.runs.map { |cut| cut.wire.id }.sort, said
    end
  end

  # What a wire runs in a section is the length of its way as drawn, but for the chords of what is round; a crocheted
  # one is followed along its rows alone, a knotted one from knot to knot.
  def test_runs_are_the_ways_drawn
    each_built do |plan, said|
      plan.sections.reject { |section| section.off_spool? || section.knot }.each do |section|
        section.base.each_index do |wire|
          assert_in_epsilon section.run_mm(wire), Trace.polyline_mm(section.trace(wire)), 3e-3,
            "#{said}, #{section.id} #{section.words}"
        end
      end
    end
  end

  # Where a wire enters or leaves a section it stops in.
  def edge(plan, stop, which)
    trace = stop.section.trace(stop.number)
    plan.pose(stop.section).at((stop.visit.public_send(which) == "end") ? trace.last : trace.first)
  end

  # A wire leaves one section and enters the next without a gap, and its bare way between is drawn from the one to the
  # other.
  def test_wires_go_on_without_a_gap
    each_built do |plan, said|
      plan.runs.each do |run|
        run.stops.each_cons(2).zip(run.ways) do |(from, to), way|
          next if from.section == to.section

          leaves, enters = edge(plan, from, :leaves), edge(plan, to, :enters)
          ends = way.empty? ? [leaves, enters] : [way.first, way.last]

          assert_in_delta 0.0, Trace.polyline_mm([leaves, ends[0]]), 0.12, "#{said}, #{from.section.id}"
          assert_in_delta 0.0, Trace.polyline_mm([enters, ends[1]]), 0.12, "#{said}, #{to.section.id}"
        end
      end
    end
  end

  # The same piece gives the same plan, and a plan goes out as JSON with nothing that is no number. One in five is
  # planned again: of demo pieces by the last letter of their names, of random ones by the last digit of their seed.
  AGAIN = %w[t 3 7].freeze

  def test_a_plan_is_the_same_again
    each_built do |plan, said|
      json = JSON.generate(answer(plan))

      if AGAIN.include?(said[-1])
        assert_equal json,
          JSON.generate(answer(Meander::Planner::PlanPiece.call(plan.piece, questions: plan.questions))), said
      end

      refute_match(/NaN|Infinity/, json, said)
      assert_operator plan.mass_g, :>, 0, said
    end
  end

  # Bent edgewise the wires differ by s times the angle, and the order of work says which needs more.
  def test_a_bend_steps_its_ends
    plan = plan(
      put_together([woven("s1", %w[w1 w2], {kind: "arc", radius: 25.0, towards: "far"})],
        wires: [base("w1"), base("w2"), weaving])
    )
    section = plan.sections.first
    spread = section.layout.frame.centres.then { |centres| centres.last - centres.first }

    assert_in_delta spread * section.length_mm / 25, section.run_mm(0) - section.run_mm(1), 1e-9
    assert_equal [0, 1], section.longer.keys
    assert_in_delta 0.0, section.longer.values.sum, 1e-9
    assert(answer(plan)[:order].any? { |step|
      step[:kind] == "bend" && step[:words].match?(/more wire is taken up, [\d.]+ mm of the near wire/)
    })
  end

  # A bare bend between two sections: the outer wire runs s times the angle further, too.
  def test_a_bare_bend_steps_its_ends
    plan = plan(
      put_together([woven("s1", %w[w1 w2]), woven("s2", %w[w1 w2], at: after("s1", bare: 12.0, turn: 60))],
        wires: [base("w1"), base("w2"), weaving])
    )
    between = plan.runs.map { |run| run.parts.find { |part| part.kind == "between" }.mm }
    spread = plan.sections.first.layout.frame.centres.then { |centres| centres.last - centres.first }

    assert_in_delta spread * Math::PI / 3, between[0] - between[1], 0.02
    assert_in_delta 12.0, between.sum / 2, 0.02
  end

  # Nothing turned: the bare stretch is as long as it was asked for.
  def test_a_straight_bare_stretch
    plan = plan(
      put_together([woven("s1", %w[w1 w2]), woven("s2", %w[w1 w2], at: after("s1", bare: 7.0))],
        wires: [base("w1"), base("w2"), weaving])
    )

    plan.runs.each { |run| assert_in_delta 7.0, run.parts.find { |part| part.kind == "between" }.mm, 1e-9 }
    assert_in_delta plan.sections.first.length_mm + 7, plan.placed.poses["s2"].y, 1e-9
  end

  # Sections kept from other pieces tell nothing of those: in whatever order pieces are planned that share sections with
  # each other but differ in what stands beside them, each comes out as if it were planned alone.
  def test_what_is_kept_is_no_other_pieces
    bracelet = JSON.parse(JSON.generate(Meander.start("bracelet")))
    ring = {"id" => "f1", "kind" => "jump_rings", "on" => ["e1"], "inside" => size("4 mm"), "wire" => size("0.8 mm"),
      "metal" => "sterling", "count" => 2, "flat" => false}
    stitched = with_beads(document("cuff"), placed("surface", count: 0, weaving: "w3"))
    pieces = [bracelet, bracelet.merge("findings" => [ring]), document("cuff"), stitched, document("ring"),
      *demo_bands.first(2)]
    seed = Random.new_seed % 100_000
    kept = Meander::Kept.new(40)

    (pieces * 2).shuffle(random: Random.new(seed)).each do |json|
      alone, among = plan(json), plan(json, kept:)

      assert_equal answer(alone), answer(among), "seed #{seed}: #{json["name"]}"
      drawn = among.strip_picture
      wires = [*drawn.rods, *drawn.strands, *drawn.placements].map { |one| one[:wire] }

      assert_empty wires - drawn.colours.keys, "seed #{seed}: #{json["name"]} has wires of no colour"
    end
  end

  # Only what changed is planned again, and its weaving wire alone changes.
  def test_only_what_changed_is_planned_again
    kept = Class.new do
      attr_reader :asked

      def fetch(key) = (@found ||= {}).fetch(key) { (@asked = @asked.to_i + 1) && @found[key] = yield }
    end.new
    json = put_together([woven("s1", %w[w1 w2], {kind: "drop", length: 20.0, width: 8.0, open: 1.0}),
      woven("s2", %w[w3 w4], {kind: "leaf", length: 22.0, width: 7.0, open: 1.0},
        at: {"kind" => "mirror", "section" => "s1"})],
      wires: [*%w[w1 w2 w3 w4].map { |id| base(id) }, weaving])
    before = plan(json, kept:)
    put_in(json, %w[sections 1 form width], size("7.5 mm"))
    after = plan(json, kept:)

    assert_equal 3, kept.asked
    assert_same before.sections[0], after.sections[0]
    refute_in_delta before.sections[1].strip.account.path_mm, after.sections[1].strip.account.path_mm, 1.0
    put_in(json, %w[sections 1 at], {"kind" => "first", "turn" => 90})

    assert_equal [after.sections[1].strip.account.path_mm, 3],
      [plan(json, kept:).sections[1].strip.account.path_mm, kept.asked]
  end

  # A mirrored section is the first seen in a mirror: the same lengths, every place on the other side of the upright
  # axis.
  def test_a_mirror_image
    sections =
      [woven("s1", %w[w1 w2], {kind: "crescent", length: 30.0, width: 6.0, open: 2.0, radius: 20.0, towards: "near"},
        at: {"kind" => "first", "turn" => 40}),
        woven("s2", %w[w3 w4], {kind: "crescent", length: 30.0, width: 6.0, open: 2.0, radius: 20.0, towards: "near"},
          at: {"kind" => "mirror", "section" => "s1"})]
    plan = plan(put_together(sections, wires: [*%w[w1 w2 w3 w4].map { |id| base(id) }, weaving]))

    [0, 1].each do |wire|
      left, right = %w[s1 s2].map do |id|
        plan.sections.find { |s| s.id == id }.trace(wire).map { |point| plan.placed.poses[id].at(point) }
      end

      left.zip(right) { |(x, y), (mirrored, same)| assert_in_delta(0.0, (x + mirrored).abs + (y - same).abs, 1e-9) }
    end

    assert_equal(*plan.runs.map(&:cut_mm).each_slice(2).to_a)
  end

  # Sections beside each other keep their distance, and concentric ones the same middle.
  def test_one_inside_the_other
    sections = [woven("s1", %w[w1 w2], {kind: "arc", radius: 40.0, towards: "far"}),
      woven("s2", %w[w3 w4], {kind: "arc", radius: 30.0, towards: "far"},
        at: {"kind" => "beside", "section" => "s1", "across" => size("10 mm"), "along" => size("0 mm"),
          "side" => "far"})]
    plan = plan(put_together(sections, wires: [*%w[w1 w2 w3 w4].map { |id| base(id) }, weaving]))
    centre = [40.0, 0.0]

    plan.sections.zip([40.0, 30.0]) do |section, radius|
      (0..4).each do |i|
        assert_in_delta radius,
          Math.hypot(
            *plan.placed.poses[section.id].at(section.way.at(section.length_mm * i / 4, 0.0, 0.0)).first(2).zip(centre)
              .map { |a, b| a - b }
          ), 1e-9
      end
    end
  end
end
