# frozen_string_literal: true

require_relative "../support/system_test"

# Knots closed round something, crowns, and cords hung from a row of others, through the real interface.
class KnotsHungTest < SystemTest
  NAME = "Limpet net"

  def section = made(NAME).sections.first
  def rows = section.section[:rows].map { |row| row[:knots].map { |one| [one[:kind], one[:hand], one[:cords]] } }

  def test_a_net_is_opened_and_closed_again
    open_piece NAME
    click_on "from a ring"

    assert_field "What it goes round, across", with: "26 mm"
    enter "What it goes round, deep", "3 mm"

    assert_saved
    enter "What it goes round, across", "3 mm"

    assert_selector ".said-wrong, [role=alert]", text: /16 cords do not close round it/i
    enter "What it goes round, across", "40 mm"

    assert_saved
    assert_in_delta 40 + (2 * 5.05 * 0.8), section.width_mm, 1e-6
    select "lies flat", from: "How the work lies"

    # The knots over the join are gone with it, all others stay.
    assert_saved
    assert_nil section.section[:round]
    assert_equal [4, 4, 4, 4, 4], rows.map(&:size)
    select "is closed round something", from: "How the work lies"

    assert_saved
    assert_operator section.layout.girth.round_mm, :>=, 16 * section.layout.least_mm
    click_on "Undo" until has_button?("Undo", disabled: true, wait: 0.2)

    assert_field "What it goes round, across", with: "26 mm"
    assert_saved
    assert_told NAME
    in_part("Order of work") do
      assert_selector ".step-words", text: "the last one closes the round, in places 15, 16, 1 and 2"
    end
  end

  # The grid shows what is knotted over the join beyond the last cord; there a knot can be put and taken.
  def test_the_join_is_pointed_at
    open_piece NAME
    show "Grid"

    assert_selector ".knot-grid .knot"
    show "Point and knot"
    click_on "Row 2, place 1: a square knot: remove it"

    assert_saved
    assert_equal 4, rows[1].size
    select "a crown knot", from: "Knot to tie"
    select "anticlockwise", from: "Side of the knot"
    click_on "Row 2, place 15: a crown knot here"

    assert_saved
    assert_equal ["crown", "left", 4], rows[1].last
    show "Watch it made"
    8.times { click_on "A knot on" }

    assert_selector ".player", text: /knot 8 of 48, row 2: crown knot worked anticlockwise, places 15 to 16 and 1 to 2/
  end

  # Cords hang from the last row of other knots once that is a bar across all of them.
  def test_cords_hang_from_a_row_of_others
    visit "/"
    start "Component"
    choose_picture "Add a section…", "Knots"
    click_on "one row"
    fill_in("The rows of knots in short", with: "s4\nb4>").send_keys(%i[control enter])

    assert_saved
    choose_picture "Add a section…", "Knots"
    select "on the bar of", from: "Where it stands"

    assert_saved
    assert_selector ".sentence button", text: "from the bar"
    hung = made("New component").sections.last

    assert_equal [true, "near"], [hung.layout.bar.row?, hung.section[:at][:side]]
    click_on "Distance along the bar: say it"
    enter("Distance along the bar", "1").send_keys(:enter)

    assert_selector ".said-wrong, [role=alert]", text: /do not hang along the bar beside each other/
  end
end
