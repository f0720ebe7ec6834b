# frozen_string_literal: true

require_relative "../../../test_helper"
require_relative "../../../support/braids"

# What braids are bent to: arcs, closed outlines, helices.
class FormsTest < PieceTest
  include Braids

  def section(...) = plan(braided(...)).sections.first

  # Bent to a closed outline the braid is as long round it as it is braided, as wide as was asked, and its ends leave
  # side by side, a width apart; wound on a dowel its strands stay as long, as they lie over and under alike.
  def test_braids_are_bent_to_outlines_and_wound
    tips = {"tip" => size("3 mm")}
    [tips, {**tips, "fold" => size("3 mm")}, {**tips, "fold" => size("3 mm")}].zip(%w[drop leaf heart]) do |own, kind|
      one = section(stitches: 40, bare: "6 mm", form: {"kind" => kind, "width" => size("24 mm"), **own})
      line = one.middle_line
      fine = (0..4000).map { |i| one.way.at(6 + (one.braided_mm * i / 4000), 0.0, 0.0) }

      assert_in_epsilon one.braided_mm, Meander::Form::Trace.polyline_mm(fine), 1e-4, kind
      wide = (0..400).flat_map do |i|
        [-1, 1].map { |side| one.way.at(6 + (one.braided_mm * i / 400), side * one.width_mm / 2, 0.0)[0] }
      end

      assert_in_delta 24, wide.max - wide.min, 0.05, kind
      assert_in_delta one.width_mm, (line.last[0] - line.first[0]).abs, 1e-6, kind
      assert_in_delta Math::PI, one.out.last.abs, 1e-9, kind
      runs = one.strands.each_index.map { |strand| one.strand_mm[strand] }

      assert_in_epsilon section(stitches: 40).strand_mm.sum, runs.sum, 0.005, kind
    end
    helix = section(stitches: 40,
      form: {"kind" => "helix", "dowel" => size("14 mm"), "rise" => size("4 mm"), "hand" => "left"})

    helix.strand_mm.zip(section(stitches: 40).strand_mm).each { |wound, flat| assert_in_epsilon flat, wound, 0.003 }
    assert_in_delta 14 + (2 * helix.thickness_mm), helix.outline.map(&:first).minmax.then { |low, high|
      high - low
    }, 2.5
  end

  # An arc asks for a stitch along the other edge, and that stitch makes the same arc.
  def test_a_curve_is_solved_either_way
    wanted = section(strands: 4, stitches: 24, bead: "5 mm", beads: {"on" => "far"},
      form: {"kind" => "arc", "radius" => size("70 mm"), "towards" => "near"})
    inner = size("#{wanted.layout.threading.own.first.inner_mm.round(6)} mm")
    asked = section(strands: 4, stitches: 24, bead: "5 mm", beads: {"on" => "far", "inner" => inner})

    assert_in_delta 70, wanted.curve[:radius_mm], 1e-6
    wanted.curve.each { |key, value| assert_in_delta value, asked.curve[key], 1e-3, key }
    bent = braided(form: {"kind" => "arc", "radius" => size("70 mm"), "towards" => "far"})

    assert_includes answer(plan(bent))[:sections].first[:gives], "radius"
    # Turned towards its near side, and as far as an arc of that length turns.
    assert_operator wanted.out.first[0], :<, 0
    assert_in_epsilon wanted.curve[:turn], -wanted.out.last * 180 / Math::PI, 1e-6
  end
end
