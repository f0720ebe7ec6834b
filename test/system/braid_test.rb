# frozen_string_literal: true

require_relative "../support/system_test"

# Braids through the real interface: begun, told how they cross, beaded, watched, printed.
class BraidTest < SystemTest
  def test_a_bracelet_is_begun_and_drawn_tighter
    visit "/"
    start "Braided bracelet"
    before = made("New braided bracelet").sections.first

    assert_field "Stitches", with: before.repeats.to_s
    # What is bent round the wrist as a whole is no ring or helix of its own.
    assert_empty find_field("Form").all("option").map(&:text) & ["closed ring", "helix"]
    click_on "drawn down"
    click_on "Length of a stitch: say it"
    enter "Length of a stitch", "2.9 mm"

    assert_no_field "Stitches", with: before.repeats.to_s
    assert_saved
    tighter = made("New braided bracelet").sections.first

    assert_operator tighter.repeats, :>, before.repeats
    assert_operator tighter.take_up, :>, before.take_up
    enter "Length of a stitch", "1 mm"

    assert_selector ".said-wrong, [role=alert]", text: /strands so thick.*2\.25 mm or more/i
    enter "Length of a stitch", "3.2 mm"

    assert_no_selector ".said-wrong, [role=alert]"
    click_on "Measure a swatch"
    enter "Wire of one strand in the swatch", "66 mm"

    assert_saved
    assert_in_delta 66 / 50.0, made("New braided bracelet").sections.first.take_up, 1e-6
    select "4", from: "Number of strands"

    assert_saved
    wider = made("New braided bracelet").sections.first

    assert_equal [4, nil], [wider.strands.size, wider.section[:swatch]]
    assert_told "New braided bracelet"
    assert_accessible
  end

  # Crossings are typed, or turned over on the diagram; what comes undone says so, and nothing is lost.
  def test_crossings_are_typed_and_pointed_at
    open_piece "Heron plait"
    click_on "braided flat, over and under"
    fill_in("The crossings in short", with: "1r 2r").send_keys(:enter)

    assert_button "braided crossing by crossing"
    assert_saved
    assert_equal "1r 2r", made("Heron plait").sections.first.layout.scheme.to_s
    assert_selector ".advice", text: /How much wire this braid takes is assumed/
    find("[aria-label^='Crossing 2']").click

    assert_field "The crossings in short", with: "1r 2l"
    fill_in("The crossings in short", with: "1r 1l 2r 2l").send_keys(:enter)

    assert_selector ".said-wrong", text: /takes crossing 1 \(1r\) back/
    assert_field "The crossings in short", with: "1r 1l 2r 2l"
    fill_in("The crossings in short", with: "(1r 2l)2 2l").send_keys(:enter)

    assert_saved
    assert_equal "1r 2l 1r 2l 2l", made("Heron plait").sections.first.layout.scheme.to_s
    click_on "Braid it flat, over and under"

    assert_saved
    refute_predicate made("Heron plait").sections.first, :assumed?
    click_on "Begin it from the far edge"

    assert_button "braided flat, over and under from the far edge"
    assert_field "The crossings in short", with: "2l 1r"
    assert_saved
    assert_equal "2l 1r", made("Heron plait").sections.first.layout.scheme.to_s
    assert_told "Heron plait"
  end

  def test_a_braid_is_watched_and_practised
    open_piece "Reed strap"
    take_in_hand 2
    page.driver.browser.keyboard.type("m")
    moves = made("Reed strap").sections.last.braid[:moves]

    assert_selector ".player", text: "Clamp the strands side by side and begin"
    click_on "A move on"
    click_on "A move on"

    assert_selector ".player-words", text: moves[1]
    assert_selector ".player", text: /stitch 1 of 18, crossing 2 of 3/
    click_on "Practise"
    find(".player .btn", text: moves[0]).click

    assert_selector ".practice-said", text: /Not yet/
    find(".player .btn", text: moves[2]).click

    assert_selector ".practice-said", text: /Right.*1 of 2/
    click_on "A stitch on"

    assert_selector ".player", text: /stitch 2 of 18/
    find("input[type=range]").send_keys(:end)

    assert_selector ".player", text: /The braid is done/
    assert_accessible
  end

  # An edge with beads curves; the strands they are strung on are told, in steps, on the page and in the file alike.
  def test_beads_curve_a_neckline
    open_piece "Tide-line neckline"
    enter "Radius of the bend", "60"

    assert_saved
    assert_selector ".sentence ~ p", text: /its beads curve it on a radius of 60 mm/
    in_part("Beads") do
      enter "Beads 1: Stitches before the first bead", "4"
      enter "Beads 1: stitches from bead to bead", "1, 2"
    end

    assert_saved
    plan = made("Tide-line neckline")
    rule = plan.beads.first

    assert_equal [1, 2], plan.piece.document[:beads][0][:every]
    in_part("Order of work") do
      rule.shares.each do |strand, count|
        assert_selector ".step-words", text: /strand #{strand + 1}: #{count} Tide glass/
      end
    end
    enter "Radius of the bend", "3"

    assert_selector "[role=alert]", text: /the inner edge cannot be drawn down so far.*a radius of \d/i
    enter "Radius of the bend", "66"

    assert_saved
    cuts = made("Tide-line neckline").runs.map(&:cut_mm)

    cuts.each { |mm| assert_selector ".cut-tally strong", text: /\b#{mm} mm/ }
    id = Server::Piece.find_by!(name: "Tide-line neckline").id
    get "/api/pieces/#{id}/cut-list.csv"

    cuts.each { |mm| assert_includes last_response.body, ",#{mm}," }
    visit "/pieces/#{id}/print"

    cuts.each { |mm| assert_text(/\b#{mm} mm/) }
  end

  # Beads stay on their edge whatever the number of strands, and curve it as before; those in the middle of three go to
  # an edge where there is no such middle any more. Undone, all is as it was.
  def test_beads_follow_the_number_of_strands
    open_piece "Tide-line neckline"
    before = stored_document("Tide-line neckline")
    select "6", from: "Number of strands"

    assert_saved
    assert_selector ".advice", text: /How much wire this braid takes is assumed/
    plan = made("Tide-line neckline")

    assert_equal ["near", 21], [plan.piece.document[:beads][0][:on], plan.beads.first.count]
    assert_in_delta 72, plan.sections.first.curve[:radius_mm], 1e-6
    select "3", from: "Number of strands"

    assert_select "Number of strands", selected: "3"
    in_part("Beads") { select "the middle strand", from: "Beads 1: Where the beads lie" }

    assert_saved
    assert_nil made("Tide-line neckline").sections.first.curve
    select "5", from: "Number of strands"

    assert_saved
    assert_equal "near", stored_document("Tide-line neckline")["beads"][0]["on"]
    4.times { click_on "Undo" }

    assert_select "Number of strands", selected: "4"
    assert_saved
    assert_equal before["beads"], stored_document("Tide-line neckline")["beads"]
  end

  # Bent to a closed outline, wound on a dowel, of wires that are to hand: said in the sentence, planned, told.
  def test_a_braid_is_bent_to_an_outline
    open_piece "Heron plait"
    braided = made("Heron plait").sections.first.braided_mm
    select "heart, its ends a pair,", from: "Form"

    assert_field "Width over all", with: "#{(0.28 * braided).round} mm"
    enter "Width over all", "200 mm"

    assert_selector "[role=alert]", text: /do not go round a heart so wide.*\d mm to \d/i
    enter "Width over all", "34 mm"

    assert_saved
    plan = made("Heron plait")
    wide = plan.sections.first.outline.map(&:first).minmax.then { |low, high| high - low }

    assert_in_delta 34, wide, 0.5
    in_part("Order of work") { assert_selector ".step-words", text: /to a heart 34 mm wide, its ends a pair\./ }
    click_on "strands"
    click_on "Wire to hand: say it"
    enter "Wire to hand", "150 mm"

    assert_selector ".advice", text: /2 wires of those to hand run short.*strands 1 and 2/im
    assert_accessible
  end

  def test_strands_become_cords
    open_piece "Sluice cord"
    click_on "strands"

    assert_field "Strand 2: length of a turn", with: "3.5 mm"
    enter "Strand 2: length of a turn", "0.5"

    assert_selector "[role=alert]", text: /no longer lie against each other.*1\.26 mm or more/i
    enter "Strand 2: length of a turn", "5"
    select "two wires side by side", from: "Strand 3"

    assert_saved
    plan = assert_told("Sluice cord")

    assert_equal [1, 2, 2], plan.sections.first.strands.map(&:size)
    assert_in_epsilon Math.hypot(1, Math::PI * 0.4 / 5), plan.sections.first.strands[1].take_up, 1e-9
  end

  def test_braids_to_choose_from
    visit "/weaves"

    assert_selector "[data-braid]", count: Meander::Braid::Samples::ALL.size
    within("[data-braid='plait-5']") { click_on "Braid this" }

    assert_selector ".bench"
    assert_selector "select[aria-label='Number of strands'] option:checked", text: "5"
    click_on "look at them all"
    within("[data-braid='round-4']") { click_on "Braid this" }

    assert_button "braided crossing by crossing"
    assert_saved
    assert_equal "3r 2r 2r 1l 2l 2l", Server::Piece.order(:updated_at).last.then { |one|
      made(one.name).sections.first.layout.scheme.to_s
    }
    choose_picture "Add a section…", "A braid"

    assert_selector "[data-section]", count: 2
    assert_saved
  end

  # An ending takes the strand that leaves on the right, whichever that is, or another one.
  def test_a_strand_is_ended_by_where_it_leaves
    open_piece "Tide-line neckline"
    from_menu "ending 2", "Cut it flush"

    assert_selector ".ending-lines > li", count: 1
    assert_saved
    braid = made("Tide-line neckline").sections.first
    right = braid.layout.scheme.after(braid.repeats).last + 1
    click_on "End a wire…"
    (1..4).each { |number| find(".modal label", text: /\Awire #{number}, /).click unless number == right }

    assert_selector ".modal .btn-check:checked + label, .modal label.active", text: "wire #{right}, on the right"
    assert_accessible
    find(".modal .picture-choices .btn", text: "a curl").click

    assert_no_selector ".modal.show"
    assert_saved
    assert_equal [right - 1], curled
    other = (right % 4) + 1
    find_field("Ending 2: which wire").find("option", text: /\Awire #{other}, /).select_option

    assert_saved
    assert_equal [other - 1], curled
  end

  # The seats of the wires that end in a curl, from 0.
  def curled
    plan = made("Tide-line neckline")
    curl = plan.piece.endings.find { |one| one.kind == "curl" }
    plan.piece.routes.ends(curl.id).map { |one| one.visit.number - 1 }
  end
end
