# frozen_string_literal: true

require_relative "../support/system_test"

# A weave nobody named: said, kept, compared, swapped in, and a length filled evenly with it.
class OwnWeaveTest < SystemTest
  def test_a_weave_is_said_kept_compared_and_fills_a_length
    open_piece "Heron cuff"
    enter "The walk in short", "4 on 2, 2 on 1-3, 1 on 2, 2 on 1-3"

    assert_field "Gaps of the walk", with: "1 2 1 2 1 2 1 2 0 3 0 3 1 2 0 3 0 3"
    keep "Reed bars", "three of five wires, a knot in the middle"

    assert_selector "[role=status]", text: "Saved as “Reed bars”."
    compare_with "diamonds over five"
    fill "150 mm"
    fit = Server::Planning.plan(stored_document("Heron cuff")).fit

    assert_in_delta 150, fit.strip_mm, 0.05
    plan = Server::Planning.plan(stored_document("Heron cuff"))
    strip = plan.band.layout.strip(fit.repeats)
    counts = Meander::Weave::Groups.of((0...strip.pass_count).map { |number| strip.pass_at(number).from })
      .map { |group| [group.near, group.far, group.times] }

    assert_equal counts, counts.reverse
    get "/api/pieces/#{Server::Piece.find_by!(name: "Heron cuff").id}/document.json"

    assert_equal ["Reed bars"], answer["weaves"].map { |weave| weave["name"] }
  end

  # A name that is taken can be kept over; the maker's own are renamed, let go and brought back.
  def test_kept_weaves_are_changed
    open_piece "Heron cuff"
    keep "Rays", ""
    enter "The walk in short", "3 on 1, 2 on 1-5"

    assert_field "Gaps of the walk", with: "0 1 0 1 0 1 0 5 0 5"
    keep "rays", ""

    assert_selector ".said-wrong", text: "you keep a weave called “rays” already"
    click_on "Save over it"

    assert_selector "[role=status]", text: "Saved as “rays”."
    assert_equal [[0, 1, 0, 1, 0, 1, 0, 5, 0, 5]], Server::Weave.kept.where("lower(name) = 'rays'").map { |weave|
      weave.content["gaps"]
    }
    click_on "look at them all"
    card = find("li[data-weave='own rays']")
    card.click_on "Rename"
    fill_in "Name of the weave", with: "Sluice bars"
    click_on "Save"
    card = find("li[data-weave='own Sluice bars']")
    card.click_on "Remove"

    assert_no_selector "li[data-weave='own Sluice bars']"
    click_on "Bring it back"

    assert_selector "li[data-weave='own Sluice bars']"
    assert_accessible
  end

  # A walk that is typed while something else is still planned, and the other way round: neither is lost.
  def test_a_walk_is_typed_while_something_is_planned
    open_piece "Heron cuff"
    page.execute_script(<<~JS)
      const reach = window.fetch;
      window.fetch = async (...asked) => {
        const answer = await reach(...asked);
        const slow = String(asked[0]).includes(window.slow ?? "/api/plan");
        if (slow) await new Promise((on) => setTimeout(on, 1500));
        return answer;
      };
    JS
    keep "Rays", ""
    enter "The walk in short", "3 on 1, 2 on 1-5"

    assert_field "Gaps of the walk", with: "0 1 0 1 0 1 0 5 0 5"
    assert_selector "[role=status]", text: "Saved as “Rays”."
    page.execute_script("window.slow = '/api/weaves/say'")
    enter "The walk in short", "2 on 1, 2 on 1-5"
    find(".piece-name").send_keys("s")

    assert_field "Gaps of the walk", with: "0 1 0 1 0 5 0 5"
    assert_saved
    kept = stored_document("Heron cuffs")

    assert_equal [[0, 1, 0, 1, 0, 5, 0, 5], "Rays"], [kept["sections"][0]["pattern"]["gaps"], kept["weaves"][0]["name"]]
  end

  # A weave that came with a piece from elsewhere is shown, and kept when the maker says so.
  def test_a_weave_that_came_with_a_piece
    weave = {"name" => "Marsh steps", "notes" => "", "base" => 3, "gaps" => [0, 2, 0, 2, 1, 3], "before" => [],
      "after" => [], "clear" => nil}
    stored(document("cuff", name: "From a friend", weaves: [weave]))
    open_piece "From a friend"
    click_on "look at them all"
    click_on "It came with this piece: save it"

    assert_no_button "It came with this piece: save it"
    assert_includes Server::Weave.kept.map(&:name), "Marsh steps"
  end

  private

  def keep(name, notes)
    click_on "save it"
    fill_in "Name of your weave", with: name
    fill_in "What your weave is good for", with: notes
    click_on "Save", exact: true
  end

  # Side by side with another, at the maker's pace, each as this piece; the other swapped in, and one's own again.
  def compare_with(name)
    click_on "look at them all"
    ["Reed bars", name].each { |one| find(".collection li", text: one, match: :first).click_on "Compare" }

    assert_selector ".compare td canvas", count: 4
    enter "Your pace, in wraps a minute", "20\n"
    minutes = ["Reed bars", name].map { |one| wraps(one) / 20.0 }

    assert_equal minutes.map { |minute| "#{minute.round} min" }, row("time of weaving")
    find(".compare thead th", text: name)
    find(".compare tr:last-child td:last-child").click_on "Swap it in"

    assert_selector "li.taken", text: name
    find(".collection li", text: "Reed bars", match: :first).click_on "Weave this"

    assert_selector ".sentence", text: "a walk of its own"
    assert_accessible
    find(".collection header .btn-close").click
  end

  def row(name) = find(".compare th", exact_text: name).ancestor("tr").all("td").map(&:text)

  def wraps(name)
    assert_no_selector ".compare td", text: "…"
    row("wraps")[(name == "Reed bars") ? 0 : 1].to_i
  end

  def fill(length)
    click_on "starting and ending"
    enter "Strip to fill, end to end", length
    click_on "Make it even"

    assert_selector ".even-fill tbody tr", minimum: 3
    first(".even-fill tbody tr").click_on "Take it"

    assert_selector ".even-fill tbody tr", text: "On the bench"
    assert_saved
  end
end
