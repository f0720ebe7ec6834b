# frozen_string_literal: true

require_relative "../support/system_test"

# One piece open in two places: what the maker can choose, and what becomes of the other version.
class TwoTabsTest < SystemTest
  # Changes the piece behind the back of the open tab, then in the tab itself.
  def contradict(name)
    open_piece name
    piece = Server::Piece.find_by!(name:)
    other = piece.content.tap { |json| json["sections"][0]["pattern"]["both"] = 9 }
    Server::Routes::Pieces.save(piece.id, other, piece.revision)
    enter "Coils on the near wire", "6"

    assert_selector ".versions article", count: 2
    piece
  end

  def counts(piece) = piece.reload.content["sections"][0]["pattern"].values_at("single", "both")

  def test_the_other_version_is_taken
    piece = contradict("Reed cuff")
    click_on "Take the other"

    assert_no_selector ".versions"
    assert_field "Wraps round both", with: "9"
    assert_field "Coils on the near wire", with: "4"
    assert_saved
    assert_equal [4, 9], counts(piece)
    assert_equal 1, piece.versions.where(outcome: "refused").count
    open_piece "Reed cuff"

    assert_field "Wraps round both", with: "9"
    assert_no_text "never saved"
  end

  def test_both_versions_stay_as_pieces
    piece = contradict("Reed cuff")
    click_on "Keep both, mine as a copy"

    assert_field "Name of the piece", with: "Reed cuff (mine)"
    assert_field "Coils on the near wire", with: "6"
    assert_equal [[4, 9], [6, 2]], [counts(piece), counts(Server::Piece.find_by!(name: "Reed cuff (mine)"))]
    click_on "Shelf"

    assert_link "Reed cuff"
    assert_link "Reed cuff (mine)"
  end

  def test_after_choosing_saving_goes_on
    piece = contradict("Tide-line bracelet")
    click_on "Keep mine"

    assert_no_selector ".versions"
    enter "Wraps round both", "5"

    assert_saved
    assert_equal [6, 5], counts(piece)
  end

  # A tab with nothing waiting shows the newer version when it is looked at again.
  def test_an_idle_tab_follows
    open_piece "Reed cuff"

    assert_saved
    piece = Server::Piece.find_by!(name: "Reed cuff")
    Server::Routes::Pieces.save(piece.id, piece.content.tap { |json| json["sections"][0]["pattern"]["both"] = 8 },
      piece.revision)
    page.execute_script("window.dispatchEvent(new Event('focus'))")

    assert_field "Wraps round both", with: "8"
    assert_no_selector ".versions"
  end

  def test_a_piece_deleted_elsewhere_is_still_saved
    open_piece "Reed cuff"
    piece = Server::Piece.find_by!(name: "Reed cuff")
    piece.update!(deleted_at: Time.now.utc)
    enter "Wraps round both", "7"

    assert_saved
    assert_equal [4, 7], counts(piece)
  end
end
