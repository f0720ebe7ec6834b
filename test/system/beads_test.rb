# frozen_string_literal: true

require_relative "../support/system_test"

# Beads through the real interface: the tray, placing them, what fits, the order they are strung in.
class BeadsOnTheBenchTest < SystemTest
  def place_beads(name, rule = nil)
    click_on "Place beads…"
    find(".modal .picture-choices .btn", text: name).click
    choose rule if rule
    click_on "Place them"

    assert_no_selector ".modal.show"
  end

  def planned(name) = Server::Planning.plan(stored_document(name))

  # Names of beads in the order they are used: what is strung last is used first; knots are tied one below another.
  def used(beads, rule)
    if rule == :knotted
      return beads.flat_map { |one| one.lying.map { |at| [at.at[0], one.kind.name] } }.sort.map(&:last)
    end

    Meander::Beads::Stringing.call(beads).flat_map do |one|
      one.runs.reverse.flat_map { |kind, times| [kind.name] * times }
    end
  end

  # Several kinds in turn: each where the order has it, again and again, strung so that what is used first is last.
  def test_kinds_that_follow_each_other
    {"Crocheted bracelet" => [3, :crocheted], "Knotted bracelet" => [2, :knotted], "Cuff" => [2, :woven]}
      .each do |kind, (step, rule)|
      visit "/"
      start kind
      show "Beads"
      click_on "Place beads…"
      find(".form-switch label", text: "Several kinds in turn").click

      assert_button "Place them", disabled: true
      ["Reed seed", "Reed seed", "Eel-run steel"].each { |name| find(".picture-choices .btn", text: name).click }
      fill_in "One bead every", with: step
      click_on "Place them"

      assert_selector ".placement", minimum: 2
      assert_saved
      beads = planned("New #{kind.downcase}").beads

      assert_equal [rule.to_s], beads.map { |one| one.fields[:rule] }.uniq
      in_order = used(beads, rule)

      assert_operator in_order.size, :>, 6, kind
      assert_equal ["Reed seed", "Reed seed", "Eel-run steel"].cycle.first(in_order.size), in_order, kind
    end
  end

  # Beads on a cuff's weaving wire: counted, strung, their wire added; what is wrong is named and nothing is lost.
  def test_beads_woven_into_a_cuff
    visit "/"
    start "Cuff"
    show "Beads"
    place_beads "Saltmarsh glass"

    assert_selector ".placement .quiet", text: /28 beads, \d+\.\d mm of wire/
    assert_selector ".bead-string figcaption", text: "for repeats 1 to 27, 14 in all: 14 × Saltmarsh glass"
    assert_selector ".bead-string figcaption", text: "for repeats 28 to 55, 14 in all"
    show "Wires"

    assert_selector ".account", text: "round beads"
    show "Beads"
    enter "Beads 1: Every how many", "7"

    assert_selector ".placement .quiet", text: /\A8 beads/
    enter "Saltmarsh glass: hole", "0.3 mm"

    assert_selector "[data-advice='bead-hole-small']", text: "0.15 mm too small"
    field = enter("Saltmarsh glass: hole", "wide")

    assert_selector ".faults", text: "wide"
    assert_equal "wide", field.value
    enter "Saltmarsh glass: hole", "0.9"
    click_on "Saltmarsh glass: hole is guessed"

    assert_selector "[data-advice='bead-guessed']", visible: :all
    assert_saved
    assert_equal [7, ["hole"]],
      [stored_document("New cuff")["beads"].first["every"], stored_document("New cuff")["tray"].first["guessed"]]
    assert_equal 8, planned("New cuff").beads.first.count
    from_menu "beads 1", "Remove them"

    assert_no_selector ".placement"
    click_on "Undo"

    assert_selector ".placement", count: 1
    assert_accessible
  end

  # In a frame's open end: rows as they fit, and the beads of the tray that fit the gap.
  def test_rows_in_a_frame_and_what_fits
    visit "/"
    start "Earrings"
    enter "Left open at the end", "14 mm"
    show "Beads"
    place_beads "Reed seed", "in rows across the frame"
    enter "Beads 1: Where the rows begin", "19"

    assert_no_selector "[data-advice='bead-on-weave']"
    assert_selector ".beads-panel p", text: /Cut \d+ mm of 0\.3 mm copper: it carries/
    enter "Beads 1: in each row", "5, 4, 99"

    assert_selector ".faults", text: "99"
    enter "Beads 1: in each row", "5, 4, 40"

    assert_selector "[data-advice='bead-no-room']", text: "more than there is room for"
    enter "Beads 1: in each row", "fill"

    assert_no_selector "[data-advice='bead-no-room']"
    assert_saved
    rule = planned("New earring").beads.first

    assert_selector ".placement .quiet", text: "#{rule.count} beads"
    click_on "What fits here?"

    assert_selector ".fit-list tbody tr", minimum: 3
    click_on "Take Saltmarsh glass"

    assert_selector ".bead-string", text: "Saltmarsh glass"
    assert_saved
    assert_equal ["Saltmarsh glass"], stored_document("New earring")["tray"].map { |one| one["name"] }
    assert_accessible
  end

  # The tray: a bead put in, a slip named at its field, changed, let go and brought back.
  def test_the_tray
    visit "/"
    click_on "Bead tray"

    assert_selector ".tray-list li", minimum: 10
    click_on "New bead"
    fill_in "Name", with: "Sandpiper egg"
    fill_in "Length", with: "6 mm"
    fill_in "Width", with: "4.5 mm"
    fill_in "Hole", with: "5 mm"
    fill_in "To hand", with: "17"
    click_on "Save"

    assert_selector ".tray-form .faults", text: "the hole would be as wide as the bead"
    assert_field "Name", with: "Sandpiper egg"
    fill_in "Hole", with: "0.7 mm"
    click_on "Save"

    assert_selector "[data-bead='Sandpiper egg']", text: "17"
    click_on "Change Sandpiper egg"
    fill_in "To hand", with: "16"
    click_on "Save"

    assert_selector "[data-bead='Sandpiper egg']", text: "16"
    click_on "Remove Sandpiper egg"

    assert_no_selector "[data-bead='Sandpiper egg']"
    click_on "Bring it back"

    assert_selector "[data-bead='Sandpiper egg']"
    assert_accessible
  end

  # A wide gap is held while it is woven: the beads of the tray that are as wide, and the step that says so; more beads
  # than the tray holds are named.
  def test_a_gap_that_is_held
    visit "/"
    start "Cuff"
    click_on "base wires"
    select "held apart", from: "How the base wires lie"
    enter "Clear gap 1", "3 mm"

    show "Beads"

    assert_selector ".held-gaps li", text: "Hold the gap of 3 mm between the two wires"
    show "Order of work"

    assert_selector ".order li", text: "push it along after every repeat, take it off before the last one"
    show "Beads"
    click_on "Which of mine hold it?"

    assert_selector ".held-gaps tbody tr", text: /Saltmarsh glass.*as wide.*along the strip/
    place_beads "Marram tube"

    assert_selector ".kind-line"
    assert_saved
    needed = planned("New cuff").beads.first.count

    assert_selector ".kind-line", text: /#{needed} needed, 26 in the tray: #{needed - 26} short/
    assert_accessible
  end

  # What hangs on a bracelet is part of its length: rings, then a clasp between two loops, and back to its own hook.
  def test_what_hangs_on_a_bracelet
    visit "/"
    start "Bracelet"
    click_on "hook and loop"
    before = find_field("Repeats").value.to_i
    choose_picture "Hang something on…", "jump rings"
    enter "Finding 1: Jump rings", "5"
    select "start", from: "Finding 1: side"

    assert_selector ".ending-lines li", text: /from \d+ mm of wire/
    assert_saved
    assert_operator planned("New bracelet").fit.repeats, :<, before
    select "a clasp", from: "What closes it"

    assert_button "clasp", exact: false
    assert_field "Finding 2: Clasp", with: "14 mm"
    assert_saved
    assert_equal %w[loop loop], stored_document("New bracelet")["endings"].map { |ending| ending["kind"] }
    select "a hook with an eye", from: "What closes it"

    assert_button "hook with an eye", exact: false
    assert_field "Finding 2: Shank of the hook with an eye", with: "9 mm"
    assert_saved
    assert_cuts_tell "hook with an eye", planned("New bracelet").piece.findings.last.wire_mm.ceil
    select "a hook of its own wire", from: "What closes it"
    from_menu "finding 1", "Remove it"

    assert_field "Repeats", with: before.to_s
    assert_accessible
  end

  # What it is made from stands in the tally and in the order of work alike.
  def assert_cuts_tell(name, millimetres)
    assert_selector ".ending-lines li", text: "from #{millimetres} mm of wire"
    in_part("Order of work") { assert_selector ".order li", text: /Make a #{name}.* from #{millimetres} mm of wire/ }
  end

  # A bracelet closed by a toggle between a loop and a ribbon end that is too narrow, then wide enough; the figures are
  # the core's.
  def test_a_toggle_and_a_ribbon_end
    visit "/"
    start "Bracelet"
    click_on "hook and loop"
    select "a toggle", from: "What closes it"
    select "a ribbon end", from: "The end ends in"
    enter "At the end: Ribbon end, wide inside", "3 mm"

    assert_selector "[data-advice='ribbon-small']", text: "too narrow inside"
    enter "At the end: Ribbon end, wide inside", "4 mm"
    select "glued in", from: "At the end: Ribbon end: how it holds"

    assert_no_selector "[data-advice='ribbon-small']"
    assert_selector "[data-advice='glue-cures']"
    in_part("Order of work") { assert_selector ".order li", text: "let it cure as long as that says" }
    enter "Finding 1: Bar of the toggle", "5 mm"

    assert_selector "[data-advice='toggle-slips']", text: "slip out"
    enter "Finding 1: Bar of the toggle", "16 mm"

    assert_no_selector "[data-advice='toggle-slips']"
    assert_saved
    made = planned("New bracelet")

    assert_selector ".ending-lines li", text: "from #{made.piece.findings.first.wire_mm.ceil} mm of wire"
    in_part("Order of work") { assert_selector ".order li", text: "Make a toggle bar, 16 mm long, of 1 mm copper" }
    choose_picture "Hang something on…", "a hook with two eyes"

    assert_selector ".faults", text: "hangs in two loops"
    click_on "Undo"

    assert_no_selector ".faults"
    assert_accessible
  end
end
