# frozen_string_literal: true

require "csv"
require "json_schemer"
require "nokogiri"
require_relative "../../test_helper"
require_relative "../../support/sections"

# Pieces put together from sections as they are drawn finished, marked and sent out.
class BuiltPicturesTest < PieceTest
  include Sections

  Trace = Meander::Form::Trace

  # At every waist exactly one wire lies over; with one side over, it is the same side at all of them.
  def test_waists_cross_the_same_way_over
    {"left" => [-1], "right" => [1], "in_turn" => [-1, 1]}.each do |crossing, sides|
      picture = plan(document("links", "sections.0.form.crossing": crossing)).sections.first.finished
      over = picture.groups.select { |group| group.layer == 5 }.flat_map(&:points)

      assert_equal 8, over.size
      assert_equal sides, over.map { |points| points.first[0] <=> 0 }.uniq.sort
    end
  end

  # The finished picture: as many passes as are woven, front before back, seen from behind the other way round.
  def test_the_finished_picture_holds_every_pass
    plan = plan(document("earring"))
    section = plan.sections.first
    lines = ->(
      layer) {
      section.finished.groups.select { |group| group.layer == layer && group.wire == "w3" }
            .sum { |group| group.lines.size }
    }

    assert_equal [section.wraps, section.wraps], [lines.call(6), lines.call(3)]
    assert_equal 2, section.finished.groups.select { |group| group.layer == 4 }.sum { |group| group.lines.size }
    (low, high), (top, bottom) = plan.extent

    assert_in_delta 16 + 1.6 + 0.6, high - low, 0.01
    # half a wire round its fold, and what its ends are made into
    assert_in_delta 32 + 0.4 + 3.7, bottom - top, 0.01
  end

  # On a dowel what lies on the far half is drawn first, and every turn is there.
  def test_a_helix_goes_behind_itself
    plan = plan(
      put_together(
        [woven("s1", %w[w1 w2], {kind: "helix", dowel: 8.0, rise: 4.0},
          extent: {"kind" => "length", "length" => size("90 mm")})], wires: [base("w1"), base("w2"), weaving]
      )
    )
    section = plan.sections.first
    layers = section.finished.groups.map(&:layer).uniq

    assert_equal [0, 1, 2, 3, 4, 6], layers.sort
    radius = (8 + section.layout.frame.thickness_mm) / 2

    assert_in_delta section.length_mm / Math.hypot(2 * Math::PI * radius, 4), section.way.turns(section.length_mm), 1e-9
    assert_equal [true],
      section.finished.groups.flat_map { |group|
        group.points.flatten(1)
          .map { |x, _, z| Math.hypot(x, z) < radius + section.layout.frame.thickness_mm + group.mm }
      }.uniq
  end

  # Going out as SVG: true size, both faces mirror images, every wire's colour there; as CSV: a row a length.
  def test_templates_and_cut_lists
    plan = plan(document("earring"))
    front, back = %w[front back].map { |face| Meander::Output::FinishedSvg.call(plan, title: "<Kelp & co>", face:) }
    width = front[/width="([\d.]+)mm"/, 1].to_f

    assert_includes front, "&lt;Kelp &amp; co&gt;"
    assert_operator [plan.extent[0][1] - plan.extent[0][0], 50].max + 12, :<=, width
    assert_equal [width, "scale(1 1)", "scale(-1 1)"],
      [back[/width="([\d.]+)mm"/, 1].to_f, front[/scale\([-\d ]+\)/], back[/scale\([-\d ]+\)/]]
    assert_equal front.scan("<path").size, back.scan("<path").size
    legends = [front, back].map { |svg| svg.scan(/<text[^>]*>(\d+ [^<]*: [^<]*)</) }

    assert_equal legends.first, legends.last, "both faces have the same numbers"
    rows = CSV.parse(Meander.csv(plan), headers: true)

    assert_equal [plan.runs.first.cut_mm, plan.sections.first.strip.to_h[:weaving][:lengths].first[:cut_mm]],
      rows.map { |row| row["cut_mm"].to_i }
    assert_includes rows.first["marks"], "start of weave"
  end

  # What goes out is as the published schemas say.
  def test_what_goes_out_is_as_published
    files = {"piece" => "piece-2", "answer" => "answer-1", "finished" => "finished-1", "told" => "plan-2"}
    schemas = files.transform_values do |name|
      JSONSchemer.schema(File.read(File.join(ROOT, "schema/#{name}.schema.json")))
    end
    each_built do |plan, said|
      {"piece" => plan.asked.to_h, "answer" => answer(plan), "told" => Meander::Output::PlanJson.call(plan),
        "finished" => JSON.parse(plan.finished.first[0].json)}.each do |name, value|
        assert_empty schemas[name].validate(JSON.parse(JSON.generate(value))).map { |error| error["error"] },
          "#{name} of #{said}"
      end
    end

    built_demos.each { |json| assert schemas["piece"].valid?(json), json["name"] }
  end

  # The collection: nine whole pieces and more over all five families, no two of one plan.
  def test_the_collection_covers_the_families
    kinds = demo_documents.map { |json| json["kind"] }

    assert_operator kinds.size, :>=, 9
    assert_empty %w[ring bracelet links earring pendant component] - kinds
    assert_operator built_demos.size, :>=, 9
    built_demos.each do |json|
      assert_empty said(plan(json)).select { |item| item.severity == "stop" || item.id == "value-doubtful" }
        .map(&:title), json["name"]
    end
  end

  # Every step drawn of some base wires: sections, ways between them, endings.
  def drawn_ways(plan, wires)
    lines = plan.finished.flat_map do |picture, pose, _|
      picture.groups.select { |group| wires.include?(group.wire) }.flat_map(&:points).map do |points|
        points.map { |point| pose.at(point) }
      end
    end
    gone = plan.runs.flat_map { |run| run.ways - run.kept_ways }
    (lines + gone).flat_map { |points| points.each_cons(2).to_a }
  end

  # Marks lie on their wires as drawn, as far from the start of a section as they say, and stand on the template, every
  # one in a line that is led to a number, all numbers clear of each other and of all marks.
  def test_marks_have_their_places
    each_built do |plan, said|
      plan.runs.each do |cut|
        ways = drawn_ways(plan, [cut.wire.id])
        cut.marks.each do |mark|
          off = ways.map { |from, to|
            Trace.polyline_mm([from, mark.place]) +
              Trace.polyline_mm([mark.place, to]) - Trace.polyline_mm([from, to])
          }.min

          assert_operator off, :<=, 1e-6, "#{said}: #{mark.words}"
        end
      end

      svg = Nokogiri::XML(Meander::Output::FinishedSvg.call(plan, title: said), &:strict).remove_namespaces!
      dots, discs = %w[g[@class='dots'] g[@fill='#fff']].map do |path|
        svg.xpath("//g[@class='marks']/#{path}/circle").map { |one| %w[cx cy].map { |axis| one[axis].to_f } }
      end
      box = svg.root["viewBox"].split.map(&:to_f)

      assert_equal plan.runs.sum { |cut| cut.marks.size }, dots.size, said
      assert_equal (1..discs.size).map(&:to_s), svg.xpath("//g[@class='marks']//text").map(&:text)
      assert_equal discs.size, svg.xpath("//g[@class='legend']/text").count { |row| row.text.match?(/\A\d+ .*:/) }
      discs.each_with_index do |(x, y), i|
        assert x.between?(box[0] + 1.5, box[0] + box[2] - 1.5) && y.between?(box[1] + 1.5, box[1] + box[3]), said
        (dots + discs.drop(i + 1)).each { |ox, oy| assert_operator Math.hypot(x - ox, y - oy), :>, 2.0, said }
      end
    end
  end

  # Half-way along a leaf's wire lies at its widest place.
  def test_the_middle_mark_of_a_leaf
    run = plan(document("pendant", "sections.0.form.open": size("0 mm"))).runs.first
    mark = run.marks.find { |one| one.words == "middle" }
    x, y, = mark.place

    assert_in_delta 21.0, y, 0.3
    assert_in_delta(-7.9, x, 0.05)
    assert_in_delta run.parts.first(2).sum(&:mm) + (run.parts[2].mm / 2), mark.at_mm, 0.3
  end
end
