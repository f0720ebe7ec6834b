# frozen_string_literal: true

require_relative "../support/system_test"

# A piece of each family from new to its cut list, through the real interface.
class BuiltBenchTest < SystemTest
  # Is anything drawn on the canvas?
  def drawn?(selector)
    page.evaluate_script(
      "(() => { const c = document.querySelector(#{JSON.generate(selector)}); return " \
      "c.getContext('2d').getImageData(0, 0, c.width, c.height).data.some((v) => v > 0); })()"
    )
  end

  def test_earrings_from_new_to_cut_list
    visit "/"
    start "Earrings"
    enter "Length of the frame", "30"
    enter "Width of the frame", "12 mm"
    enter "Left open at the end", "3"

    plan = assert_cuts("New earring")

    assert_in_delta 12, plan.sections.first.opening.width_mm, 1e-9
    in_part("Wires") { assert_selector ".cut", text: "folded in one piece" }
    in_part("Order of work") { assert_selector ".order li", text: /Make the second one as its mirror image/ }
    assert drawn?(".finished-picture canvas")
    select "leaf", from: "Form"

    assert_field "Length of the frame", with: "36 mm"
    assert_cuts("New earring")
    select "a single one", from: "Pair or single"

    in_part("Order of work") { assert_no_selector ".order li", text: /second one/ }
    click_on "Undo"
    click_on "Undo"

    assert_field "Length of the frame", with: "30"
    assert_accessible
  end

  # Loops on either side in turn are drawn, and every length that is cut is told alike on the bench and on the printed
  # page.
  def test_loops_in_turn_and_what_is_printed
    open_piece "Eel-run row"
    select "on either side in turn", from: "Sides the loops stand on"

    assert_saved

    assert_equal "in_turn", stored_document("Eel-run row")["sections"][0]["bend"]["sides"]
    assert_selector ".brief", text: /one to the next/
    open_piece "Sluice links"
    plan = made("Sluice links")

    cut = plan.cut_list.find { |row| row.count == 7 }

    in_part("Wires") do
      assert_selector ".weaving-cuts td",
        text: /7 × #{cut.cut_mm} mm 0.28 mm brass, repeats 1 to #{plan.sections.first.repeats}/
    end
    visit page.current_path.sub(%r{\z}, "/print")

    assert_equal plan.cut_list.map { |row| "#{"#{row.count} × " if row.count > 1}#{row.cut_mm} mm" },
      all(".print-cuts strong").map(&:text)
  end

  # The chain says how many frames the wrist asks for, and takes them.
  def test_links_from_new_to_cut_list
    visit "/"
    start "Row of links"
    enter "Wrist measured", "6 1/2 in"

    assert_field "Frames in the chain", with: "8"
    assert_selector ".neighbours li", text: /One more 9: row 201\.5 mm, \d+\.\d mm over/
    plan = assert_cuts("New row of links")

    assert_equal [8, nil],
      [plan.sections.first.copies, stored_document("New row of links")["sections"][0]["form"]["frames"]]
    click_on "One more"

    assert_selector ".reached", text: /It reaches 201\.5 mm/
    assert_selector "[data-advice='row-off']", text: "over what the wrist asks"
    find_button("Pin frames").click

    assert_no_selector "[data-advice='row-off']"
    assert_field "Frames", with: "8"
    in_part("Wires") do
      assert_selector ".mark-list li", text: "start of frame 1"
      find("button", text: /All \d+ marks/, match: :first).click

      assert_selector ".mark-list li", text: "crossing 7"
    end
    select "from either side in turn", from: "Wire that lies over at a waist"

    assert_selector "[data-advice='waists-differ']", text: "do not all cross the same way"
    assert_saved
  end

  # A pendant grows: another section on its wires, then one mirrored, its ends bent to curls.
  def test_a_pendant_from_new_to_cut_list
    visit "/"
    start "Pendant"
    enter "Length of the frame", "24"
    from_menu "ending 2", "Cut it flush"

    assert_selector ".ending-lines .sentence", count: 1
    choose_picture "Add a section…", "A woven section"
    select "on from", from: "Where it stands"
    select "arc", from: "Form"
    enter "Turned by", "40"
    enter "Length woven over", "18"

    plan = assert_cuts("New pendant")

    assert_equal [%w[w1 w3], %w[w1 w3]], plan.sections.map { |section| section.base.map(&:id) }
    in_part("Wires") { assert_selector ".mark-list li", text: "middle between sections" }
    take_in_hand 1
    choose_for_section "Add its mirror image"

    assert_selector ".section-line", count: 3
    assert_cuts("New pendant")
    click_on "End a wire…"
    find(".modal label", text: "end, near wire and far wire of section 2").click
    find(".modal .picture-choices .btn", text: "a curl").click

    assert_field "Ending 2: Turns of the curl", with: "2"
    assert_cuts("New pendant")
    choose_for_section "Remove it"

    assert_selector ".section-line", count: 2
    assert_cuts("New pendant")
    assert_accessible
  end

  # Wires are cut away between two sections, a bent ring is set on a centre and tied on; looked at near and far, all of
  # it is undone.
  def test_sections_joined_in_other_ways
    visit "/"
    start "Pendant"
    from_menu "ending 2", "Cut it flush"
    choose_picture "Add a section…", "A woven section"
    select "on from", from: "Where it stands"
    click_on "Cut wire 2 away before it"

    in_part("Wires") { assert_selector ".mark-list li", text: "cut away from here" }
    assert_button "Cut wire 1 away before it", disabled: true
    choose_picture "Add a section…", "A bent wire"
    select "on the centre of", from: "Where it stands"
    select "section 1", from: "The section it stands on"
    select "waved ring", from: "Form"
    choose_picture "Add a section…", "A lacing"
    select "section 1", from: "First row"
    select "section 3", from: "Second row"
    enter "Wraps at a place", "4"
    plan = assert_cuts("New pendant")

    lacing = plan.sections.find { |one| one.joins.any? }

    away = plan.piece.document[:wires].find { |wire| wire[:route].size == 3 }

    assert_equal [%w[visit way visit], %w[s1 s3], 4],
      [away[:route].map { |stop| stop[:kind] }, *lacing.section.fields.values_at(:rows, :wraps)]
    in_part("Order of work") {
      assert_selector ".order li", text: /\AJoin\. Cut \d+ mm of .* and (lace section 1 and|tie section 1 to) section 3/
    }
    in_part("Order of work") do
      assert_selector ".order li",
        text: /\AClose\. Cut (the far wire|wire 2) away between section 2 and section 1/
    end
    in_part("Wires") { assert_selector ".weaving-cuts td", text: "#{lacing.separate_lengths.first.cut_mm} mm" }
    3.times { click_on "Nearer" }
    click_on "Whole"

    assert_button "Whole", disabled: true
    assert drawn?(".finished-picture canvas")
    take_in_hand 3
    choose_for_section "Remove it"

    assert_selector ".section-line", count: 2
    assert_cuts("New pendant")
    assert_accessible
  end

  def test_a_component_from_new_to_cut_list
    visit "/"
    start "Component"
    enter "Petals", "10"

    assert_cuts("New component")
    assert_selector "[data-advice='centre-open']"
    select "zigzag", from: "Form"
    enter "Legs of the zigzag", "6"
    plan = assert_cuts("New component")

    assert_in_epsilon (6 * 12) + (5 * 1.4 * Math::PI * 140 / 180), plan.sections.first.length_mm, 1e-9
    choose_picture "Add a section…", "A bent wire"

    assert_selector ".section-line", count: 2
    assert_cuts("New component")
    take_in_hand 1
    find_field("Leg of the zigzag").send_keys(:up)

    assert_field "Leg of the zigzag", with: "13 mm"
    assert_saved
  end

  # What cannot be made is named at its field; the figures stay those of the last good values, nothing typed is lost.
  def test_what_cannot_be_made_is_named
    open_piece "Kelp earrings"
    before = all(".cut-tally strong").map(&:text)
    field = enter("Left open at the end", "60 mm")

    assert_selector ".faults", text: "this frame leaves nothing to weave"
    assert_equal ["60 mm", before], [field.value, all(".cut-tally strong").map(&:text)]
    enter "Width of the frame", "broad"

    assert_selector ".faults", text: "“broad” is not a length"
    enter "Width of the frame", "10"
    enter "Left open at the end", "2"

    assert_no_selector ".faults"
    assert_cuts("Kelp earrings")
  end

  # A section's weave is chosen, said and watched as a band's is; only that section changes.
  def test_the_weave_of_a_section
    open_piece "Limpet heart"
    take_in_hand 2
    untouched = made("Limpet heart").sections.map { |section| section.strip&.account&.path_mm }
    field = find_field("The walk in short")
    field.click
    field.send_keys([:control, "a"], "3 on 2, 3 far 1")

    take_in_hand 1

    assert_selector ".section-line[data-section=s2]", text: "three a side"
    assert_saved
    after = made("Limpet heart").sections.map { |section| section.strip&.account&.path_mm }

    assert_equal [untouched[0], untouched[2]], [after[0], after[2]]
    refute_in_delta untouched[1], after[1], 1.0
    take_in_hand 2
    click_on "Watch it made"

    assert_selector ".player-words", text: "Hold the tail"
    click_on "look at them all"

    assert_selector ".collection"
  end

  # Both faces or one of them; F turns the piece over; the printed page is a template at true size with every mark.
  def test_seen_and_printed
    open_piece "Sluice links"

    assert_selector ".finished-picture canvas", count: 2
    page.send_keys("f")

    assert_selector ".finished-picture canvas[aria-label$='back']", count: 1
    click_on "Print, save"
    click_on "Printed page"
    plan = made("Sluice links")

    plan.runs.each { |cut| assert_selector ".print-cuts strong", text: "#{cut.cut_mm} mm" }
    assert_selector ".print-cuts td", text: "crossing 6"
    assert_selector ".print-order li", minimum: 5
    wide, high = template_mm(plan)
    rows = (high > 170) ? ((high - 10) / 160).ceil : 1

    assert_selector ".true-size img", count: 2 * rows
    shown = page.evaluate_script(<<~JS)
      [...document.querySelectorAll(".true-size img")].map((img) => [img.naturalWidth, img.getBoundingClientRect().width])
    JS

    shown.flatten.each { |px| assert_in_delta wide * 96 / 25.4, px, 2 }
    assert_operator rows, :>, 1, "it takes several sheets"
    tops = all(".sheet-window img").map { |img| img["style"][/top: (-?[\d.]+)mm/, 1].to_f }

    assert_equal (0...rows).map { |row| -160.0 * row } * 2, tops
    assert_selector ".sheet figcaption", text: "sheet 1 of #{rows}: lay the edge of the next on the dashed line"
    assert_accessible
  end

  def template_mm(plan)
    svg = Meander::Output::FinishedSvg.call(plan, title: "any")
    %w[width height].map { |side| svg[/ #{side}="([\d.]+)mm"/, 1].to_f }
  end

  # On a tablet nothing is cut off sideways; in inches the marks read in inches.
  def test_on_a_tablet_in_inches
    page.driver.resize(820, 1180)
    open_piece "Tide-line collar"

    assert_fits 820
    set "inches"

    in_part("Wires") { assert_selector ".mark-list li", text: /\d in (start|end) of/ }
    assert_accessible
  end
end
