# frozen_string_literal: true

require_relative "../support/system_test"

# Everything by keyboard: what is wanted by its name, single keys, the focus, what was undone.
class KeysTest < SystemTest
  def focused = page.evaluate_script("document.activeElement.ariaLabel ?? document.activeElement.textContent.trim()")

  # Asks for something by some letters of its name, from wherever the focus is but a field.
  def ask(letters)
    page.execute_script("document.activeElement.blur()")
    find("body").send_keys("/")
    find_field("What you want to do").send_keys(letters, :enter)

    assert_no_selector ".modal.show"
  end

  def test_what_is_wanted_is_found_by_its_name
    open_piece "Reed cuff"
    find("body").send_keys("/")
    field = find_field("What you want to do")
    field.send_keys("wraps both")

    assert_selector "[role=option]", count: 1, text: "Change wraps round both"
    assert_accessible
    field.send_keys(:enter)

    assert_no_selector ".modal.show"
    40.times { (focused == "Wraps round both") ? break : sleep(0.05) }

    assert_equal "Wraps round both", focused
    find_field("Wraps round both").send_keys(:up, :enter)

    assert_saved
    ask "order"

    assert_selector "[role=tab][aria-selected=true]", text: "Order of work"
    ask "shelf"

    assert_selector "h1", text: "The shelf"
    ask "open kelp"

    assert_field "Name of the piece", with: "Kelp earrings"
  end

  def test_single_keys_and_the_sheet_that_tells_them
    open_piece "Limpet heart"
    find("body").send_keys("w")

    assert_selector "[role=tab][aria-selected=true]", text: "Walk"
    find("body").send_keys("]")

    assert_selector ".section-line.current[data-section=s2]"
    find("body").send_keys("?")

    assert_selector ".modal dt", text: "Take the next section in hand"
    assert_accessible
    find("label", text: "Single keys do something").click
    find(".modal .btn-close").click

    assert_no_selector ".modal.show"
    find("body").send_keys("g")

    assert_selector "[role=tab][aria-selected=true]", text: "Walk"
    assert_no_selector "[role=tab][aria-selected=true]", text: "Finished"
  end

  # What is undone is said, with its value before and after; what changed is marked beside what it was.
  def test_what_is_undone_is_said_and_what_changed_is_marked
    open_piece "Reed cuff"
    enter "Wraps round both", "4"

    assert_selector ".cut-tally .was", text: "1198 mm"
    assert_selector ".cut-tally [aria-live]", text: "before", visible: :all
    assert_saved
    find("body").click
    find("body").send_keys([:control, "z"])

    assert_selector ".toast", text: "Undone: Wraps round both, 2 → 4"
    assert_field "Wraps round both", with: "2"
  end

  # The focus goes to what was made, taken in hand or closed to, never to the page.
  def test_the_focus_is_kept
    open_piece "Limpet heart"
    take_in_hand 2

    assert_equal "Section 2", focused
    click_on "bound"
    find_field("Comfortable working length").click
    page.driver.browser.keyboard.type(:escape)

    assert_no_selector ".fine-print"
    assert_equal "bound", focused
    choose_picture "Add a section…", "A woven section"

    assert_selector ".section-line.current", text: "Standing"
    refute_empty page.evaluate_script("document.activeElement.closest('.section-line, .btn')?.className ?? ''")
    choose_for_section "Remove it"

    assert_selector ".section-line", count: 3
    refute_equal "BODY", page.evaluate_script("document.activeElement.tagName")
  end

  # A press on the stage takes a section in hand; twice, it is nearer.
  def test_a_press_on_the_stage_takes_a_section_in_hand
    open_piece "Limpet heart"

    assert_selector ".finished-picture canvas", count: 2
    assert_selector ".section-line.current[data-section=s1]"
    place = nil
    100.times { (place = page.evaluate_script(WIRE_AT_LEFT)) ? break : sleep(0.05) }
    page.driver.browser.mouse.click(x: place[0], y: place[1])

    assert_selector ".section-line.current:not([data-section=s1])"
    assert_selector ".cut-tally li.lit", minimum: 2
    page.driver.browser.mouse.click(x: place[0], y: place[1], count: 2)

    assert_button "Whole", disabled: false
  end
  # The middle of the leftmost tenth of what is drawn of the front, in the window.
  WIRE_AT_LEFT = <<~JS
    (() => {
      const canvas = document.querySelector(".finished-picture canvas");
      const { width, height } = canvas;
      const { data } = canvas.getContext("2d").getImageData(0, 0, width, height);
      for (let x = 0; x < width; x++)
        for (let y = 0; y < height; y++)
          if (data[4 * (y * width + x) + 3] > 200) {
            const box = canvas.getBoundingClientRect();
            return [box.left + ((x + 3) * box.width) / width, box.top + (y * box.height) / height];
          }
    })()
  JS
end
