# frozen_string_literal: true

require_relative "../support/system_test"

# A weave said in short.
class ShortNotationTest < SystemTest
  def test_a_weave_is_said_and_the_bench_follows
    open_piece "Heron cuff"

    assert_field "The walk in short", with: Meander::Notation::Writer.call(Meander::Weave::Samples::RAY)
    enter "The walk in short", "3 on 1, 2 on 1-3, 2 on 5"

    assert_field "Gaps of the walk", with: "0 1 0 1 0 1 0 3 0 3 4 5 4 5"
    assert_saved
    assert_equal [0, 1, 0, 1, 0, 1, 0, 3, 0, 3, 4, 5, 4, 5],
      stored_document("Heron cuff")["sections"][0]["pattern"]["gaps"]
    enter "Gaps of the walk", "0 2 0 2 1 4 3 5"

    assert_field "The walk in short", with: "2 on 1-2, 1 on 2-4, 1 on 4-5"
  end

  def test_what_cannot_be_read_stays_and_the_last_good_weave_too
    open_piece "Heron cuff"
    enter "The walk in short", "4 on 1, 2 onn 1-2"

    assert_selector ".said-wrong", text: "at character 11: “onn” is not understood here"
    find("body").click

    assert_field "The walk in short", with: "4 on 1, 2 onn 1-2"
    assert_equal "true", find_field("The walk in short")["aria-invalid"]
    click_on "Take on"

    assert_no_selector ".said-wrong"
    assert_field "Gaps of the walk", with: "0 1 0 1 0 1 0 1 0 2 0 2"
    assert_accessible
  end
end
