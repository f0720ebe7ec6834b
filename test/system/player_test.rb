# frozen_string_literal: true

require_relative "../support/system_test"

# Watching a strip being made.
class PlayerTest < SystemTest
  # How many pixels of the overview are drawn on.
  SOLID_PIXELS = <<~JS
    (() => {
      const canvas = document.querySelector(".overview canvas");
      const { data } = canvas.getContext("2d").getImageData(0, 0, canvas.width, canvas.height);
      let solid = 0;
      for (let i = 3; i < data.length; i += 4) if (data[i] > 200) solid++;
      return solid;
    })()
  JS

  def watch(name)
    open_piece name
    click_on "Watch it made"

    assert_selector ".player"
    find(".player-words")
  end

  def shown_made = find_field("How far it is made").value.to_i

  # The words of every move of a repeat, in order, are those of the walk.
  def test_the_moves_of_a_repeat_are_said_in_order
    player = watch("Heron cuff")
    passes = Server::Planning.plan(stored_document("Heron cuff")).band.layout.pattern.passes

    assert_text "Nothing made yet"
    said = passes.map do
      player.send_keys(:right)
      find(".player-words b").text
    end

    assert_equal passes.map(&:words), said
    assert_selector ".player-words", text: "repeat 1 of 29, move #{passes.size} of #{passes.size}"
    player.send_keys(:up, :left)

    assert_selector ".player-words", text: "repeat 2 of 29, move #{passes.size - 1} of #{passes.size}"
    player.send_keys(:end)

    assert_selector ".player-words", text: "closing, move 16 of 16"
    assert_accessible
  end

  def test_the_wire_grows_and_shrinks
    player = watch("Reed cuff")
    drawn = -> { page.evaluate_script(SOLID_PIXELS) }
    bare = drawn.call
    player.send_keys(*([:up] * 12))
    some = drawn.call
    player.send_keys(:end)
    all = drawn.call
    player.send_keys(*([:down] * 50))

    assert_operator bare, :<, some
    assert_operator some, :<, all
    assert_operator drawn.call, :<, some
    player.send_keys(:escape)

    assert_no_selector ".player"
    assert_in_delta all, drawn.call, all * 0.02
  end

  def test_it_plays_by_itself_and_holds
    watch("Tide-line bracelet")
    click_on "8 a second"
    click_on "Play"

    assert_button "Pause"
    assert_selector ".player-words", text: /move [5-9]/
    click_on "Pause"

    assert_button "Play"
    held = find(".player-words").text
    sleep 0.4

    assert_equal held, find(".player-words").text
    click_on "A repeat on"

    assert_selector ".player-words", text: "repeat 2 of 65"
    assert_operator shown_made, :>, 10
  end

  # While it plays the wire grows from frame to frame, over a strip that is drawn again only for whole passes; for a
  # left hand, too.
  def test_the_wire_grows_along_its_path
    open_piece "Reed cuff"
    set "left"
    click_on "Watch it made"

    assert_selector ".player"
    find_field("How far it is made").set(40)
    click_on "1 a second"
    above = -> { page.evaluate_script("document.querySelector('.loupe-sheet .above').toDataURL()") }
    click_on "Play"
    seen = Array.new(8) { sleep(0.05) && above.call }

    assert_operator seen.uniq.size, :>=, 4
    click_on "Pause"
    still = above.call
    sleep 0.15

    assert_equal still, above.call
    assert_operator shown_made, :<=, 44
  end

  # Turned over in the middle, the moves read on from the other side; the wrap is counted all the same.
  def test_the_work_is_turned_over_in_the_middle
    player = watch("Heron cuff")
    passes = Server::Planning.plan(stored_document("Heron cuff")).band.layout.pattern.passes
    player.send_keys(:right, :right, :right)

    assert_selector ".player-words b", text: /\A#{passes[2].words}\z/
    assert_selector ".player-count", text: "wrap 2 of 8"
    click_on "Turn over"

    assert_selector ".player-words b", text: /\A#{passes[2].words(turned: true)}\z/
    assert_selector ".player-turned", text: "near is far, over is under"
    player.send_keys(:right)

    assert_selector ".player-words b", text: /\A#{passes[3].words(turned: true)}\z/
    player.send_keys("t")

    assert_selector ".player-words b", text: /\A#{passes[3].words}\z/
  end

  # A maker who never saw the weave says the moves and is told right or wrong, and why.
  def test_practising
    player = watch("Heron cuff")
    player.send_keys("r")

    assert_selector ".practice-said", text: "Where does the wire go next?"
    player.send_keys("1")

    assert_selector ".practice-said.right",
      text: /Right:\s+over wire 1, down between 1 and 2 — wrap 1 of 8 round wire 1\./
    click_on "between 3 and 4"

    assert_selector ".practice-said",
      text: "that would go under wires 2 and 3, up between 3 and 4; this wrap is half made; the wire comes back " \
            "round wire 1."
    assert_selector ".player-words", text: "move 1 of 40"
    click_on "Turn over"
    click_on "on the far side"

    assert_selector ".practice-said.right", text: /Right:\s+over wire 1, down on the far side/
    assert_text "2 of 3 right"
    assert_accessible
    score = find(".practice-said .figures").text
    made = find(".player-words").text
    click_on "Show me"

    assert_selector ".practice-said", text: /It goes\s+(over|under) .* And then\?/
    assert_no_selector ".player-words", text: made, exact_text: true
    assert_equal score[/\A\d+/], find(".practice-said .figures").text[/\A\d+/], "what is shown is not counted as right"
  end

  # The middle outwards: the second half is counted by itself; a change of the piece goes on at the same place.
  def test_halves_and_changes
    player = watch("Sluice cuff")
    player.send_keys(:end)

    assert_selector ".player-words", text: "second half, closing, move 8 of 8"
    player.send_keys(:home, :right)

    assert_selector ".player-words", text: "repeat 1 of 52, move 1 of 12"
    enter "Gaps of the walk", "1 2 1 0"

    assert_selector ".player-words", text: "move 1 of 4"
    assert_saved
  end
end
