# frozen_string_literal: true

require_relative "../support/system_test"

class ShelfTest < SystemTest
  def test_the_collection_lies_on_the_shelf_to_one_scale
    visit "/"

    assert_selector ".shelf-item", count: demo_documents.size
    all(".shelf-item").each do |row|
      scroll_to(row)

      assert row.has_selector?("canvas"), row["data-piece"]
    end
    worn = all(".shelf-item .worn-picture canvas")
    widths = worn.to_h { |one| [one.ancestor(".shelf-item")["data-piece"], drawn(one)] }
    summaries = Server::Piece.on_shelf.to_h do |piece|
      [piece.name, JSON.parse(Server::Routes::Pieces.row(piece), symbolize_names: true)]
    end
    ratios = widths.map do |name, width|
      width / (summaries[name][:worn][:round_mm] / Math::PI)
    end

    assert_in_delta ratios.max / ratios.min, 1, 0.05
  end

  # Pieces are drawn as they come into sight, and nothing moves for it.
  def test_places_are_kept_before_pieces_are_drawn
    visit "/"

    assert_selector ".shelf-item canvas", minimum: 3
    page.execute_script(
      "window.moved = []; new PerformanceObserver((list) => window.moved.push(...list.getEntries().map((entry) => " \
      "entry.value))).observe({ type: 'layout-shift' })"
    )
    tops = -> { all(".shelf-item").map { |row| row.evaluate_script("this.getBoundingClientRect().top + scrollY") } }
    before = tops.call
    all(".shelf-item").each { |row| scroll_to(row) && row.assert_selector("canvas") }

    before.zip(tops.call) { |was, is| assert_in_delta was, is, 3 }
    assert_empty page.evaluate_script("window.moved"), "nothing moves for a moment either: a press would miss"
  end

  # A piece that cannot be planned any more hangs there with its fault among the others, and goes back to a version that
  # can.
  def test_a_piece_that_cannot_be_planned_any_more
    piece = Server::Piece.find_by!(name: "Reed cuff")
    piece.update_columns(document: JSON.generate(piece.content.merge("version" => 9)), told: nil)
    visit "/"
    row = find(".shelf-item.faulty", text: "Reed cuff")

    row.assert_text "this version of the piece document is not known here"

    assert_selector ".shelf-item", count: demo_documents.size
    assert_accessible
    row.click_on "Go back in Reed cuff"

    assert_link "Reed cuff"
    assert_no_selector ".shelf-item.faulty"
  end

  # Counts that changed with the rules are said once, and are one step back.
  def test_counts_that_changed_are_said_once
    visit "/"

    assert_link "Reed cuff"
    piece = Server::Piece.find_by!(name: "Reed cuff")
    now = JSON.parse(piece.repeats)[0]
    piece.update_columns(repeats: JSON.generate([now + 3]), told_by: "older #{piece.told_by.split(" ", 2)[1]}")
    open_piece "Reed cuff"

    assert_text "Planned anew: #{now} repeats, #{now + 3} before."
    assert_field "Repeats", with: now.to_s
    click_on "As before"

    assert_field "Repeats", with: (now + 3).to_s
    assert_no_text "Planned anew"
    assert_saved
    open_piece "Reed cuff"

    assert_no_text "Planned anew"
  end

  def test_rename_duplicate_delete_and_undo
    visit "/"
    from_menu "Reed cuff", "Rename…"
    find_field("New name").send_keys([:control, "a"], "Reed cuff, second", :enter)

    assert_link "Reed cuff, second"
    from_menu "Marram bracelet", "Duplicate"

    assert_link "Marram bracelet (copy)"
    # What was changed last hangs first; a menu is there once its piece comes into sight.
    scroll_to find(".shelf-name", text: "Marram bracelet (copy)")
    from_menu "Marram bracelet (copy)", "Delete"

    assert_text "Deleted Marram bracelet (copy)."
    assert_no_link "Marram bracelet (copy)"
    click_on "Bring it back"

    assert_link "Marram bracelet (copy)"
  end

  # Found by words, put in order, hung in collections.
  def test_pieces_are_found_sorted_and_collected
    visit "/"

    assert_selector ".shelf-item", count: demo_documents.size
    fill_in "Find a piece", with: "cuff 171"

    assert_selector ".shelf-item", count: 1, text: "Reed cuff"
    fill_in "Find a piece", with: "cuffs of gold"

    assert_text "No piece is called so."
    click_on "Show all"
    select "by name", from: "In which order"

    assert_equal demo_documents.map { |one| one["name"] }.sort, all(".shelf-name").map(&:text)
    from_menu "Reed cuff", "Hang it in a collection…"
    find_field("Collection").send_keys([:control, "a"], "Winter", :enter)
    click_on "Winter"

    assert_selector ".shelf-item", count: 1, text: "Reed cuff"
    visit "/"

    assert_selector ".shelf-item", count: 1, text: "Reed cuff"
    from_menu "Reed cuff", "Hang it in a collection…"
    find_field("Collection").send_keys([:control, "a"], :backspace, :enter)

    assert_no_button "Winter"
    assert_selector ".shelf-item", count: demo_documents.size
    assert_accessible
  end

  # By themselves, in wires one can try; a cuff begins with the one that is chosen.
  def test_the_weaves_by_themselves
    visit "/weaves"

    assert_selector "[data-weave]", minimum: 15
    find("[data-weave='ray-5']").click_on("Weave this")

    assert_field "Name of the piece", with: "New cuff"
    assert_saved
    assert_equal "walk", stored_document("New cuff")["sections"][0]["pattern"]["kind"]
  end

  def test_a_piece_comes_in_from_its_file_and_a_bad_one_is_named
    visit "/"
    good, bad, text = %w[good bad text].map { |name| File.join(SCRATCH, "#{name}.json") }
    File.write(good, JSON.generate(document("bracelet", name: "Heron bracelet")))
    File.write(bad, JSON.generate(document("wires.1.size": size("thick"), "sections.0.pattern.single": 41)))
    File.write(text, "not a piece")
    bring_in(text)

    assert_text "text.json is not a piece: it cannot be read as JSON"
    bring_in(bad)

    assert_text "/wires/1/size: base wire: “thick” is not a length"
    assert_text "/sections/0/pattern/single: 41 is not a count that can be made"
    bring_in(good)

    assert_field "Name of the piece", with: "Heron bracelet"
  end

  def test_two_tabs_on_one_piece_never_overwrite_each_other_silently
    open_piece "Reed cuff"
    address = page.current_path
    Capybara.using_session(:other_tab) do
      visit address
      enter "Wraps round both", "9"

      assert_saved
    end
    enter "Coils on the near wire", "6"

    assert_selector ".versions article", count: 2
    assert_selector ".versions article", text: "Yours, in this tab"
    keep_mine_and_check
  end

  def test_a_long_name_and_an_empty_one
    long = "Reed cuff for the longest day of the year, with every coil counted twice and once more for luck, and " \
           "then some words"
    open_piece "Reed cuff"
    enter "Name of the piece", long

    assert_saved
    enter "Name of the piece", " "

    assert_selector ".faults"
    click_on "Shelf"

    assert_link long
    assert_fits 1280
  end

  def test_nothing_serious_is_found_by_axe_in_light_and_dark_and_at_tablet_width
    [[1280, 800], [820, 1180]].each do |size|
      page.driver.resize(*size)
      %w[light dark].each do |light|
        visit "/"
        set light

        assert_accessible
        click_on "Tide-line bracelet"

        assert_selector ".loupe canvas"
        click_on "hook and loop"

        assert_accessible
        assert_fits size[0]
      end
    end
    visit "#{page.current_path}/print"

    assert_selector ".print-cuts"
    assert_accessible
  end

  private

  def bring_in(file)
    click_on "New piece"
    attach_file(file) { find(".bring-in").click }
  end

  # How wide what is drawn on a canvas is, in px.
  def drawn(canvas)
    100.times { (wide = canvas.evaluate_script(WIDE)) ? (return wide) : sleep(0.05) }
  end
  WIDE = <<~JS
    (() => {
      const { width, height, clientWidth } = this;
      const { data } = this.getContext("2d").getImageData(0, 0, width, height);
      const seen = (x) => Array.from({ length: height }, (_, y) => data[4 * (y * width + x) + 3] > 60).some(Boolean);
      const all = Array.from({ length: width }, (_, x) => x).filter(seen);
      return all.length ? ((all.at(-1) - all[0]) * clientWidth) / width : null;
    })()
  JS

  def keep_mine_and_check
    click_on "Keep mine"

    assert_no_selector ".versions"
    assert_saved
    kept = stored_document("Reed cuff")["sections"][0]["pattern"]

    assert_equal [6, 2], kept.values_at("single", "both")
    assert_equal 1, Server::PieceVersion.where(outcome: "refused").count
  end
end
