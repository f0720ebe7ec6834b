# frozen_string_literal: true

require_relative "../support/system_test"

# The strip in space.
class SpaceTest < SystemTest
  NO_WEBGL = <<~JS
    const get = HTMLCanvasElement.prototype.getContext;
    HTMLCanvasElement.prototype.getContext = function (kind, ...rest) { return kind.startsWith("webgl") ? null : get.call(this, kind, ...rest); };
  JS

  # How many pixels of the view are as a condition on data[i] (red, green, blue and how solid) says, read in the frame
  # it is drawn in.
  def pixels(condition)
    page.evaluate_async_script(<<~JS)
      const done = arguments[0];
      const canvas = document.querySelector(".space canvas");
      canvas.focus({ preventScroll: true });
      canvas.dispatchEvent(new KeyboardEvent("keydown", { key: "Home" }));
      const copy = document.createElement("canvas");
      [copy.width, copy.height] = [canvas.width, canvas.height];
      const flat = copy.getContext("2d");
      flat.drawImage(canvas, 0, 0);
      const { data } = flat.getImageData(0, 0, copy.width, copy.height);
      let found = 0;
      for (let i = 0; i < data.length; i += 4) if (#{condition}) found++;
      done(found);
    JS
  end

  def drawn = pixels("data[i + 3] > 200")

  # As yellow as the beads of the Reed cuff, which its copper is not.
  def yellow = pixels("data[i] > 120 && data[i + 1] > 0.75 * data[i] && data[i + 2] < 0.7 * data[i]")

  def in_space(name)
    open_piece name
    click_on "In space"

    # that part of the program is fetched first, and drawn without a graphics card
    assert_selector ".space canvas", wait: 20
    100.times { (drawn > 1000) ? break : sleep(0.05) }
  end

  # Beads stand there as solids, straight and as worn; while the strip is made they come one by one.
  def test_beads_in_space
    in_space("Reed cuff")
    beads = yellow

    assert_operator beads, :>, 1000
    click_on "As worn"
    50.times { yellow.between?(50, beads - 1) ? break : sleep(0.05) }

    assert_operator yellow, :>, 50
    click_on "Straight"
    click_on "Watch it made"
    50.times { (yellow < beads / 4) ? break : sleep(0.05) }

    assert_operator yellow, :<, beads / 4 # the end of the wire is marked, too
  end

  def test_the_strip_is_turned_spread_and_followed
    in_space("Heron cuff")
    whole = drawn

    assert_operator whole, :>, 20_000
    find(".space canvas").send_keys(:right, :up, "+")
    page.execute_script(
      "const by = document.querySelector('.space input'); by.value = '2'; by.dispatchEvent(new Event('input'))"
    )
    80.times { (drawn == whole) ? sleep(0.05) : break }

    refute_equal whole, drawn
    assert_equal "packed", stored_document("Heron cuff")["sections"][0]["rise"]["kind"]
    click_on "Watch it made"
    bare = drawn
    find(".player-words").send_keys(:up, :up, :up)

    assert_operator drawn, :>, bare + 500
    click_on "Turn over"

    assert_selector ".player-turned"
    assert_operator drawn, :>, bare + 500
    assert_accessible
  end

  # A piece that is more than one strip stands there whole, with beads, endings and what hangs on them; its strip is a
  # press away, and what is changed changes there.
  def test_a_whole_piece
    in_space("Kelp earrings")

    assert_button "Whole piece"
    assert_no_selector ".overview"
    whole, beads = drawn, yellow

    assert_operator whole, :>, 3000
    assert_operator beads, :>, 40
    click_on "Back"
    50.times { (drawn == whole) ? sleep(0.05) : break }

    refute_equal whole, drawn
    click_on "Front"
    enter "Length of the frame", "30 mm"

    assert_saved
    50.times { (drawn == whole) ? sleep(0.05) : break }

    refute_equal whole, drawn
    click_on "Its strip"

    assert_selector ".overview canvas"
    assert_accessible
    told = JSON.parse(Server::Planning.space(stored_document("Kelp earrings"), {}))
    drawn = Server::Planning.plan(stored_document("Kelp earrings")).finished

    assert_equal drawn.sum { |picture, _, _| picture.groups.sum { |one| one.lines.size } }, told["lines"].size
    assert_in_delta 0.0, told["lines"].flat_map { |line| line["points"].each_slice(3).map(&:last) }.minmax.sum, 0.4,
      "as far before the piece as behind it"
  end

  # With a bent wire, or what joins others, in hand all of the piece stands there.
  def test_a_piece_of_bent_wire
    in_space("Limpet rosette")
    whole = drawn

    assert_operator whole, :>, 3000
    take_in_hand 3

    assert_selector ".space canvas"
    assert_selector "[role=tab][aria-selected=true]", text: "In space"
    assert_selector "[role=tab][aria-disabled=true]", text: "Watch it made"
    click_on "Back"
    50.times { (drawn == whole) ? sleep(0.05) : break }

    refute_equal whole, drawn
    assert_accessible
  end

  def test_gaps_that_change_are_shown_as_they_are
    in_space("Sluice cuff")

    assert_operator drawn, :>, 10_000
    assert_text "Gaps that change are shown as they are"
  end

  def test_without_webgl_the_flat_picture_stays
    open_piece "Reed cuff"
    page.execute_script(NO_WEBGL)
    click_on "In space"

    assert_selector "[role=status]", text: "no WebGL"
    assert_selector ".loupe canvas"
    assert_no_selector ".space"
  end
end
