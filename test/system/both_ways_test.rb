# frozen_string_literal: true

require_relative "../support/system_test"
require_relative "../support/travelling"

# A weaving wire that is begun between its ends, each of which makes sections of its own, through the real interface.
class BothWaysTest < SystemTest
  # What documents are put together with: by itself, as a browser is told where to go by a name of it.
  PIECES = Class.new do
    include Pieces
    include Travelling
  end.new
  NAME = "Sluice bar"
  FROM = "What it is made with"

  def route = stored_document(NAME)["wires"].find { |wire| wire["route"].any? { |stop| stop["seat"] == "weaving 1" } }

  def weaving_cut = Server::Planning.plan(stored_document(NAME)).cut_list.select { |row| row.kind == "weaving" }

  def stored(kept: nil, **how)
    document = PIECES.both_ways(**how).merge("name" => NAME)
    document["wires"].last["reserve"] = {"side" => "start", "length" => PIECES.size(kept)} if kept
    read = Meander::Document::PieceReader.call(document).piece.to_h
    Server::Piece.keep({document: read})
  end

  def woven_with(number, wire)
    take_in_hand number
    select wire, from: FROM

    assert_select FROM, selected: wire
  end

  def test_a_weave_that_goes_on_to_both_sides
    stored middle: false, joined: false, back: 2
    open_piece NAME
    woven_with 2, "the wire of section 1"
    woven_with 3, "the other end of the wire of section 1"
    woven_with 4, "the wire of section 3"

    assert_selector ".cut-tally", text: "weaves section 1, repeats 1 to 6, and on in sections 2, 3 and 4"
    assert_saved
    assert_equal [%w[s4 s3 s1 s2], [true, true, false, false], {"stop" => 3}],
      [route["route"].map { |stop| stop["section"] }, route["route"].map { |stop| stop["back"] }, route["begun"]]
    assert_selector ".cut-tally strong", text: /\b#{weaving_cut.first.cut_mm} mm/
    in_part("Wires") { assert_selector ".weaving-cuts td", text: "on with the other end of the wire of section 1" }
    in_part("Order of work") do
      assert_selector ".order li", text: /Leave [\d.]+ mm of it to the side that goes on to section 3/
      assert_selector ".order li", text: /Weave on with the other end of the wire from section 1/
    end

    take_in_hand 1
    click_on "starting and ending"
    select "the middle outwards", from: "Where the weave starts"

    assert_select "Wire for both halves", selected: "one wire in any case, begun at its middle"
    in_part("Order of work") { assert_selector ".order li", text: /Leave the wire on: section 3 is made with it/ }
    assert_saved
    woven_with 3, "a length of its own"

    assert_selector ".cut-tally", text: "weaves section 3, repeats 1 to 6, and on in section 4"
    assert_saved
    assert_equal 2, weaving_cut.size
    3.times { click_on "Undo" }

    assert_select FROM, selected: "the other end of the wire of section 1"
    assert_accessible
  end

  # What stands in the middle is taken away: what each end made has a wire of its own, and what one of them keeps for
  # later stays with it.
  def test_the_middle_is_removed
    stored middle: false, kept: "150 mm"
    open_piece NAME
    choose_for_section "Remove it"

    assert_selector ".cut-tally", text: "weaves"
    assert_saved
    working = stored_document(NAME)["wires"].select { |wire| wire["route"][0]["seat"] == "weaving 1" }

    assert_equal [[%w[s2], nil], [%w[s3], nil]],
      working.map { |wire| [wire["route"].map { |stop| stop["section"] }, wire["begun"]] }.sort_by(&:first)
    assert_equal [false, false], working.map { |wire| wire["route"][0]["back"] }
    assert_equal({"s2" => 0.0, "s3" => 150.0},
      working.to_h { |wire| [wire["route"][0]["section"], wire["reserve"]["length"]["mm"]] })
    assert_equal "end", working.find { |wire| wire["route"][0]["section"] == "s3" }["reserve"]["side"]
  end
end
