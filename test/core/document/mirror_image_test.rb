# frozen_string_literal: true

require_relative "../../test_helper"
require_relative "../../support/sections"

# The mirror image of a piece: the same wires, the same counts, and what is drawn the other way round.
class MirrorImageTest < PieceTest
  include Sections

  def mirrored(json) = Meander::Document::MirrorImage.call(Meander.read(json).piece)
  def demo(name) = demo_documents.find { |json| json["name"] == name }
  def single(json) = {**json, "pair" => false}
  # As it goes out and is read again.
  def json(piece) = JSON.parse(JSON.generate(piece.to_h))

  # What a step does, whatever it calls its wires.
  def done(plan)
    Meander::Work::Order.new(plan).steps.map { |step| [step.kind, step.section, step.makes.map(&:to), step.cuts.map(&:mm)] }
  end

  # The collection, and pieces at random: nothing is counted or cut otherwise, and mirrored again it is what it was.
  def test_it_is_cut_and_counted_alike
    found = 0
    each_built do |plan, name|
      image = Meander::Document::MirrorImage.call(plan.piece) or next
      found += 1
      other = Meander::Planner::PlanPiece.call(image)

      assert_equal plan.cut_list.map { |row| [row.count, row.cut_mm] }.sort,
        other.cut_list.map { |row| [row.count, row.cut_mm] }.sort, name
      assert_equal done(plan), done(other), name
      back = Meander::Document::MirrorImage.call(image)

      assert_equal image.to_h, Meander::Document::MirrorImage.call(back).to_h, name
    end

    assert_operator found, :>, 10, "most have a mirror image"
  end

  # Every point of the wire, and of what it ends in, lies across the middle from where it lay: within 0.03 mm.
  def test_what_is_drawn_is_drawn_the_other_way_round
    ["Kelp earrings", "Marram hoops", "Heron spirals", "Marram bracelet", "Tide-line collar", "Reed connector",
      "Heron hanging", "Heron plait", "Reed strap", "Tide-line neckline"].each do |name|
      first = single(demo(name))
      one, other = [first, json(mirrored(first))].map { |given| drawn(plan(given)) }
      middle = one[:middle] + other[:middle]

      one[:points].each do |of, points|
        image = grid(other[:points].fetch(of))
        lost = points.count { |x, y, z| !near?(image, [middle - x, y, z]) }

        assert_operator lost, :<=, points.size / 200, "#{name}: #{of}"
      end
    end
  end

  # Beads, and what is bought or wound on by itself, are drawn alike for both.
  def drawn(plan)
    if plan.band
      points = plan.strip_picture.strokes.flat_map(&:points)
      return {middle: points.map(&:first).minmax.sum / 2, points: {"strip" => points}}
    end
    own = plan.piece.endings.map(&:id)
    all = plan.finished.each_with_object({}) do |(picture, pose, id), found|
      picture.groups.each do |group|
        next if group.of ? !own.include?(group.of) : id.nil?

        points = group.points.flatten(1).map { |x, y, z| [*pose.at([x, y])[0, 2], z] }
        (found[[id, group.wire, group.of]] ||= []).concat(points)
      end
    end
    {middle: 0.0, points: all}
  end

  NEAR = 0.03
  def square(point) = point.map { |mm| (mm / NEAR).floor }
  def grid(points) = points.group_by { |point| square(point) }

  def near?(grid, point)
    at = square(point)
    [-1, 0, 1].product([-1, 0, 1], [-1, 0, 1]).any? do |step|
      grid.fetch(at.zip(step).map(&:sum), []).any? { |other| other.zip(point).sum { |a, b| (a - b)**2 } < NEAR**2 }
    end
  end

  # What begins to one side always has no mirror image that could be said; nor have beads told by the order of knots
  # beside each other.
  def test_what_cannot_be_said_has_none
    ["Reed heart", "Limpet rosette"].each { |name| assert_nil mirrored(demo(name)), name }
    knots = demo("Heron hanging")
    section = knots["sections"].index { |one| one["craft"] == "knot" }
    bead = {"id" => "k9", "name" => "Glass", "material" => "glass", "shape" => "round", "length" => size("4 mm"),
      "width" => size("4 mm"), "hole" => size("2 mm"), "drilled" => "along", "mass" => nil, "colour" => "#336699",
      "guessed" => []}
    placed = {"rule" => "knotted", "id" => "d9", "bead" => "k9", "section" => knots["sections"][section]["id"],
      "on" => "left", "first" => 0, "every" => [2], "count" => 3}

    refute_nil mirrored({**knots, "tray" => [bead], "beads" => [{**placed, "every" => [1]}]})
    assert_nil mirrored({**knots, "tray" => [bead], "beads" => [placed]})
  end

  # A flat braid is begun from its other edge: what crosses, the strand that carries beads, their edge and the way it
  # curves are those of its image.
  def test_a_flat_braid_is_begun_from_its_other_edge
    ["Sluice cord", "Tide-line neckline"].each do |name|
      first = plan(demo(name)).sections[0]
      image = mirrored(demo(name))
      other = Meander::Planner::PlanPiece.call(image).sections[0]

      assert_equal "far", image.document[:sections][0][:scheme][:begun]
      assert_equal first.layout.scheme.mirrored.to_s, other.layout.scheme.to_s
      assert_equal first.strand_mm.map { |mm| mm.round(6) }, other.strand_mm.reverse.map { |mm| mm.round(6) }, name
      assert_equal first.beads.map(&:strand), other.beads.map { |one| first.layout.strands.size - 1 - one.strand }, name
      assert_in_delta first.course.cells.sum(&:turn), -other.course.cells.sum(&:turn), 1e-9
    end
  end

  # A braid said crossing by crossing: each gap counted from the other side, the other strand over; mirrored again it is
  # what it was, and cut alike.
  def test_a_braid_is_crossed_from_the_other_side
    json = demo("Heron plait")
    json["sections"][0]["scheme"] = {"kind" => "crossings",
      "crossings" => [{"gap" => 1, "over" => "right"}, {"gap" => 2, "over" => "left"}]}
    image = mirrored(json)

    assert_equal [[2, "left"], [1, "right"]],
      image.document[:sections][0][:scheme][:crossings].map { |one| one.values_at(:gap, :over) }
    assert_equal Meander.read(json).piece.document[:sections],
      Meander::Document::MirrorImage.call(image).document[:sections]
    assert_equal plan(json).cut_list.map(&:cut_mm), Meander::Planner::PlanPiece.call(image).cut_list.map(&:cut_mm)
  end

  # Cords that a row leaves hanging at its end without a word are passed first in the row from the other side.
  def test_rows_of_knots_are_read_from_the_other_side
    rows = mirrored(demo("Heron hanging")).document[:sections].find { |one| one[:craft] == "knot" }[:rows]

    assert_equal [%w[square right], %w[square right]], rows[0][:knots].map { |one| one.values_at(:kind, :hand) }
    assert_equal %w[pass square pass], rows[1][:knots].map { |one| one[:kind] }
  end
end
