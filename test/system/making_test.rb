# frozen_string_literal: true

require_relative "../support/system_test"
require_relative "../support/making_at_the_bench"

# A piece made at the bench through the real interface: counted with keys and taps, with the server away and the page
# closed; a wire cut short, another count, a note; the second one like the first; the log.
class MakingTest < SystemTest
  include MakingAtTheBench

  # How much is drawn of the piece, in pixels; what is lit of it.
  def drawn
    page.evaluate_script(<<~JS)
      (() => {
        const canvas = document.querySelector(".making-picture canvas");
        const { data } = canvas.getContext("2d").getImageData(0, 0, canvas.width, canvas.height);
        let [all, lit] = [0, 0];
        for (let i = 0; i < data.length; i += 4) {
          if (data[i + 3] > 200) all++;
          if (data[i + 3] > 200 && Math.abs(data[i] - 159) + Math.abs(data[i + 1] - 214) + Math.abs(data[i + 2] - 200) < 12) lit++;
        }
        return [all - lit, lit];
      })()
    JS
  end

  # The picture grows with the count, and what comes next is lit; when all is counted nothing is.
  def test_the_picture_follows_the_count
    making = begin_making("Kelp earrings")
    choose "Weave 34 repeats"
    seen = [0, 12, 17].map do |repeats|
      now = told(making)[:steps][step(making, "Weave 34 repeats")][:count] / 12
      (repeats - now).times do
        find(".count-now").click
        sleep 0.06
      end

      assert_counted repeats, 34
      assert_kept
      100.times { drawn[1].positive? ? break : sleep(0.05) }
      sleep 0.5
      drawn
    end

    assert_equal seen.map(&:first).sort, seen.map(&:first)
    assert_operator seen[1][0], :>, seen[0][0] * 1.3
    assert(seen.all? { |_, lit| lit.between?(20, 2000) }, seen.inspect)
    click_on "Done"
    choose "Weave 34 repeats"
    100.times { drawn[1].zero? ? break : sleep(0.05) }

    assert_equal 0, drawn[1]
    assert_operator drawn[0], :>, seen[2][0]
  end

  # Keys, taps and the button back; away, what is counted is kept here, over a reload, and sent once.
  def test_counting
    making = begin_making("Kelp earrings")
    choose "Weave 34 repeats"

    assert_counted 0, 34
    # Two taps at once are one.
    page.execute_script(<<~JS)
      for (const _ of [1, 2]) document.body.dispatchEvent(new KeyboardEvent("keydown", { key: " ", bubbles: true }));
    JS
    sleep 0.1
    find(".count-now").click

    assert_counted 2, 34
    page.driver.browser.keyboard.type(:Backspace)

    assert_counted 1, 34

    assert_kept
    weave = step(making, "Weave 34 repeats")

    assert_equal 12, told(making)[:steps][weave][:count]
    page.execute_script(AWAY)
    5.times do
      sleep 0.06
      find(".count-now").click
    end

    assert_counted 6, 34

    assert_selector "[role=status]", text: /kept here, \d+ to send/
    assert_equal 12, told(making)[:steps][weave][:count]
    visit page.current_path
    choose "Weave 34 repeats"

    assert_counted 6, 34

    assert_kept

    assert_equal 72, told(making)[:steps][weave][:count]
    select "by the pass", from: "What is counted"

    assert_selector ".count-now", text: /72 of 408 passes/
    assert_accessible
  end

  # Other than planned: the length really cut, another count, which the second one follows; done, finished, in the log.
  def test_a_pair_with_a_deviation
    making = begin_making("Kelp earrings")
    fill_in "Really cut: the folded wire, in mm", with: "121"
    click_on "Cut", exact: true

    assert_text(/4 mm shorter than planned/)
    click_on "Done"
    choose "Weave 34 repeats"
    fill_in "It became so many", with: "33"
    click_on "Say so"

    assert_text(/33 repeats instead of 34: [\d.]+ mm shorter than planned/)
    fill_in "A note on this step", with: "a coil fewer, none to spare"
    click_on "Save"
    click_on "Done"

    assert_kept
    find(".making-step", text: "Second: Weave 34 repeats").click

    assert_counted 0, 33

    assert_text "of the second one"
    assert_kept
    weave = step(making, "Weave 34 repeats")
    told = told(making)

    assert_equal [["a coil fewer, none to spare"], true], told[:steps][weave].values_at(:notes, :done)
    assert_equal [2, 1], [told[:done], told[:differs].size]
    assert_in_delta 121.0, told[:steps][0][:cuts].values.first
    find("summary", text: "Look it over").click
    click_on "To be mended: Curls flat and closed."

    assert_kept

    assert_equal "mend", told(making)[:looked].find { |one| one[:id] == "ending curl" }[:found]
    click_on "Log"

    assert_selector ".making-row", text: /Kelp earrings.*2 of \d+ steps.*1 other than planned/m
    fill_in "Find makings of a piece", with: "nothing like it"

    assert_text "No making is of such a piece"
    fill_in "Find makings of a piece", with: "Kelp"
    click_on "Set the making of Kelp earrings aside"

    assert_no_selector ".making-row"
    click_on "Bring it back"

    assert_selector ".making-row"
    assert_accessible
  end

  # Two benches on one making.
  def test_two_benches
    making = begin_making("Limpet knots")
    choose "Tie a square knot"
    address = page.current_path
    find(".count-now").click
    sleep 0.1
    find(".count-now").click

    assert_kept
    within_window(open_new_window) do
      visit address
      choose "Tie a square knot"

      assert_selector ".count-now", text: /\A2 of 31 knots/
      find(".count-now").click

      assert_selector ".count-now", text: /\A3 of/
      assert_kept
    end
    sleep 0.1
    find(".count-now").click

    assert_kept

    assert_equal 4, told(making)[:steps][step(making, "Tie a square knot")][:count]
    assert_selector ".count-now", text: /\A4 of 31 knots/
    click_on "Rest"

    assert_button "Go on"
    assert_kept
    assert told(making)[:resting]
  end
end
