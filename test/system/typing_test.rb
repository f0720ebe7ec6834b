# frozen_string_literal: true

require_relative "../support/system_test"

# Values as makers type and step them, in either unit.
class TypingTest < SystemTest
  # What stands in the field, the steps, and what it becomes: in the words it was typed in.
  STEPS = {
    "1 1/2 in" => [[:up], "1 5/8 in"], "6 3/8\"" => [%i[down down], "6 1/8\""], "20 awg" => [[:up], "19 awg"],
    "0 swg" => [[:up], "0 swg"],
    "18 cm" => [%i[up up up], "18.3 cm"], "0,8" => [[:down], "0"], "168" => [[:up], "169"],
    "7 in" => [[:up], "7.125 in"], "thick" => [[:up], "thick"]
  }.freeze

  STEPS.each_with_index do |(typed, (keys, becomes)), i|
    define_method(:"test_arrow_keys_step_a_value_in_its_own_words_#{i + 1}") do
      open_piece "Reed cuff"
      enter("Bare at each end", typed).send_keys(*keys)

      assert_field "Bare at each end", with: becomes
    end
  end

  def test_a_bare_number_is_in_the_makers_unit_but_a_wire_is_in_mm
    open_piece "Reed cuff"
    set "inches"
    enter "Bare at each end", "1/4"
    enter "Base wires: size", "1.2"

    assert_saved
    json = stored_document("Reed cuff")

    assert_equal ["1/4 in", 6.35], json["sections"][0]["bare"]["length"].values_at("typed", "mm")
    assert_equal ["1.2", 1.2], kinds_of(json)[0]["size"].values_at("typed", "mm")
    assert_selector ".cut-tally strong", text: / in\z/
    set "millimetres"

    assert_selector ".cut-tally strong", text: / mm\z/
    assert_field "Bare at each end", with: "1/4 in"
  end

  def test_every_fault_is_told_with_what_would_be_accepted
    open_piece "Tide-line bracelet"
    click_on "hook and loop"
    {"At the start: Inside of the closing loop" => ["0", /inside of the loop/],
      "At the end: Wraps that bind the hook" => ["99", /from 1 to 12/],
     "At the end: Shank of the hook" => ["long", /is not a length/],
      "Coils on the near wire" => ["41", /from 1 to 40/], "Ease over the wrist" => ["-3", /is not a length/],
      "Wrist measured" => ["2000", /from 20 mm to 1000 mm/]}.each do |label, (typed, said)|
      before = find_field(label, match: :first).value
      enter label, typed

      assert_selector ".faults", text: said
      assert_equal "true", find_field(label, match: :first)["aria-invalid"]
      enter label, before

      assert_no_selector ".faults"
    end
  end

  def test_a_fault_at_two_wires_alike_is_told_once_and_put_right_at_both
    open_piece "Reed cuff"
    enter "Base wires: size", "20 ga"

    assert_selector ".faults li", count: 1
    click_on "Take 20 swg"

    assert_saved
    assert_equal ["20 swg"] * 2, kinds_of(stored_document("Reed cuff")).first(2).map { |kind| kind["size"]["typed"] }
  end

  def test_near_and_far_wires_may_differ
    open_piece "Reed cuff"
    click_on "alike"
    enter "Far base wire: size", "0.8"
    select "brass", from: "Far base wire: metal"

    assert_saved
    assert_selector ".cut-tally li", text: "base wire, near"
    assert_selector ".cut-tally li", text: "base wire, far"
    assert_equal [["1.0", "copper"], ["0.8", "brass"]], kinds_of(stored_document("Reed cuff")).first(2).map { |kind|
      [kind["size"]["typed"], kind["metal"]]
    }
  end

  def test_notes_are_kept_and_printed
    open_piece "Reed cuff"
    show "Notes"
    fill_in "Notes", with: "For the tide table: “half past low water” <b>"

    assert_saved
    click_on "Print, save"
    click_on "Printed page"

    assert_text "For the tide table: “half past low water” <b>"
  end

  def test_ten_base_wires_and_back_to_one
    open_piece "Reed cuff"
    enter "Number of base wires", "10"

    assert_selector ".cut-tally strong", text: "10 × "
    enter "Number of base wires", "1"

    assert_selector ".faults", text: "gap 2 is not there: 1 base wire has the gaps 0 to 1"
    select "a plain coil", from: "The weave"

    assert_no_selector ".faults"
    assert_saved
    click_on "Undo"
    click_on "Undo"

    assert_field "Number of base wires", with: "2"
  end
end
