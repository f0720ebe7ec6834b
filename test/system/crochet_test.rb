# frozen_string_literal: true

require_relative "../support/system_test"
require_relative "../support/crochet_at_the_bench"

# Crochet through the real interface: begun, made another fabric, written row by row, pointed at, beaded, watched,
# practised, printed.
class CrochetTest < SystemTest
  include CrochetAtTheBench

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
end
