# frozen_string_literal: true

require_relative "../support/system_test"

# The way in through the real interface: a piece of the path begun, moves practised, those that went wrong told and
# practised again.
class LearnTest < SystemTest
  def setup
    super
    Server::Practised.delete_all
  end

  def test_the_path_and_what_to_practise
    visit "/learn"

    assert_text "Nothing went wrong yet"
    assert_selector ".learn-path > li", count: 6
    assert_accessible
    click_on "Begin Marram hoops in copper"

    assert_selector ".bench"
    assert_equal ["copper"], stored_document("Marram hoops in copper")["kinds"].map { |kind| kind["metal"] }.uniq
    show "Watch it made"
    click_on "Practise"
    find(".practice .btn", text: "0:").click

    assert_selector ".practice-said", text: /Not yet/
    click_on "Show me"

    assert_selector ".practice-said", text: /It goes/
    visit "/learn"

    assert_selector "section[aria-label='What to practise next'] li", text: /2 of 2 wrong.*Marram hoops in copper/m
    assert_button "Open Marram hoops in copper"
    click_on "Practise it"

    assert_selector ".practice-said", text: "Where does the wire go next?"
  end

  # Braids, crochet and knots are practised as moves. What was practised while Meander was away is kept here, and sent
  # once it is there again.
  def test_knots_are_practised
    open_piece "Limpet knots"
    show "Watch it made"
    click_on "Practise"
    page.execute_script("window.fetch = () => Promise.reject(new TypeError('offline'))")
    find(".player .btn", text: /\A2:/).click

    assert_selector ".practice-said", text: "Not yet"
    assert_equal 0, Server::Practised.count
    page.refresh

    assert_selector ".bench"
    visit "/learn"
    click_on "Practise it"

    assert_selector ".practice-said", text: "What is the first move?"
    assert_equal [1, 1], Server::Practised.pluck(:asked, :wrong).first
  end
end
