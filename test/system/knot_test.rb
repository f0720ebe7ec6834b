# frozen_string_literal: true

require_relative "../support/system_test"

# Knots through the real interface: begun, their pattern chosen, written and pointed at, hung from a bar, beaded,
# watched, practised, printed.
class KnotTest < SystemTest
  def section(name) = made(name).sections.find { |one| one.knot }

  def write(rows)
    fill_in("The rows of knots in short", with: rows).send_keys(%i[control enter])
  end

  def test_a_bracelet_is_begun_and_its_pattern_written
    visit "/"
    start "Knotted bracelet"
    before = section("New knotted bracelet")

    assert_field "Times the pattern", with: before.repeats.to_s
    select "8 cords", from: "Cords"

    assert_saved
    assert_equal 8, section("New knotted bracelet").base.size
    assert_selector ".sentence + .quiet", text: /4 of the cords hang free/
    click_on "one row"
    write "s4 s5"

    assert_selector "[role=alert]", text: /more cords than there are.*knots on cords 1 to 8/
    assert_field "The rows of knots in short", with: "s4> s5>"
    write "s4 4q"

    assert_selector "[role=alert]", text: /row 1: “4q”|“q” is no knot/
    write "s4> s4<\n-2 s4"

    assert_saved
    rows = section("New knotted bracelet").section[:rows]

    assert_equal(%w[left right pass left], rows.flat_map { |row| row[:knots] }
      .map { |one| (one[:kind] == "pass") ? "pass" : one[:hand] })
    click_on "Fold away"
    show "Grid"

    assert_selector ".knot-grid .knot"
    assert_told "New knotted bracelet"
    assert_accessible
  end

  # One of the collection; hung from a bar every two cords are one, folded; what has no room there says so.
  def test_a_pattern_is_chosen_and_hung
    open_piece "Limpet knots"
    click_on "look at them all"
    within("[data-knots=eel-diamonds]") { click_on "Knot this" }

    assert_saved
    assert_equal 8, section("Limpet knots").base.size
    click_on "side by side"
    select "from a bar, each folded, its bight in front", from: "How the cords hang"

    assert_saved
    plan = made("Limpet knots")

    assert_equal [4, true], [plan.runs.size, plan.runs.all?(&:folded?)]
    click_on "Room on the bar: say it"
    enter "Room on the bar", "6 mm"

    assert_selector ".said-wrong, [role=alert]", text: /do not hang from it beside each other.*14\.4 mm/i
    enter "Room on the bar", "20 mm"

    assert_saved
    select "melted", from: "What is done with the ends"

    assert_saved
    assert_equal "melt", section("Limpet knots").section[:finish]
    select "side by side, by their ends", from: "How the cords hang"

    assert_saved
    assert_equal 8, made("Limpet knots").runs.size
    5.times { click_on "Undo" }

    assert_saved
    assert_equal 4, section("Limpet knots").base.size
  end

  def test_knots_are_pointed_at
    open_piece "Heron hanging"
    take_in_hand 2
    show "Point and knot"
    tied = ->(row) { row[:knots].map { |one| [one[:kind], one[:cords]] } }
    rows = -> { section("Heron hanging").section[:rows].map(&tied) }

    assert_equal [["square", 4], ["square", 4]], rows.call.first
    click_on "Row 2, place 3: a square knot: remove it"

    assert_saved
    select "a bar of hitches", from: "Knot to tie"
    select "8", from: "Cords of the knot"
    click_on "Row 2, place 1: a bar of hitches here"

    assert_saved
    assert_equal [["bar", 8]], rows.call.last
    click_on "One row more"
    select "an overhand knot", from: "Knot to tie"
    select "2", from: "Cords of the knot"
    click_on "Row 3, place 4: an overhand knot here"

    assert_saved
    assert_equal [["pass", 3], ["overhand", 2]], rows.call.last
    select "a square knot", from: "Knot to tie"
    select "4", from: "Cords of the knot"
    click_on "Row 3, place 1: a square knot here"

    assert_selector "[role=status]", text: /no room/
    click_on "Remove row 3"

    assert_saved
    assert_equal 2, rows.call.size
    assert_accessible
  end

  def test_knots_are_watched_and_practised
    open_piece "Heron hanging"
    take_in_hand 2
    page.driver.browser.keyboard.type("m")

    assert_selector ".player", text: "Hang the cords and begin"
    click_on "A tie on"

    assert_selector ".player", text: "half knot, left cord in front"
    assert_selector ".player", text: /knot 1 of 21, row 1: square knot from the left, places 1 to 4/
    click_on "A knot on"

    assert_selector ".player", text: /Next: half knot, left cord in front/
    click_on "Practise"
    find(".player .btn", text: "half knot, right cord in front").click

    assert_selector ".practice-said", text: /Not yet/
    find(".player .btn", text: "half knot, left cord in front").click

    assert_selector ".practice-said", text: /Right.*1 of 2/
    find("input[type=range]").send_keys(:end)

    assert_selector ".player", text: /All of it is tied/
    assert_accessible
  end

  # Beads: how many, in steps, on the page and in the file alike.
  def test_beads_and_print
    open_piece "Limpet knots"
    before = made("Limpet knots").beads.first.count
    in_part("Beads") { enter "Beads 1: knots from bead to bead", "2" }

    assert_saved
    plan = made("Limpet knots")
    count = plan.beads.first.count

    assert_operator count, :>, before
    in_part("Beads") { assert_text "#{count} beads" }
    in_part("Order of work") { assert_selector ".step-words", text: /Slide #{count} Limpet/ }
    assert_told "Limpet knots"
    visit "#{page.current_path}/print"

    assert_selector ".print-charts h2", text: "Grid"
    assert_selector ".print-charts .knot-grid"
    assert_selector ".print-charts", text: /cord 1 [\d.]+ mm/
  end

  # Below their knots cords are tied to a second bar, and hang free below that.
  def test_cords_are_hitched_to_a_bar_and_hang_free
    open_piece "Heron hanging"
    before = section("Heron hanging")
    take_in_hand 2
    find(".sentence button", text: "from a bar").click
    click_on "Bar they are hitched to: say it"
    enter("Bar they are hitched to", "3 mm").send_keys(:enter)
    enter("Hanging free", "20 mm").send_keys(:enter)

    assert_becomes([3.0, 20.0]) { section("Heron hanging").then { |now| [now.layout.hitched&.bar_mm, now.bare_mm] } }
    now = section("Heron hanging")

    assert_in_delta before.length_mm + now.layout.hitched.down_mm + 20, now.length_mm, 1e-6
    assert_told "Heron hanging"
    show "Order of work"

    assert_selector ".step-words", text: /tie each cord round it with a double half hitch/
    assert_selector ".step-words", text: /Below the knots 20 mm hang free/
  end

  # Hung from a ring of wire: outwards and inwards, half-way round it or elsewhere, and taken off it again.
  def test_cords_hang_from_a_bent_wire
    visit "/"
    start "Component"
    choose_picture "Add a section…", "A bent wire"
    select "arc", from: "Form"
    enter("Radius", "20").send_keys(:enter)
    choose_picture "Add a section…", "Knots"
    select "on the wire of", from: "Where it stands"

    assert_saved
    hung = section("New component")

    assert_equal %w[rim outwards], [hung.section[:at][:kind], find("[aria-label='Side of the wire it hangs to']")
      .find("option:checked").text]
    assert_in_delta 0.5, hung.layout.bar.middle_mm / made("New component").placed.section(hung.section[:at][:section])
      .length_mm
    assert_selector ".sentence button", text: "from the wire"
    click_on "Distance along the wire: say it"
    enter("Distance along the wire", "12").send_keys(:enter)

    assert_becomes(12.0) { section("New component").layout.bar.middle_mm }
    plan = assert_told("New component")

    assert(plan.runs.any? { |run| run.marks.any? { |mark| mark.words == "middle of section 3" } })
    enter("Distance along the wire", "2").send_keys(:enter)

    assert_selector ".said-wrong, [role=alert]", text: /do not hang along the wire beside each other/
    enter("Distance along the wire", "14").send_keys(:enter)
    select "inwards", from: "Side of the wire it hangs to"

    assert_becomes(["far", 14.0]) { section("New component").section[:at].then { |at| [at[:side], at[:along]&.mm] } }
    assert_accessible
    select "beside", from: "Where it stands"

    assert_becomes(2.0) { section("New component").section[:mount][:over]&.mm }
  end
end
