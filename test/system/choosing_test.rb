# frozen_string_literal: true

require_relative "../support/system_test"

# What stands in the way while weaves are chosen, kept and filled is said at its place, and nothing is lost.
class ChoosingTest < SystemTest
  def test_no_more_than_three_are_compared
    open_piece "Reed cuff"
    click_on "look at them all"
    %w[coils-3-3 coils-5-2 diamond-5].each { |key| find("[data-weave='#{key}']").click_on "Compare" }

    assert_selector ".compare thead th", count: 5
    assert_selector ".compare thead th", text: "As it is now"
    assert_selector "[data-weave='ray-5'] .btn-outline-secondary:disabled"
    click_on "Remove five and two"

    assert_selector ".compare thead th", count: 4
    assert_no_selector "[data-weave='ray-5'] .btn-outline-secondary:disabled"
  end

  def test_a_pace_that_is_none
    open_piece "Reed cuff"
    enter "Your pace, in wraps a minute", "brisk\n"

    assert_selector ".answers .said-wrong", text: "accepted: a whole number from 1 to 120"
    assert_field "Your pace, in wraps a minute", with: "brisk"
    enter "Your pace, in wraps a minute", "12\n"

    assert_no_selector ".answers .said-wrong"
    wraps = Server::Planning.plan(stored_document("Reed cuff")).wraps

    assert_selector ".reached", text: "#{wraps} wraps, about #{(wraps / 12.0).round} min of weaving"
    assert_equal({pace: 12, push: "well", allowances: nil, paces: {}}, Server::Maker.said)
  end

  # Coils in a gap of three wires: how many repeats, as one pushes; the choice is kept and the plan follows it.
  def test_how_hard_coils_are_pushed
    open_piece "Reed cuff"
    spaced = stored_document("Reed cuff")
    spaced["sections"][0].merge!(
      "pattern" => {"kind" => "walk", "gaps" => ([1, 2] * 3) + ([1, 0] * 3), "before" => [], "after" => []},
      "spacing" => {"kind" => "apart", "clear" => [{"typed" => "1.2 mm"}]}
    )
    said = %w[lightly hard].map do |push|
      select push, from: "How hard you push coils together"

      assert_select "How hard you push coils together", selected: push
      Timeout.timeout(5) { sleep 0.05 until Server::Maker.said[:push] == push }
      Server::Planning.plan(spaced, Server::Maker.said).fit.repeats
    end

    assert_operator said[1], :>, said[0]
    visit page.current_path

    assert_select "How hard you push coils together", selected: "hard"
  end

  # Woven from the middle both halves share the coils there, or have each their own; base wires are held at one end or
  # at both.
  def test_what_the_middle_and_the_ends_have
    open_piece "Reed cuff"
    click_on "starting and ending"
    select "the middle outwards", from: "Where the weave starts"
    select "sharing the coils in the middle", from: "Coils in the middle"

    assert_saved
    shared = Server::Planning.plan(stored_document("Reed cuff"))

    assert_equal 8, shared.band.layout.skipped(1)
    in_part("Order of work") do
      assert_selector ".order li",
        text: /read the second half on from the 4 wraps in the middle, which belong to both halves/
    end
    click_on "base wires"
    select "at both ends", from: "Ends of a base wire that have a tail"

    assert_saved

    assert_equal 15,
      Server::Planning.plan(stored_document("Reed cuff")).runs.first.total_mm.round - shared.runs.first.total_mm.round
  end

  def test_a_length_that_cannot_be_filled
    open_piece "Reed cuff"
    click_on "starting and ending"
    enter "Strip to fill, end to end", "long"
    click_on "Make it even"

    assert_selector ".even-fill .said-wrong", text: "“long” is not a length"
    enter "Strip to fill, end to end", "8 mm"
    click_on "Make it even"

    assert_selector ".even-fill .said-wrong", text: "no whole repeat with even coils fits; accepted: a longer strip"
    assert_field "Strip to fill, end to end", with: "8 mm"
    enter "Strip to fill, end to end", "6 in"
    click_on "Make it even"

    assert_selector ".even-fill tbody tr", minimum: 3
    assert_no_selector ".even-fill .said-wrong"
  end

  def test_a_weave_without_a_name
    open_piece "Heron cuff"
    click_on "save it"
    click_on "Save", exact: true

    assert_selector ".said-wrong", text: "accepted: text of 1 to 80 characters"
    fill_in "Name of your weave", with: "Heron's own"
    click_on "Save", exact: true

    assert_selector "[role=status]", text: "Saved as “Heron's own”."
    assert_saved
    assert_equal ["Heron's own"], stored_document("Heron cuff")["weaves"].map { |weave| weave["name"] }
  end

  # One wire bent to other closed outlines: said, planned, told, refused where it has no room.
  def test_one_wire_becomes_a_crescent
    open_piece "Reed heart"
    find_field("Form", match: :first).find("option", text: "crescent, its ends a pair").select_option

    assert_field "Depth in the middle", with: "9 mm"
    assert_saved
    assert_equal "crescent", made("Reed heart").sections.first.section[:bend][:kind]
    enter "Depth in the middle", "40 mm"

    assert_selector "[role=alert]", text: /cannot be so deep in its middle.*\d mm to \d/i
    enter "Depth in the middle", "8 mm"

    assert_saved
    in_part("Order of work") do
      assert_selector ".step-words", text: /a crescent on a radius of 16 mm, 8 mm deep in its middle, 200° round/
    end
    find_field("Form", match: :first).find("option", text: "pair of lobes, its ends a pair").select_option

    assert_field "Straight of the cleft", with: "10 mm"
    enter "Straight of the cleft", "26 mm"

    assert_selector "[role=alert]", text: /no room for so long a cleft.*up to \d/i
    enter "Straight of the cleft", "9 mm"

    assert_saved
    cut = made("Reed heart").runs.first.cut_mm

    assert_selector ".cut-tally strong", text: "#{cut} mm"
  end

  # A bail bound in figure-eights takes more wire than one bound round its two wires, and is told so everywhere.
  def test_a_bail_is_bound_in_figure_eights
    open_piece "Limpet heart"
    before = made("Limpet heart").runs.map(&:cut_mm)
    select "in and out between its wires", from: "Ending 1: How the bail is bound"

    assert_saved
    cuts = assert_cuts("Limpet heart").runs.map(&:cut_mm)

    assert_operator cuts[1], :>, before[1] + 10
    in_part("Order of work") do
      assert_selector ".step-words", text: "bind the neck with 3 figure-eights of wire 2 round the two"
    end
    click_on "Undo"

    assert_field "Ending 1: How the bail is bound", with: "round"
    assert_becomes(before) { made("Limpet heart").runs.map(&:cut_mm) }
  end
end
