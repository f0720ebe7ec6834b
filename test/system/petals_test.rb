# frozen_string_literal: true

require_relative "../support/system_test"

# Sections made of others: an outline the first of several petals round a centre, an arc mirrored beside itself.
class PetalsTest < SystemTest
  # Where each section leaves from, turned to all others alike.
  def headings(plan)
    poses = plan.sections.map { |section| plan.pose(section) }
    poses.map { |pose| (pose.turn * 180 / Math::PI).round.modulo(360) }.sort
  end

  def make_petals(count, **chosen)
    choose_for_section "Make petals of it…"
    fill_in "Petals in all", with: count
    chosen.each { |label, choice| select choice, from: label.to_s.tr("_", " ") }
    click_on "Make them"

    assert_no_selector ".modal.show"
    assert_selector ".section-line", count: count.to_i
  end

  def test_woven_petals_of_one_folded_wire
    visit "/"
    start "Earrings"
    make_petals "5", Woven_with: "one wire through all of them"

    assert_saved
    plan = made("New earring")

    assert_equal [0, 72, 144, 216, 288], headings(plan)
    assert_equal 1, plan.runs.size
    assert_equal [5], plan.sections.map { |section| section.base.map(&:id).uniq }.tally.values
    assert_equal 1, plan.piece.wires.count { |wire| wire.use == "working" }
    assert_no_selector "[data-advice=sections-overlap]"
    assert_selector "[data-part=tally]", text: "weaves sections 1 to 5, repeats 1 to 41"
    assert_selector ".finished-picture canvas[aria-label*='long: sections 1 to 5, ']"
    assert_selector ".advice li", text: "Sections 1 to 5: the frame is closed at both ends", count: 1
    enter "Length of the frame", "28 mm"

    assert_selector ".section-line", text: "a drop 32 mm long"
    choose_for_section "Make sections 2 to 5 like it"

    assert_no_selector ".section-line", text: "a drop 32 mm long"
    assert_saved
    assert_equal [28.0], made("New earring").sections.map { |section| section.section.form[:length].mm }.uniq
    take_in_hand 3
    choose_for_section "Remove it"

    assert_selector ".section-line", count: 4
    assert_saved
    # What is left are two flowers' parts, each of its own wire.
    assert_equal [2, 2], made("New earring").sections.map { |section| section.base.first.id }.tally.values
    assert_accessible
  end

  # Beads come with what carries them: rows across a leaf, each petal with wire for them and a coil on its fold.
  def test_petals_with_beads
    open_piece "Kelp earrings"
    make_petals "3"

    assert_saved
    plan = made("Kelp earrings")

    assert_equal %w[s1 s2 s3], plan.beads.map { |rule| rule.fields[:section] }
    assert_equal [plan.beads.first.count] * 3, plan.beads.map(&:count)
    assert_equal({"beads" => 3, "cover" => 3}, plan.separate_lengths.map(&:kind).tally)
  end

  # Closed outlines of bent wire, every other one smaller; a wire that goes on is all one piece.
  def test_bent_petals_in_turn
    visit "/"
    start "Component"
    select "leaf", from: "Form"
    make_petals "6", Every_other_one: "three quarters as large"

    assert_saved
    plan = made("New component")

    assert_equal [0, 60, 120, 180, 240, 300], headings(plan)
    assert_equal [1.0, 0.75] * 3, plan.sections.map { |one| one.section[:bend][:length].mm }.then { |all|
      all.map { |mm| (mm / all.first).round(2) }
    }
    assert_equal 1, plan.runs.size
  end

  # What stands on the upright axis is mirrored beside itself, and may be set elsewhere.
  def test_an_arc_and_its_mirror_image
    visit "/"
    start "Pendant"
    select "arc", from: "Form"
    choose_for_section "Add its mirror image"

    assert_field "Distance from its mirror image", with: "2.5 mm"
    assert_select "Side the mirror image is set to", selected: "left"
    enter "Distance from its mirror image", "3 mm"
    select "right", from: "Side the mirror image is set to"

    assert_soon(["3 mm", "right"]) { |_, image| [image.dig("at", "apart", "typed"), image.dig("at", "to")] }
    # What is changed in the image stays in the image.
    enter "Radius of the bend", "31 mm"

    assert_soon([25.0, 31.0]) { |*both| both.map { |one| one.dig("form", "radius", "mm") } }
  end

  # What is kept of the first section and the last one, once that has come.
  def assert_soon(wanted)
    found = nil
    100.times do
      found = yield(*stored_document("New pendant")["sections"].values_at(0, -1))
      break if found == wanted

      sleep 0.1
    end

    assert_equal wanted, found
  end

  # A count that cannot be is named and makes nothing; two wires that are not folded into one make no petals.
  def test_what_makes_no_petals
    visit "/"
    start "Earrings"
    choose_for_section "Make petals of it…"
    fill_in "Petals in all", with: "99"

    assert_text "“99” is no such number; accepted: 2 to 12"
    assert_button "Make them", disabled: true
    find(".modal .btn-close").click
    from_menu "ending 2", "Cut it flush"
    find(".section-menu button").click

    assert_selector ".dropdown-item.disabled", text: /Make petals of it….*both its ends must be those of one wire/m
  end
end
