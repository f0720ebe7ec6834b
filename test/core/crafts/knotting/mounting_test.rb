# frozen_string_literal: true

require_relative "../../../test_helper"
require_relative "../../../support/knots"

# Cords hung by their folds from a wire that is bent.
class MountingTest < Minitest::Test
  include Knots

  def section(json) = Meander.plan(json).sections.last
  def cuts(json) = Meander.plan(json).runs.drop(1).map(&:total_mm)

  # From a straight wire they are cut as from a bar as thick as it is; from a wide ring nearly so, from a narrow one
  # longer outside, where the wire turns away from the outer cords.
  def test_cut_as_from_a_bar
    bar = knotted("s4 s4 s4", cords: 12, mount: {"kind" => "head", "over" => size("1.2 mm"), "room" => nil})
    straight = hung("s4 s4 s4", {"kind" => "line", "length" => size("60 mm")}, cords: 12)
    wide, narrow = [[500, 40], [16, 200]].map { |radius, angle|
      cuts(hung("s4 s4 s4", hoop(radius, angle:), cords: 12))
    }
    of_bar = Meander.plan(bar).runs.map(&:total_mm)

    assert_equal of_bar.map { |mm| mm.round(9) }, cuts(straight).map { |mm| mm.round(9) }
    of_bar.zip(wide).each { |one, other| assert_in_delta one, other, 0.3 }
    assert_operator narrow.first, :>, of_bar.first + 1
    assert_operator narrow.sum, :>, of_bar.sum
  end

  # The leg of every cord goes on from where its head leaves it, straight to its first knot.
  def test_every_leg_is_followed
    [hung("s4 s4 s4 s4", hoop(18), cords: 16), hung("s4 s4", hoop(30), side: "near", cords: 8)].each do |json|
      made = section(json)
      made.base.each_index do |number|
        first = made.passes(number).first
        leg = Math.hypot(*first.enters.zip(made.layout.starts[number]).map { |to, from| to - from })

        assert_in_delta leg, first.gap_mm, 1e-9
        whole = made.layout.mounting.leg_mm(number)[1] + leg + first.mm

        assert_operator made.knotted_mm(number), :>=, whole
      end
    end
  end

  # As drawn, every head goes round the ring, and no cord runs into it: its middle stays as far away as both are thick.
  # Nearest as it is from a straight bar, 0.9 of touching.
  def test_heads_lie_round_the_wire
    radius = 18.0
    {"far" => 1, "near" => -1}.each do |side, out|
      json = hung("s4 s4 s4", hoop(radius), side:, cords: 12)
      plan = Meander.plan(json)
      made, wire = plan.sections.last, plan.sections.first
      pose, centre = plan.placed.pose(made), ring_centre(wire)
      6.times do |pair|
        points = made.layout.mounting.line(pair).map { |point| pose.at(point) }
        off = points.map { |x, y, z| [Math.hypot(x - centre[0], y - centre[1]) - radius, z] }
        near = off.map { |away, z| Math.hypot(away, z) }.min

        assert_operator near, :>, 0.9 * (1.2 + 1.0) / 2, "#{side}, head #{pair + 1}"
        assert_operator off.map(&:first).minmax.then { |low, high|
          low * high
        }, :<, 0, "#{side}: it goes round the wire"
        assert_operator out * off.first[0], :>, 1.0, "#{side}: its legs leave to that side"
      end
    end
  end

  # The middle of a ring from three of its points.
  def ring_centre(wire)
    points = wire.trace(0)
    [0, 1].map { |axis| points.map { |point| point[axis] }.minmax.sum / 2 }
  end

  # The wire is marked where their middle hangs, and the steps say where that is, to which side and on what.
  def test_marked_and_told
    json = hung("s4 s4", hoop(15), along: size("30 mm"), cords: 8)
    plan = Meander.plan(json)
    mark = plan.runs.first.marks.find { |one| one.words == "middle of section 2" }
    begins = plan.runs.first.marks.find { |one| one.words == "bend begins" }
    told = Meander::Output::Answer.call(plan)[:order].map { |step| step[:words] }

    assert_in_delta 30.0, mark.at_mm - begins.at_mm, 1e-6
    assert_in_delta 0.0, Math.hypot(*plan.placed.pose(plan.sections.last).at([0.0, 0.0, 0.0]).first(2)
      .zip(mark.place).map { |one, other| one - other }), 1e-6
    assert(told.any?("Section 2 hangs from the wire of section 1, outwards."))
    assert(told.any? { |words| words.match?(/each bight in front of the wire of section 1 \(1.2.{1,2}mm thick\)/) })
    assert_equal ["to its right as it runs away from you", "inwards"],
      [hung("s4", {"kind" => "line", "length" => size("40 mm")}), hung("s4", hoop(15), side: "near")].map { |one|
        Meander::Output::Answer.call(Meander.plan(one))[:order].filter_map do |step|
          step[:words][/hangs from the wire of section 1, (.*)\./, 1]
        end.first
      }
    assert_empty(%w[section-loose sections-overlap] & Meander::Advice::Council.call(plan).map(&:id))
  end

  # It is made after its wire, and what it stands on is asked for anew where sections are kept from plan to plan.
  def test_kept_sections_follow_where_they_stand
    kept = Meander::Kept.new(20)
    outwards, inwards = %w[far near].map { |side| hung("s4 s4", hoop(25), side:, cords: 8) }
    told = [outwards, inwards, outwards].map do |json|
      Meander::Planner::PlanPiece.call(Meander::Document::PieceReader.call(json).piece, kept:).runs.map(&:total_mm)
    end

    assert_equal told[0], told[2]
    refute_equal told[0], told[1]
  end

  # The mirror image of such a piece is cut alike and hangs to the other side.
  def test_mirrored
    json = hung("s4 s4", hoop(20, angle: 200), along: size("30 mm"), cords: 8)
    piece = Meander::Document::PieceReader.call(json).piece
    mirrored = Meander::Document::MirrorImage.call(piece)

    assert_equal "near", mirrored.section("s2")[:at][:side]
    one, other = [piece, mirrored].map { |each| Meander::Planner::PlanPiece.call(each) }

    one.runs.map(&:total_mm).sort.zip(other.runs.map(&:total_mm).sort).each { |a, b| assert_in_delta a, b, 1e-6 }
  end

  # Within a ring it is told as soon as it reaches the wire again, and not before.
  def test_hung_past_its_wire
    told = ->(count, side) {
      Meander::Advice::Council.call(Meander.plan(hung("s4 s4", hoop(15), side:, count:, cords: 8))).map(&:id)
    }

    refute_includes told[4, "near"], "rim-crossed"
    refute_includes told[1, "near"], "rim-crossed"
    assert_includes told[10, "near"], "rim-crossed"
    refute_includes told[10, "far"], "rim-crossed"
  end

  def test_refused
    {hung("s4 s4", hoop(15), over: size("2 mm"), cords: 8) => ["/sections/1/mount/over", /the wire they stand on/],
     hung("s4 s4 s4 s4 s4", hoop(7), cords: 20) => ["/sections/1/at/section", /turns \d+° away/],
     hung("s4 s4 s4 s4 s4", hoop(5), cords: 20) => ["/sections/1/at/along", /do not hang along the wire/],
     hung("s4 s4", hoop(15), along: size("2 mm"), cords: 8) => ["/sections/1/at/along", /they take 16.{1,2}mm of it/],
     hung("s4 s4", hoop(7), side: "near", cords: 8) => ["/sections/1/at/side", /run into each other/],
     loose => ["/sections/1/at/kind", /cords folded over a bar/],
     on_knots => ["/sections/2/at/section", /does not hang from the last row of knots/]}.each do |json, (path, words)|
      found = faults(json)

      assert(found.any? { |at, said| at == path && said.match?(words) }, "#{path}: #{found}")
    end
    assert_includes faults(knotted("s4", mount: {"kind" => "head", "over" => nil, "room" => nil})).map(&:first),
      "/sections/0/mount/over"
  end

  def loose
    hung("s4", hoop(15)).tap do |json|
      json["sections"][1]["mount"] = nil
    end
  end

  # A third section that hangs from the second one.
  def on_knots
    hung("s4", hoop(15)).tap do |json|
      more = JSON.parse(JSON.generate(json["sections"][1]).gsub('"s2"', '"s3"'))
      more["at"]["section"] = "s2"
      json["sections"] << more
      wires = JSON.parse(JSON.generate(json["wires"].drop(1)).gsub('"s2"', '"s3"').gsub(/"([wf])(\d)"/, '"\1\29"'))
      json["wires"].concat(wires)
    end
  end
end
