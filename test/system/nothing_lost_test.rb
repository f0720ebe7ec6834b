# frozen_string_literal: true

require_relative "../support/system_test"

# What was typed survives whatever interrupts it: a server that is away, a wrong field beside it, every way out.
class NothingLostTest < SystemTest
  AWAY = "window.reach ??= window.fetch; window.fetch = () => Promise.reject(new TypeError('offline'))"
  BACK = "window.fetch = window.reach"

  # Typed while the server is away, left for the shelf, and there again; undo works meanwhile.
  def test_typed_while_the_server_is_away
    open_piece "Reed cuff"
    page.execute_script(AWAY)
    enter "Wraps round both", "5"

    assert_selector "[role=status]", text: "Not saved: Meander cannot be reached"
    enter "Bare at each end", "8 mm"
    find("body").click
    click_on "Undo"

    assert_field "Bare at each end", with: "6 mm"
    click_on "Redo"

    assert_field "Bare at each end", with: "8 mm"
    click_on "Shelf"

    assert_selector ".faults", text: "Meander cannot be reached"
    assert_equal 2, stored_document("Reed cuff")["sections"][0]["pattern"]["both"]
    open_piece "Reed cuff"

    assert_selector ".toast", text: "What you typed here last is back"
    assert_field "Wraps round both", with: "5"
    assert_saved
    kept = stored_document("Reed cuff")["sections"][0]

    assert_equal [5, "8 mm"], [kept["pattern"]["both"], kept["bare"]["length"]["typed"]]
  end

  # It is tried again by itself, without anything being typed.
  def test_it_is_tried_again
    open_piece "Reed cuff"
    page.execute_script(AWAY)
    enter "Wraps round both", "5"

    assert_selector ".trouble", text: "what you type is kept here"
    page.execute_script(BACK)

    assert_no_selector ".trouble"
    assert_saved
    assert_equal 5, stored_document("Reed cuff")["sections"][0]["pattern"]["both"]
  end

  # A wrong value keeps the right ones after it from nothing: all of it comes back as it was typed.
  def test_right_values_beside_a_wrong_one
    open_piece "Reed cuff"
    enter "Bare at each end", "banana"

    assert_selector ".faults", text: "banana"
    enter "Wraps round both", "5"

    assert_selector "[role=status]", text: "Not saved until"
    visit "/"
    open_piece "Reed cuff"

    assert_field "Bare at each end", with: "banana"
    assert_field "Wraps round both", with: "5"
    assert_selector ".faults", text: "banana"
    enter "Bare at each end", "7 mm"

    assert_saved
    kept = stored_document("Reed cuff")["sections"][0]

    assert_equal [5, "7 mm"], [kept["pattern"]["both"], kept["bare"]["length"]["typed"]]
    open_piece "Reed cuff"

    assert_no_selector ".toast"
  end

  # Undo leaves no fault standing: what could be used last comes back first.
  def test_undo_takes_a_fault_back
    open_piece "Reed cuff"
    enter "Wraps round both", "5"

    assert_saved
    enter "Bare at each end", "banana"

    assert_selector ".faults"
    click_on "Undo"

    assert_no_selector ".faults"
    assert_field "Bare at each end", with: "6 mm"
    assert_field "Wraps round both", with: "5"
  end

  # Where the piece was changed elsewhere since, the maker chooses.
  def test_a_draft_on_an_older_piece
    open_piece "Reed cuff"
    enter "Bare at each end", "banana"

    assert_selector ".faults"
    visit "/"
    piece = Server::Piece.find_by!(name: "Reed cuff")
    Server::Routes::Pieces.save(piece.id, piece.content.tap { |json| json["sections"][0]["pattern"]["both"] = 8 },
      piece.revision)
    open_piece "Reed cuff"

    assert_field "Wraps round both", with: "8"
    assert_text "What you typed here last was never saved"
    assert_accessible
    click_on "Put mine back"

    assert_field "Bare at each end", with: "banana"
    assert_field "Wraps round both", with: "2"
    click_on "Undo"

    assert_field "Wraps round both", with: "8"
    assert_no_text "never saved"
  end
end
