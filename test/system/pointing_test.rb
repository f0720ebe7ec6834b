# frozen_string_literal: true

require_relative "../support/system_test"

# Building a weave by pointing at the strip.
class PointingTest < SystemTest
  RULER_PX = 22

  def point_at(name)
    open_piece name
    click_on "Point and weave"

    assert_selector ".point-groups"
    find(".point-groups")
  end

  def groups = all(".point-groups button").map(&:text)

  # A place on the piece in window coordinates, as the loupe shows the beginning of the strip.
  def place(plan, along, across)
    height = page.evaluate_script("document.querySelector('.loupe canvas').clientHeight") - RULER_PX
    low, high = [*plan.strip_picture.x_range, *plan.strip_picture.beads_across].minmax
    scale = 0.8 * height / (high - low)
    left, top,
      width = page.evaluate_script(
        "(({ left, top, width }) => [left, top, width])(document.querySelector('.loupe').getBoundingClientRect())"
      )
    shown = width / scale
    first = plan.strip_picture.y_range[0] - 2
    first = -0.1 * shown if -first > shown / 3
    first = -0.12 * shown if plan.strip_picture.y_range[0] < -18 # much hangs before the weave
    {x: left + ((along - first) * scale), y: top + 1 + (height / 2.0) + (scale * (((low + high) / 2) - across))}
  end

  def wire(plan, number) = plan.band.layout.frame.centres[number - 1]

  def drag(from, to)
    mouse = page.driver.browser.mouse
    mouse.move(**from).down
    6.times do |i|
      mouse.move(x: from[:x] + ((to[:x] - from[:x]) * (i + 1) / 6.0),
        y: from[:y] + ((to[:y] - from[:y]) * (i + 1) / 6.0))
    end
    mouse.up
  end

  def plan_of(name) = Server::Planning.plan(stored_document(name))

  # Pressing a base wire adds a wrap, drawing across wires one round them all, dragging along changes a count.
  def test_a_weave_is_pointed_on_the_strip
    point_at("Marram bracelet")
    before = plan_of("Marram bracelet")

    assert_equal ["2 round 1", "5 round 1–2"], groups
    lay = before.band.layout.frame.lay_mm
    page.driver.browser.mouse.click(**place(before, 0.6 * lay, wire(before, 1)))

    assert_button "3 round 1"
    assert_saved
    now = plan_of("Marram bracelet")
    drag(place(now, 5 * lay, wire(now, 2)), place(now, 5 * lay, wire(now, 1)))

    assert_button "6 round 1–2"
    assert_saved
    now = plan_of("Marram bracelet")
    drag(place(now, 8 * lay, wire(now, 1)), place(now, 5 * lay, wire(now, 1)))

    assert_button "3 round 1–2"
    assert_saved
    assert_equal [[1, 1, 3], [1, 2, 3]], told("Marram bracelet")
    page.driver.browser.mouse.click(**place(now, 0.6 * lay, wire(now, 2)))

    assert_equal ["3 round 1", "1 round 2", "3 round 1–2"], told_when("1 round 2")
    3.times { click_on "Undo" }

    assert_equal ["3 round 1", "5 round 1–2"], told_when("5 round 1–2")
  end

  # Everything can be done without the strip: with keys and buttons.
  def test_groups_are_changed_with_keys_and_buttons
    list = point_at("Heron cuff")
    list.send_keys(:up, :up)

    assert_button "10 round 1"
    list.send_keys(:right, :right, :delete)

    assert_no_button "1 round 2–3", exact: true, count: 2
    select "2", from: "Round wires from"
    select "4", from: "Round wires to"
    click_on "Add"
    click_on "One wrap more"

    assert_selector ".point-groups [aria-pressed=true]", text: "2 round 2–4"
    click_on "Earlier"

    assert_saved
    spans = told("Heron cuff")

    assert_equal [[1, 1, 10], [2, 4, 2]], [spans[0], spans[1]]
    assert_equal plan_of("Heron cuff").band.strip.to_h[:weave][:gaps].size,
      find_field("Gaps of the walk").value.split.size
    click_on "near for far"

    assert_selector ".point-groups [aria-pressed=true]", text: "2 round 2–4"
    assert_button "10 round 5"
    assert_accessible
  end

  # An answer to what was done before, coming late, takes nothing back of what was done since.
  def test_late_answers_take_nothing_back
    point_at("Heron cuff")
    before = groups.size
    page.execute_script(<<~JS)
      const reach = window.fetch;
      const late = (ms) => new Promise((done) => setTimeout(done, ms));
      const press = (name) => [...document.querySelectorAll(".point-bar button")].find((button) =>
        (button.ariaLabel ?? button.textContent.trim()) === name).click();
      window.fetch = async (...asked) => { const answer = await reach(...asked); await late(600); return answer; };
      press("Remove");
      setTimeout(() => press("Add"), 900);
      setTimeout(() => press("One wrap more"), 1800);
    JS

    assert_selector ".point-groups [aria-pressed=true]", text: "2 round 1"
    assert_saved
    assert_equal before, told("Heron cuff").size
  end

  # Both faces are drawn, and both are drawn anew.
  def test_both_faces_answer
    point_at("Reed cuff")
    pictures =
      -> {
        page.evaluate_script(
          "[...document.querySelectorAll('.loupe-sheet > canvas:first-child')].map((canvas) => canvas.toDataURL())"
        )
      }
    first = pictures.call

    assert_equal [2, 2], [first.size, first.uniq.size]
    click_on "One wrap more"

    assert_button "5 round 1"
    assert_saved
    50.times { (pictures.call & first).empty? ? break : sleep(0.1) }

    pictures.call.zip(first).each { |now, then_| refute_equal then_, now }
  end

  private

  def told_when(text)
    assert_button text
    groups
  end

  def told(name)
    Meander::Weave::Groups.of(plan_of(name).band.layout.pattern.walk.gaps).map do |group|
      [group.near, group.far, group.times]
    end
  end
end
