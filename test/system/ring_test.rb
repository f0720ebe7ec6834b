# frozen_string_literal: true

require_relative "../support/system_test"

# A ring from new to its cut list.
class RingBenchTest < SystemTest
  def test_a_ring_from_new_to_cut_list
    visit "/"
    start "Ring"
    enter "Finger measured", "UK N 1/2"

    assert_saved
    assert_selector ".answer", text: /Finger.*UK N½, ISO 54\.7/m
    made = Server::Planning.plan(stored_document("New ring"))

    assert_in_delta 54.675, made.fit.wrist_mm + made.fit.ease_mm, 1e-6
    made.runs.each { |bar| assert_selector ".cut-tally strong", text: "#{bar.cut_mm} mm" }
    select "one over the other", from: "How the ends of the ring meet"
    enter "How far the ends lie so", "8"

    assert_saved
    over = Server::Planning.plan(stored_document("New ring"))

    assert_in_delta made.fit.round_mm + 8, over.fit.strip_mm, 1e-6
    assert_selector ".cut-tally strong", text: "#{over.runs.first.cut_mm} mm"
    assert_accessible
  end

  # A length alone may be meant either way: it is asked, nothing is lost; sizes are stepped in their own system.
  def test_sizes_are_typed_and_stepped
    open_piece "Limpet ring"
    field = enter("Finger measured", "17.3 mm")

    assert_selector ".faults", text: "17.3 mm across"
    assert_equal "17.3 mm", field.value
    enter "Finger measured", "US 8"

    assert_no_selector ".faults"
    find_field("Finger measured").send_keys(:up)

    assert_field "Finger measured", with: "US 8.5"
    assert_saved
    assert_equal "US 8.5", stored_document("Limpet ring")["pins"].first["length"]["typed"]
    visit "/"

    assert_selector "[data-piece='Limpet ring']", text: /Ring, US 8\.5, UK \S+, ISO 58\.3/
  end

  # A cuff becomes a ring and a cuff again, each with its own measure.
  def test_a_piece_becomes_a_ring
    open_piece "Reed cuff"
    select "ring", from: "Kind of piece"

    assert_field "Finger measured", with: "US 7"
    assert_saved
    select "cuff", from: "Kind of piece"

    assert_field "Wrist measured", with: "170 mm"
    assert_saved
    click_on "Undo"

    assert_field "Finger measured", with: "US 7"
  end

  # The ends wrapped over the band, and weaving wire kept for later: both are cut, both can be taken back.
  def test_ends_wrapped_over_and_wire_kept
    visit "/"
    start "Ring"
    select "wrapped over the band", from: "How the wires of the ring end"
    enter "Wraps over the band at the end", "3"

    in_part("Wires") { assert_selector ".cut .parts", text: "wrapped over the band 3 times" }
    click_on "bound"
    click_on "Keep some for later"

    in_part("Wires") { assert_selector ".account", text: /kept for later/ }
    in_part("Wires") { assert_selector ".cut .parts", text: /begin 50 mm from its first end/ }
    select "start", from: "Tail kept for later"

    in_part("Wires") { assert_selector ".cut .parts", text: /begin 550 mm from its first end/ }
    assert_saved
    assert_equal [%w[wrap wrap], [2, 3]], stored_document("New ring")["endings"].then { |ends|
      [ends.map { |one| one["kind"] }, ends.map { |one| one["wraps"] }]
    }
    select "cut flush", from: "How the wires of the ring end"

    in_part("Wires") { assert_no_selector ".cut .parts", text: "wrapped over" }
    assert_saved
  end

  def test_the_ring_as_worn
    open_piece "Limpet ring"
    click_on "In space"
    click_on "As worn"

    assert_selector ".space-acts", text: "17.6 mm across inside"
    assert_accessible
  end
end
