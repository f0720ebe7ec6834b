# frozen_string_literal: true

require_relative "../support/system_test"

class BenchTest < SystemTest
  # The whole way: a new cuff, said in the brief, planned, saved and taken out.
  def test_from_a_wrist_to_a_cut_list
    visit "/"
    start "Cuff"
    enter "Name of the piece", "Saltpan cuff"
    enter "Wrist measured", "6 1/2 in"
    enter "Ease over the wrist", "9"
    enter "Base wires: size", "20 awg"
    enter "Weaving wire: size", "30 swg"
    enter "Coils on the near wire", "5"
    enter "Wraps round both", "2"
    select "along the curve", from: "How the opening is measured"
    enter "Opening", "30"
    select "sterling silver", from: "Base wires: metal"

    assert_saved
    document = stored_document("Saltpan cuff")
    planned = plan(document)

    assert_equal ["6 1/2 in", "20 awg", "20 awg", "30 swg"],
      [document["pins"][0]["length"], *kinds_of(document).map { |kind| kind["size"] }].map { |one| one["typed"] }
    assert_equal %w[sterling sterling copper], kinds_of(document).map { |kind| kind["metal"] }
    assert_in_delta 165.1 + 9 + (Math::PI * planned.band.layout.frame.thickness_mm) - 30, planned.fit.wanted_mm, 1e-6
    assert_shown planned
    take_out
  end

  def test_what_is_typed_wrongly_is_named_at_its_field_and_nothing_is_lost
    open_piece "Reed cuff"
    enter "Base wires: size", "18 ga"

    assert_selector ".faults", text: /18 awg is 1.024 mm or 18 swg is 1.219 mm/
    assert_selector "[role=status]", text: "Not saved until every value can be used"
    assert_equal "true", find_field("Base wires: size")["aria-invalid"]
    enter "Wraps round both", "3"

    assert_selector ".faults", text: /18 awg/
    assert_field "Base wires: size", with: "18 ga"
    click_on "Take 18 swg"

    assert_no_selector ".faults"
    assert_saved
    assert_equal ["18 swg", 3], stored_document("Reed cuff").then { |json|
      [kinds_of(json)[0]["size"]["typed"], json["sections"][0]["pattern"]["both"]]
    }
  end

  def test_a_doubtful_value_is_questioned_and_the_likely_one_offered
    open_piece "Reed cuff"
    enter "Ease over the wrist", "90"

    assert_selector ".advice.urgent", text: "Is the ease over the wrist really 90 mm?"
    assert_field "Ease over the wrist", with: "90"
    click_on "Take 9 mm"

    assert_no_selector ".advice.urgent"
    assert_field "Ease over the wrist", with: "9 mm"
  end

  def test_pins_hold_and_the_others_follow
    open_piece "Reed cuff"
    before = find_field("Repeats").value
    click_on "Pin repeats"
    enter "Wrist", "180 mm"

    assert_field "Repeats", with: before
    assert_selector ".reached", text: "the bare ends have given way"
    enter "Repeats", "90"

    assert_selector ".advice.urgent", text: "The wrist and the repeats contradict each other"
    assert_selector ".answer.clash", count: 2
    answer_row("Wrist").click_on("Pin wrist")

    assert_no_selector ".advice.urgent"
    assert_selector ".answer.clash", count: 0
    enter "Weaving wire to hand", "1 m"

    assert_selector ".advice.urgent", text: /90 repeats need .* 1000 mm to hand/
    assert_equal "true", answer_row("Weaving wire").find_button("Pin weaving wire to hand")["aria-pressed"]
  end

  def test_undo_and_redo_are_steps_of_the_whole_document
    open_piece "Reed cuff"
    enter "Wraps round both", "7"

    assert_saved
    select "closed bracelet", from: "Kind of piece"

    assert_button "hook and loop"
    find("body").send_keys([:control, "z"])

    assert_field "Opening", with: "34 mm"
    click_on "Undo"

    assert_field "Wraps round both", with: "2"
    assert_button "Undo", disabled: true
    click_on "Redo"

    assert_field "Wraps round both", with: "7"
    assert_saved
    assert_equal 7, stored_document("Reed cuff")["sections"][0]["pattern"]["both"]
  end

  def test_values_step_with_the_arrow_keys
    open_piece "Tide-line bracelet"
    find_field("Coils on the near wire").send_keys(:up, :up)
    find_field("Base wires: size").send_keys(:up)
    find_field("Wrist measured").send_keys(:up)
    find_field("Weaving wire: size").send_keys(:down)

    assert_saved
    json = stored_document("Tide-line bracelet")

    assert_equal 8, json["sections"][0]["pattern"]["single"]
    assert_equal ["19 awg", "31 awg", "6 1/2 in"],
      [kinds_of(json)[0]["size"], kinds_of(json)[2]["size"], json["pins"][0]["length"]].map { |size| size["typed"] }
  end

  # A wire is said as people say it; what the bare ends come to stands beside what was asked for.
  def test_wires_as_they_are_said
    open_piece "Reed cuff"
    enter "Base wires: size", "18 awg half-hard brass wire"

    assert_saved
    assert_equal ["18 awg", "brass", "half_hard"],
      kinds_of(stored_document("Reed cuff"))[0].then { |kind| [kind["size"]["typed"], kind["metal"], kind["temper"]] }
    enter "Base wires: size", "soft copper"

    assert_selector ".said-wrong, .faults", text: "soft copper"
    enter "Base wires: size", "1 mm"
    enter "Bare at each end", "2 mm"
    find("[aria-label^='Weaving wire to hand']", match: :first).click
    enter "Weaving wire to hand", "1.2 m"

    assert_saved
    bare = plan(stored_document("Reed cuff")).fit.bare_mm

    assert_operator bare, :>, 10
    assert_text "(#{plain(Meander::Units::Text.length(bare))} as it comes out)"
  end

  def test_units_light_and_hand_are_kept
    open_piece "Reed cuff"
    set "inches"
    set "dark"
    set "left"

    assert_selector ".cut-tally strong", text: "6 13/16 in", match: :first
    enter "Bare at each end", "0.25"

    assert_saved
    visit "/"
    click_on "Reed cuff"

    assert_field "Bare at each end", with: "0.25 in"
    assert_equal "dark", page.evaluate_script("document.documentElement.dataset.bsTheme")
    click_on "How you work"

    assert_selector ".offcanvas .btn[aria-pressed=true]", text: "left"
  end

  def test_the_loupe_moves_turns_and_zooms_by_keyboard
    open_piece "Reed cuff"
    shown = -> { find(".strip-panel .figures").text }
    before, picture = shown.call, page.evaluate_script("document.querySelector('.loupe canvas').toDataURL()")
    find(".loupe").send_keys("+", "+", :right)

    refute_equal before, shown.call
    click_on "Back"

    refute_equal picture, page.evaluate_script("document.querySelector('.loupe canvas').toDataURL()")
    click_on "Whole"

    assert_selector ".strip-panel .figures", text: /15\d.\d mm/
  end

  private

  def assert_shown(planned)
    planned.runs.each { |bar| assert_selector ".cut-tally strong", text: "#{bar.cut_mm} mm" }
    assert_field "Repeats", with: planned.fit.repeats.to_s
    planned.band.strip.to_h[:weaving][:lengths].each do |length|
      assert_selector ".cut-tally strong", text: "#{length[:cut_mm]} mm"
    end
    assert_selector ".facts dd", text: format("%.2f g", planned.mass[:finished_g])
  end

  def take_out
    click_on "Print, save"
    click_on "Cut list (CSV)"
    file = wait_for_file("saltpan-cuff-cut-list.csv")

    assert_includes File.read(file), "base,w1,sterling silver"
    click_on "Print, save"
    click_on "Printed page"

    assert_selector ".print-cuts tbody tr", minimum: 3
    images = page.evaluate_async_script(
      "const done = arguments[0]; Promise.all([...document.images].map((i) => i.decode().then(() => " \
      "i.naturalWidth))).then(done)"
    )

    assert_equal 2, images.count(&:positive?)
  end
end
