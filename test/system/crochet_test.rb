# frozen_string_literal: true

require_relative "../support/system_test"

# Crochet through the real interface: begun, made another fabric, written row by row, pointed at, beaded, watched,
# practised, printed.
class CrochetTest < SystemTest
  def section(name) = made(name).sections.find { |one| one.crochet }

  # What the tally, the cut list and the steps of a piece say of its wires.
  def assert_told(name)
    plan = assert_cuts(name)
    in_part("Order of work") do
      plan.runs.each { |run| assert_selector ".step-words", text: /\b#{run.cut_mm} mm/ }
    end
    plan
  end

  def test_a_bracelet_is_begun_and_its_gauge_measured
    visit "/"
    start "Crocheted bracelet"
    before = section("New crocheted bracelet")

    assert_field "Rows or stitches", with: before.repeats.to_s
    enter "Hook", "3 mm"

    assert_saved
    assert_operator section("New crocheted bracelet").repeats, :<, before.repeats
    click_on "hook"
    click_on "Measure a swatch"
    enter "Stitches in the swatch", "16"
    click_on "Wire in the swatch: say it"
    enter "Wire in the swatch", "6 m"

    assert_saved
    measured = section("New crocheted bracelet")

    assert_in_delta 50 / 16.0, measured.gauge.stitch_mm, 1e-9
    refute_predicate measured, :assumed?
    assert_no_selector ".advice", text: /How much wire this takes is assumed/
    enter "Hook", "0.8 mm"

    assert_selector ".said-wrong, [role=alert]", text: /makes no loops that a hook passes.*0\.9 mm to 12 mm/i
    enter "Hook", "2 mm"

    assert_saved
    select "2 wires", from: "Wires held together"

    assert_saved
    assert_equal 2, section("New crocheted bracelet").base.size
    assert_told "New crocheted bracelet"
    assert_accessible
  end

  # Another fabric, one of the collection, and rows as they are written; what cannot be read or worked says so, and
  # nothing is lost.
  def test_fabrics_are_chosen_and_written
    open_piece "Eel-run rope"
    click_on "look at them all"
    within("[data-fabric=net-open]") { click_on "Crochet this" }

    assert_saved
    assert_equal "rows", section("Eel-run rope").layout.kind
    click_on "written stitch by stitch"
    fill_in("The rows in short", with: "10s\n4s 2q").send_keys(%i[control enter])

    assert_selector "[role=alert]", text: /row 2: “q” is no stitch/
    assert_field "The rows in short", with: "10s\n4s 2q"
    fill_in("The rows in short", with: "12s").send_keys(%i[control enter])

    assert_selector "[role=alert]", text: /row 1 cannot be worked: it takes 12 stitches and the beginning has 10/
    fill_in("The rows in short", with: "10s\n4s s2 5s\n12s").send_keys(%i[control enter])

    assert_selector "[role=alert]", text: /row 3 cannot be worked: it takes 12 stitches and .+ has 11/
    fill_in("The rows in short", with: "10s\n4s s2 5s\n11s").send_keys(%i[control enter])

    assert_saved
    assert_equal [10, 11, 11], section("Eel-run rope").fabric.rows.map(&:heads).first(3)
  end

  # On the chart a stitch is pressed and becomes another one.
  def test_a_stitch_is_pointed_at
    visit "/"
    start "Crocheted bracelet"
    find(".stage-tabs").click_on "Point and stitch"
    select "a double", from: "Stitch to put"
    chart = find(".crochet-chart canvas")
    chart.click(x: 0, y: 18)

    assert_saved
    kinds = section("New crocheted bracelet").fabric.rows.flat_map { |row| row.tally.keys }.uniq

    assert_includes kinds, "double"
    assert_selector ".sentence", text: /written stitch by stitch/
  end

  # On the chart a stitch is pressed and carries a bead, or none; the last one stays until the beads are removed.
  def test_beads_are_pointed_at
    open_piece "Marram band"
    take_in_hand 2
    find(".stage-tabs").click_on "Point and stitch"
    before = pointed_at("Marram band")
    bead = stored_document("Marram band")["tray"].find { |one| one["id"] == "b-kelp" }["name"]
    select "carry #{bead}, or not", from: "Stitch to put"
    chart = find(".crochet-chart canvas")
    chart.click(x: 0, y: 60)

    assert_saved
    one = pointed_at("Marram band")

    assert_equal 1, (before - one).size + (one - before).size
    assert_equal "chart", stored_document("Marram band")["beads"][0]["pick"]["kind"]
    chart.click(x: 0, y: 60)

    assert_saved
    50.times { (pointed_at("Marram band") == before) ? break : sleep(0.1) }

    assert_equal before, pointed_at("Marram band")
  end

  # Which stitches carry a bead.
  def pointed_at(name)
    made(name).sections.find { |one| one.section.craft == "crochet" }.crochet[:beads].sort
  end

  def test_a_band_is_watched_and_practised
    open_piece "Marram band"
    take_in_hand 2
    page.driver.browser.keyboard.type("m")

    assert_selector ".player", text: "Make a loop on the hook and begin"
    click_on "A row on"

    assert_selector ".player", text: /row 1 of \d+, stitch 5 of 5/
    assert_selector ".player", text: /Next: 1 chain up, and turn/
    click_on "A stitch on"

    assert_selector ".player", text: "Slide a bead up to the hook first."
    click_on "Practise"
    find(".player .btn", text: "1 chain up, and turn").click

    assert_selector ".practice-said", text: /Not yet/
    find(".player .btn", text: "a single into the next").click

    assert_selector ".practice-said", text: /Right.*1 of 2/
    find("input[type=range]").send_keys(:end)

    assert_selector ".player", text: /All of it is made/
    assert_accessible
  end

  # Beads: how many, in which order on which wire, told in steps, on the page and in the file alike.
  def test_beads_are_placed_and_strung
    open_piece "Marram band"
    in_part("Beads") do
      select "by chance, in", from: "Beads 1: which stitches"
      enter "Beads 1: share of the stitches in percent", "20"
    end

    assert_saved
    plan = made("Marram band")
    rule = plan.beads.first

    in_part("Order of work") do
      assert_selector ".step-words", text: /String the beads|string the beads/
      assert_selector ".step-words", text: /drawn by chance, number 1/
    end
    in_part("Beads") { assert_text "#{rule.count} beads" }
    assert_equal rule.count, Meander::Beads::Stringing.call(plan.beads).sum(&:count)
    click_on "Undo"

    assert_saved
    assert_told "Marram band"
    visit "#{page.current_path}/print"

    assert_selector ".print-charts h2", text: "Chart of section 2"
    assert_selector ".print-charts canvas", count: 2
  end

  # A band round a wire: on it, off it again, and what is told where its rows spread.
  def test_a_band_is_crocheted_round_a_wire
    visit "/"
    start "Component"
    choose_picture "Add a section…", "A bent wire"
    select "arc", from: "Form"
    enter("Radius", "14").send_keys(:enter)
    choose_picture "Add a section…", "Crochet"
    enter("Rows or stitches", "4").send_keys(:enter)
    select "on the wire of", from: "Where it stands"

    assert_saved
    assert_becomes(%w[rim edge]) do
      section("New component").section.then { |made| [made[:at][:kind], made[:begun]] }
    end
    made = section("New component")

    assert_selector ".advice", text: /the last row is drawn \d+ % wider/i
    plan = assert_told("New component")

    assert_in_delta made.layout.bar.middle_mm, plan.placed.section(made.section[:at][:section]).length_mm / 2
    show "Order of work"

    assert_selector ".step-words", text: /begin round the wire of section 2, at \d+ places/
    show "Brief"
    select "inwards", from: "Side of the wire it hangs to"

    assert_selector "[role=status], [role=alert]", text: /within the bend so many rows have no room.*up to 2 rows/im
    enter("Rows or stitches", "2").send_keys(:enter)

    assert_selector ".advice", text: /the last row has \d+ % less room/i
    assert_accessible
    select "outwards", from: "Side of the wire it hangs to"
    take_in_hand 2
    select "drop", from: "Form"

    assert_becomes(["rim", false]) do
      section("New component").then { |now| [now.section[:at][:kind], now.layout.bar&.even?] }
    end
    assert_told "New component"
    take_in_hand 3
    select "beside", from: "Where it stands"

    assert_becomes(%w[beside chain]) do
      section("New component").section.then { |now| [now[:at][:kind], now[:begun]] }
    end
  end

  # A disc about a ring: on it from a band, its chart about the ring, pointed at, off it again.
  def test_a_disc_is_crocheted_round_a_ring
    visit "/"
    start "Component"
    choose_picture "Add a section…", "A bent wire"
    select "arc", from: "Form"
    enter("Radius", "9").send_keys(:enter)
    enter("Angle of the arc", "360").send_keys(:enter)
    choose_picture "Add a section…", "Crochet"
    enter("Rows or stitches", "3").send_keys(:enter)
    select "on the wire of", from: "Where it stands"

    assert_saved
    select "disc", from: "Fabric"

    assert_becomes(["wire", 5]) { section("New component").crochet.then { |now| [now[:begun][:kind], now[:repeats]] } }
    assert_selector :select, "Where it stands", selected: "round the ring of"
    assert_no_field "Side of the wire it hangs to"
    assert_told "New component"
    show "Order of work"

    assert_selector ".step-words", text: /begin round the ring of section 2; the first round goes into the ring/
    show "Brief"
    take_in_hand 2
    enter("Angle of the arc", "300").send_keys(:enter)

    assert_selector "[role=status], [role=alert]", text: /rounds go about a whole ring.*an arc of 360°/im
    click_on "Undo"

    assert_saved
    enter("Radius", "20").send_keys(:enter)
    take_in_hand 3
    select "inwards", from: "Which way its rounds go"

    assert_becomes(["within", 5]) {
      section("New component").crochet.then { |now|
        [now[:begun][:kind], now[:repeats]]
      }
    }
    click_on "narrowing"
    click_on "as many fewer as lie flat"
    enter("Stitches fewer each round", "4").send_keys(:enter)

    assert_becomes([4]) do
      section("New component").fabric.rows.map(&:heads).each_cons(2).map { |one, other| one - other }.uniq
    end
    show "Chart"

    assert_selector ".crochet-chart canvas"
    show "Finished"

    assert_told "New component"
    select "band", from: "Fabric"

    assert_becomes(%w[rim edge]) { section("New component").section.then { |now| [now[:at][:kind], now[:begun]] } }
    select "tube", from: "Fabric"

    assert_becomes(%w[beside chain]) { section("New component").section.then { |now| [now[:at][:kind], now[:begun]] } }
  end

  # Along the edge of a strip: one side, then the other, elsewhere; cords too thick for its gap say why they do not
  # hang.
  def test_a_band_is_crocheted_along_an_edge
    visit "/"
    start "Component"
    choose_picture "Add a section…", "A woven section"
    select "straight strip", from: "Form"
    choose_picture "Add a section…", "Crochet"
    enter("Rows or stitches", "4").send_keys(:enter)
    select "on the edge of", from: "Where it stands"

    assert_becomes(%w[rim edge far]) { standing }
    assert_selector :select, "Edge it hangs from", selected: "its far edge"
    select "its near edge", from: "Edge it hangs from"

    assert_becomes(%w[rim edge near]) { standing }
    click_on "Distance along the edge: say it"
    enter("Distance along the edge", "14").send_keys(:enter)

    assert_becomes(14.0) { section("New component").layout.bar.middle_mm }
    assert_told "New component"
    show "Order of work"

    assert_selector ".step-words", text: /begin round the edge of section 2, at 6 places, as many to either side of the/
    show "Brief"
    choose_picture "Add a section…", "Knots"
    select "on the edge of", from: "Where it stands"

    assert_selector "[role=status], [role=alert]", text: /passes between its outermost wires.*a gap of at least/im
  end

  def standing
    section("New component")&.section&.then { |made| [made[:at][:kind], made[:begun], made[:at][:side]] }
  end
end
