# frozen_string_literal: true

require_relative "../support/system_test"

# Wires that travel: led from section to section, brought together, woven on, bound, and ends that meet, each through
# the real interface.
class TravellingTest < SystemTest
  # A heart of one wire whose two ends go on as a woven pair.
  def test_a_heart_that_goes_on_as_a_pair
    visit "/"
    start "Component"
    choose_picture "Add a section…", "A bent wire"
    select "heart, its ends a pair", from: "Form"
    enter "Length over all", "28"
    enter "Width over all", "50"

    assert_selector ".said-wrong, [role=alert]", text: /so wide/
    enter "Width over all", "27"
    take_in_hand 1
    choose_for_section "Remove it"
    choose_picture "Add a section…", "A woven section"
    select "straight strip", from: "Form"
    select "where others come together:", from: "Where it stands"

    assert_selector "button[aria-pressed=true]", text: "end of section 1"
    assert_selector ".section-line", text: "Both wires come from section 1."
    plan = assert_cuts("New component")

    heart, pair = plan.sections.map(&:id)

    assert_equal [1, [pair, heart, pair]], [plan.runs.size, plan.runs.first.stops.map { |stop| stop.section.id }]
    in_part("Order of work") { assert_selector ".order li", text: /Bring both ends of section 1 together in section 2/ }
    assert_accessible
  end

  # On the stage an open end is pressed, then the one it goes on to: two wires are one, bare between their sections.
  def test_wires_are_led_on_the_stage
    open_piece "Limpet heart"
    before = made("Limpet heart")
    click_on "Lead wires"

    assert_selector ".end-point", count: 4
    assert_selector ".end-words", text: "Press an open end, then the one it goes on to."
    apart = page.evaluate_script(<<~JS)
      [...document.querySelectorAll(".end-point")].map((one) => one.getBoundingClientRect()).map(({ x, y }) => [x, y])
    JS

    apart.combination(2) { |(x, y), (ox, oy)| assert_operator Math.hypot(x - ox, y - oy), :>=, 44 }
    first, second = [2, 3].map { |number| find(".end-point", text: /\A#{number}·/) }
    first.click

    assert_selector ".end-words", text: /section 2: press where it goes\.\z/
    assert_selector ".end-point[aria-pressed=true]", count: 1
    page.send_keys(:escape)

    assert_no_selector ".end-point[aria-pressed=true]"
    first.click
    second.click

    assert_selector ".end-point", count: 2
    assert_saved
    after = made("Limpet heart")

    assert_equal before.runs.size - 1, after.runs.size
    assert_includes after.runs.map { |run| run.stops.map { |stop| stop.section.id } & %w[s2 s3] }, %w[s2 s3]
    click_on "Undo"

    assert_selector ".end-point", count: 4
    assert_accessible
    open_piece "Marram collar"
    click_on "Lead wires"

    assert_selector ".end-words", text: "No end is open"
  end

  # What is left of a weaving wire ends in a curl and in an arc over the front, on a piece of sections and on a cuff; it
  # is cut with the weave, and left off again.
  def test_what_is_left_of_a_weaving_wire_is_bent
    {"Tide-line collar" => "End a wire…", "Reed cuff" => "End the weaving wire…"}.each do |name, button|
      open_piece name
      before = made(name)
      ["a curl", "an arc over the front"].zip(%w[start end]).each do |ending, side|
        click_on button
        find(".modal label", text: /\A#{side}, what is left of the weaving wire( of section 1)?\z/).click
        find(".modal .picture-choices .btn", text: ending).click

        assert_selector ".ending-lines li", text: /At the #{side} what is left of the weaving wire.* ends in #{ending}/
      end
      assert_saved
      after = made(name)

      after.cut_list.each { |row| assert_selector ".cut-tally strong", text: /\b#{row.cut_mm} mm/ }
      assert_equal 2, order(after).count { |step| step.words.include?("what is left of the weaving wire") }
      assert_operator after.working.values.sum, :>, before.working.values.sum + 20
    end
    2.times do
      all(".ending-lines li .line-menu").first.click
      find(".dropdown-menu.show .dropdown-item", text: "Cut it flush").click
      sleep 0.5
    end

    assert_no_selector ".ending-lines"
    assert_accessible
  end

  # An end is led through a loop of another section: the cuts follow, a bend that does not come round is refused, and a
  # loop that is cut flush takes with it what was led through.
  def test_an_end_is_led_through_a_loop
    open_piece "Tide-line collar"
    before = made("Tide-line collar")
    click_on "End a wire…"
    find(".modal label", text: "end, far wire of section 2").click
    find(".modal .picture-choices .btn", text: "a pass through a loop").click
    line = find(".ending-lines li", text: "ends in a pass through a loop")

    within(line) { assert_select "Ending 5: which loop", selected: "wire 3 of section 1 at its end" }
    assert_saved
    after = made("Tide-line collar")
    told = "led through the simple loop at the end of section 1 from the back"

    assert_includes after.ended("e5").words, told
    assert_in_delta after.ended("e5").length_mm(1), after.runs.sum(&:total_mm) - before.runs.sum(&:total_mm), 1e-6
    after.cut_list.each { |row| assert_selector ".cut-tally strong", text: /\b#{row.cut_mm} mm/ }
    fill_in "Ending 5: Inside of the bend", with: "180 mm\t"

    assert_text(/a bend that wide does not come round to the simple loop at the end of section 1/)
    assert_text(/at most [\d.]+ mm/)
    fill_in "Ending 5: Inside of the bend", with: "3 mm\t"

    assert_no_text(/does not come round/)
    click_on "Order of work"

    assert_text(/pass it through from the back, draw it up and cut it 6 mm past the loop/)
    click_on "Brief"
    all(".ending-lines li .line-menu")[1].click
    find(".dropdown-menu.show .dropdown-item", text: "Cut it flush").click

    assert_selector ".ending-lines li", count: 3
    click_on "Undo"

    assert_selector ".ending-lines li", count: 5
    assert_accessible
  end

  # Wires led elsewhere, one by one, and one weaving wire for two sections.
  def test_wires_are_led_on_from_elsewhere
    open_piece "Marram collar"
    take_in_hand 4

    assert_select "What it is made with", selected: "the wire of section 2"
    select "a length of its own", from: "What it is made with"

    assert_selector ".cut-tally", text: "weaves section 4"
    click_on "Lead its wires otherwise"
    select "nothing more", from: "Wire 1 comes from"

    assert_saved
    assert_equal 5, made("Marram collar").runs.size
    select "the end of the near wire of section 2", from: "Wire 1 comes from"
    select "the wire of section 3", from: "What it is made with"
    plan = assert_cuts("Marram collar")

    assert_equal 4, plan.runs.size
    assert_equal %w[s4], plan.placed.section("s3").strip.account.lengths.last.on.onward
    in_part("Wires") { assert_selector ".weaving-cuts td", text: "on with the wire of section 3" }
    in_part("Order of work") { assert_selector ".order li", text: /Weave on with the wire from section 3/ }
    in_part("Wires") do
      click_on "Light base wire 2 on the piece"

      assert_selector ".cut .parts", text: /3: section 1/
      assert_button "Light base wire 2 on the piece"
    end
    3.times { click_on "Undo" }

    assert_select "What it is made with", selected: "a length of its own"
  end

  # Ends that meet: what gives is chosen, what comes out is told, what cannot meet as well.
  def test_arms_that_close
    open_piece "Eel-run wreath"

    assert_selector ".meeting-lines li", count: 2
    assert_selector ".meeting-lines li", text: /As it comes out: radius of section 2 18.4 mm/
    select "meets", from: "Meeting 1: how"

    assert_selector "button[aria-pressed=true]", text: "radius of section 2"
    assert_selector ".meeting-lines li:first-child", text: /As it comes out: radius of section 2 [\d.]+ mm\./
    assert_saved
    assert_predicate made("Eel-run wreath").met, :met?
    within(".meeting-lines li:first-child") { click_on "radius of section 2" }

    assert_selector ".meeting-lines li:first-child", text: "1 more value must give."
    within(".meeting-lines li:first-child") { click_on "bare wire before section 2" }

    assert_selector "[data-advice='meeting-not-met'], .meeting-lines li:first-child .quiet"
    from_menu "meeting 2", "Let them stand apart"

    assert_selector ".meeting-lines li", count: 1
    assert_accessible
  end

  # A binding goes round what the maker names, and takes wire of its own.
  def test_a_binding
    open_piece "Reed heart"
    choose_picture "Add a section…", "A binding"

    assert_field "Wraps", with: "3"
    enter "Bound wire 1: how far out", "0"
    enter "Bound wire 2: how far out", "0"
    enter "Wraps", "5"
    plan = assert_cuts("Reed heart")
    own = plan.separate_lengths.first

    assert_equal ["binding", 5], [own.kind, own.wraps]
    assert_selector ".cut-tally strong", text: "#{own.cut_mm} mm"
    click_on "Remove bound wire 2"
    click_on "Bind one more wire"

    assert_field "Bound wire 2: how far out"
    assert_accessible
  end

  # Cuffs and rings of bent wire say what they are worn on, and are bent round last.
  def test_a_cuff_of_bent_wire
    open_piece "Kelp cuff"

    assert_selector ".reached", text: /It reaches 144.9 mm/
    assert_select "Kind of piece", selected: "cuff"
    in_part("Order of work") { assert_selector ".order li", text: /Bend the whole of it over a bottle/ }
    open_piece "Limpet bead ring"

    assert_selector ".reached", text: /It reaches 57 mm/
    in_part("Beads") { assert_text "Tide pearl" }
  end
end
