# frozen_string_literal: true

require_relative "../support/system_test"
require_relative "../support/making_at_the_bench"

# A pair made twice: the first time with a crash, a wire that runs out and is joined, another count, and a partner that
# matches; then once more, the two side by side, photos and all.
class MadeTwiceTest < SystemTest
  include MakingAtTheBench

  def weave(making) = step(making, "Weave 34 repeats")

  def tap_count(times)
    times.times do
      sleep 0.06
      find(".count-now").click
    end
  end

  def test_a_pair_is_made_with_what_goes_wrong
    making = begin_making("Kelp earrings")
    check "Flush cutters, and something over the eyes."

    assert_text(/1 of \d+ lie ready/)
    choose "to weave with"
    fill_in "Really cut: the wire to weave repeats 1 to 34, in mm", with: "1000"
    click_on "Cut", exact: true

    assert_selector ".panel", text: /With what was really done.*used up after 30 repeats.*join on there with 229 mm/m
    choose "Weave 34 repeats"
    tap_count 3
    crash

    assert_counted 3, 34
    join_and_miscount(making)
    find(".making-step", text: "Second: Weave 34 repeats").click

    assert_counted 0, 33
    assert_selector ".making-words", text: "a figure-eight, three a side, mirrored: 3 wraps round the near wire"
    assert_text(/The first one became:.*33 repeats instead of 34.*260 mm joined on after 3 repeats/m)
    tap_count 2
    find(".making-step", text: "Second: Weave 34 repeats").click

    assert_kept
    second = making.planned[:steps].index { |one| one[:first] == weave(making) }

    assert_equal [24, 396], told(making)[:steps][second].values_at(:count, :wanted)
    take_back(making, second)

    assert_accessible
  end

  # Twice the same: the second making is by itself, the log has both, side by side.
  def test_made_again_and_side_by_side
    first = begin_making("Kelp earrings")
    select "very well", from: "How well it came out"
    fill_in "To be finished by", with: Date.new(2026, 1, 5)
    attach_file "Add photos", photo

    assert_selector "img.making-photo[alt*='JPEG, 40 by 20']"
    fill_in "Left over, in mm", with: "310"
    fill_in "Left over of", with: "fine silver 0.25"
    click_on "Keep the offcut"

    assert_text "310 mm of fine silver 0.25."
    assert_text "That day is past."
    assert_kept
    second = begin_again("Kelp earrings")
    choose "Weave 34 repeats"
    tap_count 1

    assert_kept
    click_on "Log"

    assert_selector "section[aria-label=Overdue] .making-row", text: /Kelp earrings.*came out very well/m
    assert_selector "section[aria-label='On the bench'] .making-row", count: 1
    assert_selector "figure", text: "Time by month"
    assert_accessible
    all(:link, "Side by side").first.click

    assert_selector "h1", text: "Kelp earrings, made 2 times"
    page.refresh

    assert_selector "table.beside tr", text: /came out\s+very well\s+–/
    assert_accessible
    out_and_in(first, second)
  end

  # Nothing is left of the page that was open: the count stands when it is opened again.
  def crash
    address = page.current_path
    page.driver.browser.page.command("Page.navigate", url: "about:blank")
    visit address
    choose "Weave 34 repeats"
  end

  def join_and_miscount(making)
    fill_in "Joined on, in mm", with: "260"
    click_on "Join"

    assert_text "260 mm joined on after 3 repeats."
    assert_selector ".panel", text: /With what was really done.*it just reaches/m
    fill_in "It became so many", with: "33"
    click_on "Say so"

    assert_text(/33 repeats instead of 34: 1\.1 mm shorter than planned\. .*Make the other one the same/)
    assert_kept

    assert_equal [{"of" => "s1/0/0/0", "after" => 36, "mm" => 260.0}], told(making)[:steps][weave(making)][:joins]
  end

  # One after the other, what was done last is taken back.
  def take_back(making, second)
    click_on "Undo"

    assert_counted 1, 33
    page.driver.browser.keyboard.type("z")

    assert_counted 0, 33
    click_on "Undo"

    assert_counted 0, 34
    assert_kept

    assert_equal [0, 408], told(making)[:steps][second].values_at(:count, :wanted)
  end

  def begin_again(name)
    open_piece name

    assert_link(text: /Being made since .+: 0 of 28/)
    show "Order of work"
    click_on "Make another"

    assert_selector ".making h1", text: name
    Server::Making.order(:created_at).last
  end

  # A JPEG as the browser writes it.
  def photo
    data = page.evaluate_script(<<~JS)
      (() => {
        const canvas = document.createElement("canvas");
        [canvas.width, canvas.height] = [40, 20];
        canvas.getContext("2d").fillRect(0, 0, 9, 9);
        return canvas.toDataURL("image/jpeg");
      })()
    JS
    File.join(SCRATCH, "photo.jpg").tap { |path| File.binwrite(path, data.split(",").last.unpack1("m")) }
  end

  # Taken out, set aside for good, and read back in.
  def out_and_in(*makings)
    click_on "Log"
    click_on "as JSON"
    file = wait_for_file("makings.json")
    Server::MakingEvent.delete_all
    Server::Making.delete_all
    visit "/makings"

    assert_text "Nothing was made yet"
    attach_file "Read makings in from a file", file, make_visible: true

    assert_text "2 read in."
    assert_selector ".making-row", count: 2
    assert_equal makings.map(&:id).sort, Server::Making.pluck(:id).sort
    File.write(File.join(SCRATCH, "none.json"), "no makings")
    attach_file "Read makings in from a file", File.join(SCRATCH, "none.json"), make_visible: true

    assert_text "none.json is no file of makings."
  end
end
