# frozen_string_literal: true

require_relative "../support/system_test"
require_relative "../support/crochet_at_the_bench"

# Crochet worked onto wires, rings and edges, through the real interface.
class CrochetOnRimsTest < SystemTest
  include CrochetAtTheBench

  # A band round a wire: on it, off it again, and what is told where its rows spread.
  def test_a_band_is_crocheted_round_a_wire
    visit "/"
    start "Component"
    choose_picture "Add a section…", "A bent wire"
    select "arc", from: "Form"
    enter("Radius", "14").send_keys(:enter)
    choose_picture "Add a section…", "Crochet"
    enter("Rows or stitches", "4").send_keys(:enter)
    select "on the wire of", from: "Where it stands"

    assert_saved
    assert_becomes(%w[rim edge]) do
      section("New component").section.then { |made| [made[:at][:kind], made[:begun]] }
    end
    made = section("New component")

    assert_selector ".advice", text: /the last row is drawn \d+ % wider/i
    plan = assert_told("New component")

    assert_in_delta made.layout.bar.middle_mm, plan.placed.section(made.section[:at][:section]).length_mm / 2
    show "Order of work"

    assert_selector ".step-words", text: /begin round the wire of section 2, at \d+ places/
    show "Brief"
    select "inwards", from: "Side of the wire it hangs to"

    assert_selector "[role=status], [role=alert]", text: /within the bend so many rows have no room.*up to 2 rows/im
    enter("Rows or stitches", "2").send_keys(:enter)

    assert_selector ".advice", text: /the last row has \d+ % less room/i
    assert_accessible
    select "outwards", from: "Side of the wire it hangs to"
    take_in_hand 2
    select "drop", from: "Form"

    assert_becomes(["rim", false]) do
      section("New component").then { |now| [now.section[:at][:kind], now.layout.bar&.even?] }
    end
    assert_told "New component"
    take_in_hand 3
    select "beside", from: "Where it stands"

    assert_becomes(%w[beside chain]) do
      section("New component").section.then { |now| [now[:at][:kind], now[:begun]] }
    end
  end

  # A disc about a ring: on it from a band, its chart about the ring, pointed at, off it again.
  def test_a_disc_is_crocheted_round_a_ring
    visit "/"
    start "Component"
    choose_picture "Add a section…", "A bent wire"
    select "arc", from: "Form"
    enter("Radius", "9").send_keys(:enter)
    enter("Angle of the arc", "360").send_keys(:enter)
    choose_picture "Add a section…", "Crochet"
    enter("Rows or stitches", "3").send_keys(:enter)
    select "on the wire of", from: "Where it stands"

    assert_saved
    select "disc", from: "Fabric"

    assert_becomes(["wire", 5]) { section("New component").crochet.then { |now| [now[:begun][:kind], now[:repeats]] } }
    assert_selector :select, "Where it stands", selected: "round the ring of"
    assert_no_field "Side of the wire it hangs to"
    assert_told "New component"
    show "Order of work"

    assert_selector ".step-words", text: /begin round the ring of section 2; the first round goes into the ring/
    show "Brief"
    take_in_hand 2
    enter("Angle of the arc", "300").send_keys(:enter)

    assert_selector "[role=status], [role=alert]", text: /rounds go about a whole ring.*an arc of 360°/im
    click_on "Undo"

    assert_saved
    enter("Radius", "20").send_keys(:enter)
    take_in_hand 3
    select "inwards", from: "Which way its rounds go"

    assert_becomes(["within", 5]) {
      section("New component").crochet.then { |now|
        [now[:begun][:kind], now[:repeats]]
      }
    }
    click_on "narrowing"
    click_on "as many fewer as lie flat"
    enter("Stitches fewer each round", "4").send_keys(:enter)

    assert_becomes([4]) do
      section("New component").fabric.rows.map(&:heads).each_cons(2).map { |one, other| one - other }.uniq
    end
    show "Chart"

    assert_selector ".crochet-chart canvas"
    show "Finished"

    assert_told "New component"
    select "band", from: "Fabric"

    assert_becomes(%w[rim edge]) { section("New component").section.then { |now| [now[:at][:kind], now[:begun]] } }
    select "tube", from: "Fabric"

    assert_becomes(%w[beside chain]) { section("New component").section.then { |now| [now[:at][:kind], now[:begun]] } }
  end

  # Along the edge of a strip: one side, then the other, elsewhere; cords too thick for its gap say why they do not
  # hang.
  def test_a_band_is_crocheted_along_an_edge
    visit "/"
    start "Component"
    choose_picture "Add a section…", "A woven section"
    select "straight strip", from: "Form"
    choose_picture "Add a section…", "Crochet"
    enter("Rows or stitches", "4").send_keys(:enter)
    select "on the edge of", from: "Where it stands"

    assert_becomes(%w[rim edge far]) { standing }
    assert_selector :select, "Edge it hangs from", selected: "its far edge"
    select "its near edge", from: "Edge it hangs from"

    assert_becomes(%w[rim edge near]) { standing }
    click_on "Distance along the edge: say it"
    enter("Distance along the edge", "14").send_keys(:enter)

    assert_becomes(14.0) { section("New component").layout.bar.middle_mm }
    assert_told "New component"
    show "Order of work"

    assert_selector ".step-words", text: /begin round the edge of section 2, at 6 places, as many to either side of the/
    show "Brief"
    choose_picture "Add a section…", "Knots"
    select "on the edge of", from: "Where it stands"

    assert_selector "[role=status], [role=alert]", text: /passes between its outermost wires.*a gap of at least/im
  end

  def standing
    section("New component")&.section&.then { |made| [made[:at][:kind], made[:begun], made[:at][:side]] }
  end
end
