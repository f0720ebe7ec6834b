# frozen_string_literal: true

require_relative "../support/system_test"

# What must hold on the bench and the printed page of every demo piece.
class EveryPieceTest < SystemTest
  def plans = Server::Piece.on_shelf.to_h { |piece| [piece, Server::Planning.plan(piece.content)] }

  # Every one that is one woven band.
  def each_piece = plans.reject { |_, plan| plan.band.nil? }.each { |piece, plan| yield piece, plan }

  # How much of a part of the bench is in sight, as a share; how high the page is, in windows.
  SEEN = <<~JS
    (() => {
      const seen = (part) => {
        const { top, bottom, left, right } = document.querySelector(`[data-part=${part}]`).getBoundingClientRect();
        const high = Math.min(bottom, innerHeight) - Math.max(top, 0);
        const wide = Math.min(right, innerWidth) - Math.max(left, 0);
        return (high * wide) / ((bottom - top) * (right - left));
      };
      return [seen("stage"), seen("tally"), document.documentElement.scrollHeight / innerHeight];
    })()
  JS

  # The first, the middle one and the last of the fields of the brief that can be seen.
  FIELDS = <<~JS
    (() => {
      const all = [...document.querySelectorAll(".brief input")].filter((one) => one.checkVisibility());
      return [0, Math.floor(all.length / 2), all.length - 1].map((i) => all[i]);
    })()
  JS

  # Which of the finished pictures are drawn, once they had their time.
  def drawn
    script = "[...document.querySelectorAll('.finished-picture canvas')].map((c) => " \
             "c.getContext('2d').getImageData(0, 0, c.width, c.height).data.some((v) => v > 0))"
    100.times { page.evaluate_script(script).all? ? break : sleep(0.1) }
    page.evaluate_script(script)
  end

  # What is alike of several sections is said once.
  def assert_advised(plan)
    Meander.answer(plan)[:advice].each do |item|
      assert_selector "[data-advice='#{item[:id]}']", text: item[:title].sub(/\ASection \d+: /, "")
    end
  end

  # One visit to each piece, as opening it takes most of the time: it fits every width, what a field changes is in
  # sight, and all figures are the plan's.
  def test_the_bench_of_every_piece
    plans.each do |piece, plan|
      visit "/pieces/#{piece.id}"

      assert_selector ".brief"
      assert_in_sight(piece)
      [[760, 1000], [320, 640], [1280, 800]].each do |size|
        page.driver.resize(*size)

        assert_fits size[0], piece.name
      end
      plan.band ? assert_band(plan) : assert_equal([true, true], drawn, piece.name)

      assert_advised(plan)
      assert_said(plan)
    end
  end

  def test_the_strip_is_drawn_in_the_colours_of_its_wires
    each_piece do |piece, plan|
      visit "/pieces/#{piece.id}"

      assert_selector ".loupe canvas"
      click_on "Whole"
      wire = plan.band.section.working_wire.material.colour.delete("#").scan(/../).map(&:hex)
      like = wire.each_with_index.map { |channel, k| "Math.abs(data[i + #{k}] - #{channel}) < 60" }.join(" && ")
      look = <<~JS
        (() => {
          const canvas = document.querySelector(".overview canvas");
          const { data } = canvas.getContext("2d").getImageData(0, 0, canvas.width, canvas.height);
          let drawn = 0, near = 0;
          for (let i = 0; i < data.length; i += 4) {
            if (data[i + 3] < 200) continue;
            drawn++;
            if (#{like}) near++;
          }
          return [drawn, near / drawn];
        })()
      JS
      shares = page.evaluate_script(look)
      40.times { (shares[0] > 3000) ? break : (sleep(0.05) && shares = page.evaluate_script(look)) }

      assert_operator shares[0], :>, 3000, piece.name
      assert_operator shares[1], :>, 0.1, piece.name
    end
  end

  def test_the_printed_page_has_everything_to_cut
    each_piece do |piece, plan|
      visit "/pieces/#{piece.id}/print"

      assert_selector ".print-cuts tbody tr",
        count: plan.runs.size + plan.band.strip.account.lengths.size + plan.separate_lengths.size +
          plan.piece.findings.size
      assert_text "#{plan.fit.repeats} repeats of " \
                  "#{Meander::Weave::Samples.words(plan.band.section.pattern, plan.band.layout.frame.count)}"
      assert_selector "figure img", count: 2
      refute_match(/NaN|undefined/, page.text)
    end
  end

  # From the shelf to a changed and saved piece without a mouse.
  def test_all_of_it_by_keyboard
    visit "/"
    press find_link("Reed cuff"), :enter

    assert_selector ".bench"
    find_field("Wraps round both").send_keys(:up)
    press find_button("Walk"), :enter

    assert_selector "[role=tab][aria-selected=true]", text: "Walk"
    press find_button("Pin woven length"), :enter

    assert_selector ".answer.pinned", count: 2
    press find_button("starting and ending"), :enter

    assert_selector ".fine-print"
    find_field("Closing coils").send_keys(:escape)

    assert_no_selector ".fine-print"
    assert_saved
    assert_equal 3, stored_document("Reed cuff")["sections"][0]["pattern"]["both"]
  end

  def test_what_was_set_aside_comes_back_and_an_empty_shelf_says_so
    Server::Piece.on_shelf.each { |piece| piece.update!(deleted_at: Time.now.utc) }
    visit "/"

    assert_text "Nothing on the shelf"
    click_on "Deleted pieces (#{demo_documents.size})"
    click_on "Bring back Heron cuff"

    assert_link "Heron cuff"
    assert_no_text "Nothing on the shelf"
  end

  def test_a_piece_that_is_not_there
    visit "/pieces/no-such-piece"

    assert_selector "[role=alert]", text: "there is no such piece"
    click_on "Back to the shelf"

    assert_selector ".shelf-item"
  end

  # While Meander cannot be reached what is typed stays, and it is saved when Meander answers again.
  def test_what_is_typed_stays_while_meander_cannot_be_reached
    open_piece "Reed cuff"
    page.execute_script("window.reach = window.fetch; window.fetch = () => Promise.reject(new TypeError('offline'))")
    enter "Wraps round both", "5"

    assert_selector ".trouble", text: "Meander cannot be reached; what you type is kept here"
    assert_field "Wraps round both", with: "5"
    page.execute_script("window.fetch = window.reach")
    enter "Coils on the near wire", "7"

    assert_no_selector ".trouble"
    assert_saved
    assert_equal [7, 5], stored_document("Reed cuff")["sections"][0]["pattern"].values_at("single", "both")
  end

  private

  # Whatever field of the brief is in hand, what it changes is in sight: stage and tally, at both sizes.
  def assert_in_sight(piece)
    [[1280, 800], [820, 1180]].each do |size|
      page.driver.resize(*size)

      assert_fits size[0], piece.name
      page.evaluate_script(FIELDS).each do |field|
        field.click
        stage, tally, windows = page.evaluate_script(SEEN)

        assert_operator [stage, tally].min, :>=, 0.6, "#{piece.name} at #{size}"
        assert_operator windows, :<=, 2.0, piece.name
      end
    end
  end

  def assert_band(plan)
    assert_field "Repeats", with: plan.fit.repeats.to_s
    assert_selector ".facts dd",
      text: format((plan.mass[:finished_g] < 10) ? "%.2f g" : "%.1f g", plan.mass[:finished_g])
  end

  # What is to be cut, spoken of as the plan does, and every step.
  def assert_said(plan)
    show "Wires"

    plan.runs.each { |bar| assert_selector ".cut-number strong", text: "#{bar.cut_mm} mm" }
    plan.band&.strip.to_h.fetch(:weaving, {lengths: []})[:lengths].each do |length|
      assert_selector ".cut-number strong", text: "#{length[:cut_mm]} mm"
    end
    show "Order of work"

    assert_equal(Meander.answer(plan)[:order].map { |step| step[:words] }, texts(".order .step-words"))
    refute_match(/NaN|undefined|Infinity|null mm/, page.text)
    show "Brief"
  end

  # A key on an element that has the focus, with no click.
  def press(element, key)
    page.execute_script("arguments[0].focus()", element)
    element.send_keys(key)
  end
end
