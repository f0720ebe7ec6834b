# frozen_string_literal: true

require "csv"
require_relative "../support/system_test"

# The order of work on the bench and on paper: in words and in pictures, in mm and in inches.
class OrderTest < SystemTest
  # Of every step's picture how much is drawn, and how much of it is lit.
  def pictures
    page.evaluate_script(<<~JS)
      [...document.querySelectorAll(".order li")].map((li) => {
        const canvas = li.querySelector("canvas");
        if (!canvas) return [0, 0];
        const { data } = canvas.getContext("2d").getImageData(0, 0, canvas.width, canvas.height);
        let drawn = 0, lit = 0;
        for (let i = 0; i < data.length; i += 4) {
          if (data[i + 3] > 200) drawn++;
          if (data[i + 3] > 200 && Math.abs(data[i] - 159) + Math.abs(data[i + 1] - 214) + Math.abs(data[i + 2] - 200) < 12) lit++;
        }
        return [drawn, lit];
      })
    JS
  end

  # What a step makes is lit in its picture, and what was made before stays: of a strip, of a frame with beads and a
  # finding, of sections that part.
  def test_every_step_that_makes_something_is_a_picture
    ["Marram bracelet", "Kelp earrings", "Limpet heart"].each do |name|
      open_piece name
      show "Order of work"

      assert_selector ".order canvas"
      order = Meander.answer(Server::Planning.plan(stored_document(name)))[:order]
      made = order.count { |step| step[:makes].any? }
      100.times { (pictures.count { |_, lit| lit > 20 } == made) ? break : sleep(0.05) }
      seen = pictures

      assert_equal(order.map { |step| step[:makes].any? }, seen.map { |drawn, _| drawn.positive? }, name)
      pictured = seen.select { |drawn, _| drawn.positive? }

      pictured.each { |drawn, lit| assert_operator lit, :>, 20, "#{name}: #{drawn} pixels" }
      unlit = pictured.map { |drawn, lit| drawn - lit }

      assert_operator unlit.last, :>, unlit.first, "#{name}: more is there in the end than in the beginning"
    end
  end

  # The same inches in the tally, the steps, the table to take away and on paper.
  # Many places on a wire stand below each other, each with its section, also where the piece is made; few are told
  # in a line.
  def test_places_to_be_marked
    open_piece "Marram collar"
    show "Order of work"
    marks = made("Marram collar").runs.first.marks
    lengths = marks.map { |mark| plain(Meander::Units::Text.length(mark.at_mm)) }.uniq

    assert_selector ".order .listed", count: 4
    assert_equal(lengths, within(first(".order .listed")) { all(".place b").map(&:text) })
    assert_selector ".order .place", text: /start of weave in section 5/
    click_on "Make it"

    assert_selector ".making-words", text: /cut \d+ mm for wire 1/
    click_on "Done"

    assert_selector ".making-words .listed .place", count: lengths.size
    open_piece "Reed cuff"
    show "Order of work"

    assert_selector ".order .place b", minimum: 2
    assert_no_selector ".order .listed"
  end

  def test_inches_to_the_same_digit_everywhere
    open_piece "Reed cuff"
    set "inches"
    cuts = ["6 13/16", "45", "47 3/16"]

    cuts.each { |cut| assert_selector ".cut-tally strong", text: "#{cut} in" }
    show "Order of work"

    assert_selector ".step-words", text: "From 0.0394 in copper cut 6 13/16 in each for both wires."
    assert_selector ".step-words", text: "Cut 47 3/16 in of 0.0157 in copper"
    assert_no_selector ".order", text: /\d mm/
    piece = Server::Piece.find_by!(name: "Reed cuff")
    rows = CSV.parse(page.evaluate_async_script(<<~JS, piece.id), headers: true)
      fetch(`/api/pieces/${arguments[0]}/cut-list.csv?units=in`).then((answer) => answer.text()).then(arguments[1]);
    JS

    assert_equal cuts, rows.map { |row| row["cut_in"] }.uniq
    visit "/pieces/#{piece.id}/print"

    cuts.each { |cut| assert_selector ".print-cuts strong", text: "#{cut} in" }
    assert_selector ".print-order .step-words", text: "From 0.0394 in copper cut 6 13/16 in each for both wires."
    assert_selector ".print-order canvas", minimum: 4
    answer = page.evaluate_async_script(<<~JS, piece.id)
      fetch(`/api/pieces/${arguments[0]}/strip.svg?units=feet`).then((answer) => answer.json()).then(arguments[1]);
    JS

    assert_equal ["/units", "mm, in"], answer["faults"][0].values_at("path", "accepted")
  end

  def tasks = all(".task-list li .flex-fill").map { |one| one.text.lines.first.strip }

  # The order of work is the maker's: a task moved by its button or dragged by its grip, saved, told at the step where
  # it breaks, put back by undo.
  def test_the_order_is_changed_by_hand
    open_piece "Limpet bead ring"
    show "Order of work"
    click_on "Change the order"
    usual = tasks

    assert_equal "1 Tide pearl (6 mm) on section 1", usual.first
    click_on "Section 1: sooner"

    assert_selector ".task-list .text-danger",
      text: "1 Tide pearl (6 mm) on section 1 comes first: beads are strung before their wire is bent."
    assert_selector ".order .step-words ~ .text-danger", count: 1
    assert_equal [usual[1], usual[0], *usual.drop(2)], tasks
    assert_saved

    assert_equal %w[s1 d1], stored_document("Limpet bead ring")["steps"].first(2)
    click_on "Undo"

    assert_no_selector ".task-list .text-danger"
    find(".task-list li:last-child .grip").drag_to(find(".task-list li:first-child .grip"))

    assert_selector ".task-list li:first-child", text: usual.last
    click_on "Back to the usual order"

    assert_no_button "Back to the usual order"
    assert_selector ".task-list li:first-child", text: usual.first
    assert_equal usual, tasks
  end
end
