# frozen_string_literal: true

require "nokogiri"
require_relative "../../test_helper"
require_relative "../../support/sections"
require_relative "../../support/trays"

# Beads as they are drawn: outlines true to size, tone on tone, on the strip, the finished piece and the printed pages.
class BeadPicturesTest < PieceTest
  include Sections
  include Trays

  Body = Meander::Beads::Body

  def area(points)
    points.each_index.sum { |i| (points[i - 1][0] * points[i][1]) - (points[i][0] * points[i - 1][1]) }.abs / 2
  end

  def polygons(svg) = Nokogiri::XML(svg, &:strict).remove_namespaces!.xpath("//polygon")

  def cuff(on, **options)
    plan(with_beads(document("cuff", **options), placed("woven", of: "repeat", every: 3, first: 1, on:)))
  end

  # From its rim to its light a bead is the same outline, smaller and smaller in both directions.
  def test_layers_are_one_outline
    rim, *others = kind(shape: "oval", length: size("6 mm"), width: size("4 mm")).layers
    spans = ->(layer) { [0, 1].map { |axis| layer[:points].map { |point| point[axis] }.minmax.reduce(:-).abs } }

    whole = spans.call(rim)

    whole.zip([6.0, 4.0]) { |mm, size| assert_in_delta size, mm, 0.03 }
    [0.9, 0.68, 0.26].zip(others) do |share, layer|
      whole.zip(spans.call(layer)) { |mm, less| assert_in_delta mm * share, less, 1e-9 }
    end
  end

  # The solid a bead is in space holds as much as the bead does (a drop more, its hole being wider than its point):
  # Pappus' second theorem on its profile, against the volumes of handbooks.
  def test_solids_hold_what_beads_do
    {"round" => 0.02, "oval" => 0.02, "spacer" => 0.02, "tube" => 0.05, "drop" => 0.09}.each do |shape, off|
      %w[along across].each do |drilled|
        bead = kind(shape:, drilled:, length: size("6 mm"), width: size("4 mm"))
        profile = bead.solid[:profile].each_slice(2).to_a
        around = (profile + [[profile.last[0], 0.0], [profile.first[0], 0.0]]).then do |points|
          (bead.solid[:axis] == "hole") ? profile : points
        end
        turned = around.each_cons(2).sum { |(u, r), (v, s)| (v - u) * Math::PI * ((r**2) + (r * s) + (s**2)) / 3 }
        bored = (bead.solid[:axis] == "hole") ?
          Math::PI * 0.16 * (profile.map(&:first).max - profile.map(&:first).min) : 0.0

        assert_in_epsilon Meander::Beads::Body.volume_mm3(shape, 6.0, 4.0) - bored, turned.abs, off,
          "#{shape} #{drilled}"
      end
    end

    assert_equal ["up", 4], [kind(shape: "flat").solid[:axis], kind(shape: "cube").solid[:sides]]
  end

  # An outline is as long and as wide as its bead and covers what its figure covers.
  def test_outlines_are_true_to_size
    {"round" => Math::PI * 9, "oval" => Math::PI * 6, "tube" => 24.0, "cube" => 24.0,
      "spacer" => Math::PI * 6}.each do |shape, whole|
      long, wide = (shape == "round") ? [6.0, 6.0] : [6.0, 4.0]
      points = Body.outline(shape, long, wide)
      spans = [0, 1].map { |axis| points.map { |point| point[axis] }.minmax.then { |low, high| high - low } }

      assert_in_epsilon long, spans[0], 0.01, shape
      assert_in_epsilon wide, spans[1], 0.01, shape
      assert_in_epsilon whole, area(points), 0.02, shape
    end
    drop = Body.outline("drop", 10.0, 6.0)

    assert_in_delta(-5, drop.map(&:first).min, 1e-9)
    assert_in_delta 5, drop.map(&:first).max, 1e-2
    assert_in_delta 6, drop.map(&:last).minmax.then { |low, high| high - low }, 1e-2
    assert_operator area(drop), :<, Math::PI * 9 + 21
  end

  # Every tone lies within the one below it and towards the light; end on a bead is a circle with its hole.
  def test_tones_lie_within_each_other
    Body::NAMES.each_key do |shape|
      layers = kind(shape:, length: size("7 mm"), width: size("5 mm")).layers
      reaches = layers.map { |layer| layer[:points].map { |u, v| Math.hypot(u, v) }.max + layer[:shift].abs }

      assert_equal reaches.max, reaches.first, shape
      assert_equal layers.map { |layer| layer[:shift] }.sort, layers.map { |layer| layer[:shift] }
      assert_equal 4, layers.map { |layer| layer[:tone] }.uniq.size
    end
    ends = kind(length: size("7 mm"), width: size("5 mm"), hole: "1 mm").layers(end_on: true)

    assert_equal 5, ends.size
    assert_in_delta 2.5, ends.first[:points].map { |u, v| Math.hypot(u, v) }.max, 0.02
    assert_in_delta 0.5, ends.last[:points].map { |u, v| Math.hypot(u, v) }.max, 0.01
  end

  # A bead that is drilled across lies with its length across the wire.
  def test_which_way_a_bead_is_drilled
    along, across = %w[along across].map { |drilled| kind(length: size("8 mm"), width: size("3 mm"), drilled:) }
    spans = [along, across].map do |one|
      one.layers.first[:points].then { |points| [0, 1].map { |axis| points.map { |point| point[axis].abs }.max } }
    end

    assert_equal [[8.0, 3.0], [3.0, 8.0]], [along, across].map { |one| [one.along_mm, one.across_mm] }
    assert_operator spans[0][0], :>, spans[0][1]
    assert_operator spans[1][1], :>, spans[1][0]
    assert_in_delta along.mass_g, across.mass_g, 0.01
  end

  # On the page every bead is drawn on both faces: before the wires where it is seen, behind them where it is not.
  def test_beads_on_the_strip
    %w[front back far].each do |on|
      made = cuff(on)
      count = made.beads.first.count
      %w[front back].product(%w[right left]).each do |face, hand|
        svg = Meander::Output::StripSvg.call(made.strip_picture, title: "Strip", face:, hand:)
        first, wires = svg.index("<polygon"), svg.index("<use href=\"#weave")

        assert_equal count * ((on == "far") ? 5 : 4), polygons(svg).size
        assert_equal on != "far" && on != face, first < wires, "#{on} seen from the #{face}"
      end
    end
  end

  # The strip's picture makes room for what stands out beside it.
  def test_beads_beside_the_edge_are_not_cut_off
    bare, made = plan(document("cuff")), cuff("far")
    box = ->(one) {
      Nokogiri::XML(Meander::Output::StripSvg.call(one.strip_picture, title: "Strip")).root["height"]
          .to_f
    }

    assert_in_delta 3.0 - 0.4, box.call(made) - box.call(bare), 0.5
    assert_operator made.strip_picture.drawn_across_mm, :>, bare.strip_picture.drawn_across_mm + 2
  end

  # Of a finished piece the same, in its own places, with its template covering all of them.
  def test_beads_on_the_finished_piece
    demo_documents.reject { |json| Meander.read(json).piece.band? }.each do |json|
      made = plan(json)
      drawn = made.beads_h[:drawn]
      svg = Meander::Output::FinishedSvg.call(made, title: json["name"])
      left, top, wide, high = Nokogiri::XML(svg).root["viewBox"].split.map(&:to_f)

      assert_equal drawn[:set].sum { |row| drawn[:looks][row[0]].size }, polygons(svg).size, json["name"]
      drawn[:set].each do |_, x, y, *|
        assert x.between?(left, left + wide), json["name"]
        assert y.between?(top, top + high), json["name"]
      end
    end
  end

  # The left hand's picture is the right hand's in a mirror, beads and all.
  def test_the_left_hand_sees_them_mirrored
    made = plan(demo_documents.find { |json| json["name"] == "Kelp earrings" })
    right, left = %w[right left].map do |hand|
      polygons(Meander::Output::FinishedSvg.call(made, title: "Kelp", hand:)).map do |one|
        one["transform"][/translate\((\S+)/, 1].to_f
      end
    end
    shifts = made.beads_h[:drawn].then do |drawn|
      drawn[:set].flat_map { |row| drawn[:looks][row[0]].map { |layer| layer[:shift] } }
    end

    right.zip(left, shifts) { |one, other, shift| assert_in_delta 0.0, one + other + (2 * shift), 2e-3 }
  end

  # Jump rings hang beyond the ending, as far as they reach, in a colour of their own.
  def test_findings_are_drawn
    rings = {"id" => "f1", "kind" => "jump_rings", "side" => "start", "inside" => size("4 mm"),
      "wire" => size("0.8 mm"), "metal" => "sterling", "count" => 3}
    bare, hung = plan(document("bracelet")), plan(document("bracelet", findings: [rings]))
    strands = hung.strip_picture.strands.select { |strand| strand[:wire] == "f1" }

    assert_equal 3, strands.size
    assert_in_delta 12 + 0.8, bare.strip_picture.y_range[0] - hung.strip_picture.y_range[0], 1.0
    assert_equal "#d3d5d6", hung.strip_picture.colours["f1"]
    links = document("links", findings: [rings])
    lines = plan(links).finished.last[0].groups.select { |group| group.wire == "f1" }.flat_map(&:points)

    assert_equal 3, lines.size
    assert_includes Meander::Output::FinishedSvg.call(plan(links), title: "Links"),
      Meander::Picture::Colour.strokes("#d3d5d6").first.first
  end
end
