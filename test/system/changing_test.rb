# frozen_string_literal: true

require_relative "../support/system_test"

# Weaves that change on their way, through the real interface.
class ChangingTest < SystemTest
  # Repeats open one after another; strip, tally and steps tell the same.
  def test_a_pitch_that_opens
    open_piece "Reed cuff"
    click_on "starting and ending"
    select "opened up", from: "How close the repeats lie"
    select "coming to", from: "Does the pitch change"
    enter "Pitch it comes to", "7"
    enter "Repeats over which the pitch changes", "10"

    assert_saved
    plan = made("Reed cuff")

    assert_equal 10, plan.band.layout.pattern.unlike
    assert_in_delta 7, plan.band.layout.pattern.copy(10).advance_mm, 1e-9
    assert_selector ".answer", text: /Repeats.*2\.9 mm to 7 mm/m
    plan.cut_list.each { |row| assert_selector ".cut-tally strong", text: /\b#{row.cut_mm} mm/ }
    in_part("Order of work") { assert_selector ".step-words", text: /repeat 11 and all that follow 7 mm/ }
    enter "Repeats over which the pitch changes", "99"

    assert_selector ".said-wrong, [role=alert]", text: /1 to 60/
    enter "Repeats over which the pitch changes", "9"
    select "all alike", from: "Does the pitch change"

    assert_no_field "Pitch it comes to"
    assert_saved
    assert_equal 0, made("Reed cuff").band.layout.pattern.unlike
  end

  # Half of a frame is woven.
  def test_a_share_of_a_frame
    open_piece "Limpet heart"
    take_in_hand 2
    whole = made("Limpet heart").placed.section("s2").strip.woven_mm
    select "over a share of the frame,", from: "How far it is woven"
    enter "Share of the frame in percent", "50"

    assert_saved
    half = made("Limpet heart").placed.section("s2").strip

    assert_in_delta whole / 2, half.woven_mm, half.layout.pattern.advance_mm
    assert_cuts "Limpet heart"
    assert_accessible
  end

  # Any wire bent to straights and arcs, part by part.
  def test_a_run_of_straights_and_arcs
    visit "/"
    start "Component"
    choose_picture "Add a section…", "A bent wire"
    select "run of straights and arcs", from: "Form"

    assert_field "Part 1: length", with: "12 mm"
    click_on "then an arc"
    enter "Part 6: degrees", "180"
    enter "Part 6: radius", "9"
    select "near", from: "Part 6: side"
    click_on "Remove part 3"

    assert_no_field "Part 6: degrees"
    enter "Part 5: radius", "0.3"

    assert_selector ".said-wrong, [role=alert]", text: /0\.5 mm to 500 mm/
    enter "Part 5: radius", "7"
    plan = assert_cuts("New component")
    long = 12 + 12 + (Math::PI * 6) + (Math::PI * 7)

    assert_in_delta long, plan.sections.last.length_mm, 1e-9
    in_part("Order of work") do
      assert_selector ".step-words", text: /12 mm straight, then 90° towards its far side round a rod/
    end
    assert_accessible
  end
end
