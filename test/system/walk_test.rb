# frozen_string_literal: true

require_relative "../support/system_test"

# Weaves other than coils on the bench.
class WalkTest < SystemTest
  # A walk nobody named: said, seen on both faces, its wire and its faults, saved and opened again.
  def test_a_walk_of_the_makers_own
    visit "/"
    start "Cuff"
    enter "Name of the piece", "Kelp band"
    enter "Number of base wires", "4"

    assert_selector ".cut-tally strong", text: "4 × "
    enter "Gaps of the walk", "0 2 0 2 1 4 2 3, 1 3"

    assert_saved
    document = stored_document("Kelp band")
    planned = plan(document)

    assert_equal [0, 2, 0, 2, 1, 4, 2, 3, 1, 3], document["sections"][0]["pattern"]["gaps"]
    assert_equal %w[w1 w2 w4 w5], planned.sections.first.base.map(&:id)
    assert_field "Repeats", with: planned.fit.repeats.to_s
    planned.band.strip.to_h[:weaving][:lengths].each do |length|
      assert_selector ".cut-tally strong", text: "#{length[:cut_mm]} mm"
    end
    assert_advice planned
    front = loupe
    click_on "Back"

    refute_equal front, loupe
    back = loupe
    click_on "Walk"

    refute_equal back, loupe
    assert_accessible
  end

  def test_a_weave_of_the_short_list_and_its_mirror_image
    open_piece "Reed cuff"
    select "diamonds over five", from: "The weave"

    assert_field "Number of base wires", with: "5"
    assert_field "Gaps of the walk", with: "2 3 2 3 1 4 1 4 0 5 0 5 1 4 1 4"
    click_on "starting and ending"
    click_on "near for far"

    assert_field "Gaps of the walk", with: "3 2 3 2 4 1 4 1 5 0 5 0 4 1 4 1"
    closed_so_far("Reed cuff")
    select "the middle outwards", from: "Where the weave starts"

    assert_selector ".neighbours", text: "Two more"
    select "one wire in any case, begun at its middle", from: "Wire for both halves"

    assert_becomes(1) { made("Reed cuff").band.strip.account.lengths.size }
    in_part("Order of work") do
      assert_selector ".step-words", text: /read the second half.*with the other end of the weaving wire/
    end
    select "one end", from: "Where the weave starts"

    assert_becomes([nil]) { stored_document("Reed cuff")["wires"].map { |wire| wire["begun"] }.uniq }
    select "the middle outwards", from: "Where the weave starts"
    click_on "Remove after 1"

    assert_selector ".advice", text: "The weave ends round 3 wires"
    select "coils", from: "The weave"

    assert_field "Number of base wires", with: "2"
    assert_field "Coils on the near wire", with: "4"
    assert_saved
  end

  # What closes it said in mm, and as many times as that comes to.
  def closed_so_far(name)
    select "long", from: "How it is said, after 1"
    enter("How far, after 1", "4").send_keys(:enter)

    assert_becomes("4") { stored_document(name)["sections"][0]["pattern"]["after"][0].dig("length", "typed") }
    times = made(name).sections.first.layout.stretches(:after)[0][1]

    assert_operator times, :>, 4
    assert_text "(#{times} times)"
    enter("How far, after 1", "900").send_keys(:enter)

    assert_selector ".said-wrong, [role=alert]", text: /0.2 mm to 500 mm/
    enter("How far, after 1", "4").send_keys(:enter)
    select "times", from: "How it is said, after 1"

    assert_field "Times, after 1", with: times.to_s
    assert_saved
  end

  def test_a_walk_that_cannot_be_made_is_named_at_its_place_and_kept
    open_piece "Heron cuff"
    enter "Gaps of the walk", "0 1 x"

    assert_selector ".faults", text: "x is not a count that can be made"
    assert_field "Gaps of the walk", with: "0 1 x"
    enter "Gaps of the walk", "0 1 1 2"

    assert_selector ".faults", text: "gap 1 stands twice in a row"
    enter "Gaps of the walk", "0 1 0 7"

    assert_selector ".faults", text: "gap 7 is not there: 5 base wires have the gaps 0 to 5"
    assert_selector "[role=status]", text: "Not saved until every value can be used"
    enter "Number of base wires", "0"

    assert_selector ".said-wrong", text: "a whole number from 1 to 25"
    click_on "Undo" if page.has_button?("Undo", disabled: false, wait: 0)
    enter "Gaps of the walk", "0 1 0 5"

    assert_no_selector ".faults"
    assert_saved
  end

  def test_two_strands_cut_away_wires_and_gaps_that_change
    open_piece "Heron cuff"
    click_on "bound"
    select "two wires side by side", from: "Strands"
    select "sterling silver", from: "Second weaving wire: metal"

    in_part("Wires") { assert_selector ".cut-number strong", text: /2 × \d+ mm/ }
    click_on "base wires"
    click_on "Cut away base wire 3"

    assert_selector ".cut-tally li", text: "cut away after weaving"
    assert_saved
    json = stored_document("Heron cuff")

    laid = plan(json).piece.sections.first

    assert_equal [[2, 3], 2, "sterling"], [laid.seating[:cut_away], laid.working.size, laid.working.last.metal]
    click_on "Shelf"
    click_on "Sluice cuff"
    click_on "base wires"
    enter "Clear gap at 1", "0.1"

    assert_selector ".advice.urgent", text: "No room to pass through gap 1"
    click_on "Print, save"
    click_on "Strip, front (SVG)"
    svg = wait_for_file("sluice-cuff-front.svg")

    assert_operator File.size(svg), :>, 10_000
  end

  private

  def loupe = page.evaluate_script("document.querySelector('.loupe canvas').toDataURL()")

  def assert_advice(planned)
    Meander.answer(planned)[:advice].each do |item|
      assert_selector "[data-advice='#{item[:id]}']", text: item[:title]
    end
  end
end
