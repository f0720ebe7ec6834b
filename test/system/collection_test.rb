# frozen_string_literal: true

require_relative "../support/system_test"

# Choosing a weave by looking at all of them.
class WeaveCollectionTest < SystemTest
  def test_the_weaves_are_shown_in_the_makers_wires_and_one_is_taken
    open_piece "Marram bracelet"
    click_on "look at them all"

    assert_selector ".collection li", count: Meander::Weave::Samples::ALL.size + Server::Weave.count
    assert_selector ".collection li canvas", count: Meander::Weave::Samples::ALL.size + Server::Weave.count
    piece = Meander::Document::PieceReader.call(stored_document("Marram bracelet")).piece
    sample = Meander::Weave::Samples::ALL.find { |one| one.key == "diamond-5" }
    figures = Meander::Crafts::Weaving::TryWeave.figures(
      Meander::Crafts::Weaving::TryWeave.call(piece.sections.first, sample)
    )
    card = find("[data-weave='diamond-5']")

    assert_includes card.text, "#{format("%.1f", figures[:wire_per_cm_mm]).delete_suffix(".0")} mm"
    assert_accessible
    card.click_on("Weave this")

    assert_selector "[data-weave='diamond-5'].taken", text: "On the bench"
    assert_field "Number of base wires", with: "5"
    assert_saved
    assert_equal sample.gaps, stored_document("Marram bracelet")["sections"][0]["pattern"]["gaps"]
    click_on "Undo"

    assert_field "Number of base wires", with: "2"
    assert_no_selector "[data-weave='diamond-5'].taken"
  end

  # All crafts in one table: sorted, fewer of them, and from a name to its picture.
  def test_the_crafts_are_compared
    visit "/weaves"
    click_on "Compare across the crafts"

    assert_selector ".across tbody tr", minimum: 40
    assert_selector ".across tbody tr:first-child", text: /a plain coil.*woven.*1\.8 mm.*110\.4 mm/m
    assert_accessible
    find(".across th", text: "Time for 1 cm").click

    assert_selector ".across tbody tr:first-child", text: /three twisted cords.*braided.*\d+ s/m
    ["braided", "crocheted", "woven"].each { |craft| find(".across label", text: craft).click }

    assert_no_selector ".across tbody tr", text: "woven"
    assert_selector ".across tbody tr", count: Meander::Knot::Samples::ALL.size
    click_on "diamonds about a knot"

    assert_equal "diamonds about a knot",
      page.evaluate_script("document.activeElement.closest('[data-knots]').querySelector('h3').textContent")
    enter "Weaving wire", "2.5 mm"

    assert_selector ".across .text-danger", text: "could not be compared"
  end

  def test_coils_stay_coils_and_wide_weaves_hold_their_wires_apart
    open_piece "Reed cuff"
    click_on "look at them all"
    find("[data-weave='coils-8-2']").click_on("Weave this")

    assert_field "Coils on the near wire", with: "8"
    find("[data-weave='wide-eight-5']").click_on("Weave this")

    assert_saved
    assert_equal [{"typed" => "3.2 mm", "mm" => 3.2}],
      stored_document("Reed cuff")["sections"][0]["spacing"]["clear"].map { |clear| clear.slice("typed", "mm") }
    find("[data-weave='plain-coil']").click_on("Weave this")

    assert_field "Number of base wires", with: "1"
    find(".collection").click_on("Fold away")

    assert_no_selector ".collection"
  end
end
