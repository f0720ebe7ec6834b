# frozen_string_literal: true

require_relative "../../../test_helper"
require_relative "../../../support/braids"

# What cannot be braided is named at its field with what can; what is likely to go wrong is told.
class RefusedTest < PieceTest
  include Braids

  def faults(**given)
    assert_raises(Meander::InvalidInput, given.to_s[0, 120]) { plan(braided(**given)) }.faults.map { |one| [one.path, one.message] }
  end

  def test_what_cannot_be_braided_is_named
    crossings = ->(text, count) {
      {"kind" => "crossings", "crossings" => Meander::Braid::Notation.read(text, count)}
    }

    refused = {
      {strands: [{"wires" => 4}, {"wires" => 1}, {"wires" => 1}]} => "/sections/0/strands/0/wires",
      {scheme: crossings["1r 1l 2r 2l", 3]} => "/sections/0/scheme/crossings/1",
      {scheme: crossings["1r 1r", 3]} => "/sections/0/scheme/crossings",
      {scheme: crossings["3r 2l 1r", 4]} => "/sections/0/scheme/crossings/0/gap",
      {pitch: size("1.9 mm")} => "/sections/0/pitch", {bead: "2 mm"} => "/beads/0/bead",
      {strands: 5, bead: "4 mm"} => "/beads/0/on",
      {strands: 5, bead: "5 mm", beads: {"on" => "near", "inner" => size("5 mm")}, form: {"kind" => "helix",
        "dowel" => size("14 mm"), "rise" => size("0 mm"), "hand" => "right"}} => "/beads/0/inner",
      {strands: 8, bead: "2 mm", beads: {"on" => "strand"}} => "/beads/0/on",
      {strands: 5, bead: "4 mm", beads: {"on" => "strand"}} => "/beads/0/bead",
      {scheme: crossings["(1r 2l)50", 3], stitches: 2} => "/sections/0/scheme",
      {strands: 5, bead: "9 mm", beads: {"on" => "near"}} => "/beads/0/bead",
      {strands: 5, bead: "4 mm", beads: {"on" => "near", "room" => size("0.6 mm")}} => "/beads/0/room",
      {form: {"kind" => "drop", "width" => size("90 mm"), "tip" => size("3 mm")}} => "/sections/0/form/width",
      {bead: "4 mm", beads: {"room" => size("0.4 mm")}} => "/beads/0/room",
      {strands: 4, bead: "4 mm", beads: {"on" => "near", "inner" => size("1 mm")}} => "/beads/0/inner",
      {strands: 4, bead: "4 mm", beads: {"on" => "near"}, form: {"kind" => "arc", "radius" => size("6 mm"),
        "towards" => "far"}} => "/beads/0/on",
      {strands: 4, bead: "4 mm", beads: {"on" => "near"}, form: {"kind" => "arc", "radius" => size("60 mm"),
        "towards" => "near"}} => "/sections/0/form/towards",
      {stitches: 2000, strands: 9, scheme: crossings["(1r 2l 3r 4l)20", 9], wire: "0.1 mm"} =>
        "/sections/0/scheme/crossings",
      {stitches: 2000, wire: "6 mm"} => "/sections/0/extent",
      {stitches: 2000, strands: 7} => "/sections/0/extent",
      {extent: {"kind" => "length", "length" => size("2 m")}, wire: "0.1 mm"} => "/sections/0/extent"
    }

    refused.each do |given, path|
      assert_equal path, faults(**given).first.first, given.to_s[0, 120]
    end
    wide = braided.tap { |json| json["sections"][0]["strands"] << {"wires" => 1} }

    assert_equal ["/sections/0/strands"],
      assert_raises(Meander::InvalidInput) { plan(wide) }.faults.map(&:path)
  end

  # What is told as accepted is accepted.
  def test_the_least_that_is_told_can_be_typed
    least = least_of { plan(braided(wire: "0.9 mm", pitch: size("1 mm"))) }

    assert_equal "2.25 mm", least
    assert plan(braided(wire: "0.9 mm", pitch: size(least)))
    arc = ->(mm) { {"kind" => "arc", "radius" => size(mm), "towards" => "far"} }
    edged = ->(mm) { plan(braided(strands: 4, bead: "4 mm", beads: {"on" => "near"}, form: arc[mm])) }

    assert edged[least_of { edged["3 mm"] }]
  end

  def least_of(&)
    told = assert_raises(Meander::InvalidInput, &).faults.first
    Meander::Units::Said.call(told.accepted, "mm")[/[\d.]+ mm/]
  end

  # A closed outline says between which widths a braid so long goes round it.
  def test_the_widths_that_are_told_can_be_typed
    %w[drop leaf heart].each do |kind|
      fold = (kind == "drop") ? {} : {"fold" => size("2 mm")}
      fitted = ->(wide) {
        plan(braided(stitches: 40, form: {"kind" => kind, "width" => size(wide), "tip" => size("2 mm"), **fold}))
      }
      told = assert_raises(Meander::InvalidInput) { fitted["150 mm"] }.faults.first.accepted
      widths = Meander::Units::Said.call(told, "mm").scan(/[\d.]+ mm/)

      assert_equal 2, widths.size, kind
      widths.each { |wide| assert fitted[wide], "#{kind} #{wide}" }
    end
  end

  def test_advice_comes_where_it_belongs
    told = ->(**given) { plan(braided(**given)).then { |made| Meander::Advice::Council.call(made).map(&:id) } }

    {{wire: "1.3 mm"} => "braid-thick", {pitch: size("6 mm")} => "braid-open",
     {strands: 4, stitches: 40, bead: "4 mm", beads: {"on" => "near"},
      form: {"kind" => "arc", "radius" => size("14 mm"), "towards" => "far"}} => "braid-full-circle",
     {strands: 4, bead: "4 mm", beads: {"on" => "near"}} => "braid-edge-straight",
     {bead: "4 mm", beads: {"every" => [3]}} => "braid-beads-uneven",
     {strands: 8} => "braid-assumed",
     {bead: "2.4 mm", beads: {"on" => "strand"}} => "braid-unequal"}.each do |given, id|
      assert_includes told[**given], id
    end
    assert_empty told[].grep(/braid/)
  end
end
