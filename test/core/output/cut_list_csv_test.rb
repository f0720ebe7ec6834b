# frozen_string_literal: true

require_relative "../../test_helper"
require "nokogiri"

class OutputTest < PieceTest
  def svg(plan, **options)
    Nokogiri::XML(Meander::Output::StripSvg.call(plan.strip_picture, title: "Strip", **options),
      &:strict).remove_namespaces!
  end

  def cuff = @cuff ||= plan(document(pins: pins("repeats" => 12)))

  def test_every_repeat_is_placed_once_on_each_face
    drawing = svg(cuff)

    assert_equal 12 + 3, drawing.css("#weave-w3-f use").size
    assert_equal 12 + 3, drawing.css("#weave-w3-b use").size
  end

  def test_repeats_lie_an_advance_apart
    places = svg(cuff).css("#weave-w3-f use").map { |use| use["x"].to_f }.first(11).drop(1)

    assert places.each_cons(2).all? { |a, b| ((b - a) - cuff.band.layout.pattern.advance_mm).abs < 2e-3 }
    firsts = cuff.strip_picture.strokes.each_slice(12).first(12).map { |passes| passes[2].points.last[1] }

    assert firsts.each_cons(2).all? { |a, b| ((b - a) - cuff.band.layout.pattern.advance_mm).abs < 1e-6 }
  end

  # The near layer is drawn last: what covers the base wires in front lies behind them at the back.
  def test_front_and_back_are_drawn_in_opposite_order
    order = ->(drawing) { drawing.css("g > use").map { |use| use["href"] }.grep(/weave/).uniq }

    assert_equal %w[#weave-w3-b #weave-w3-f], order.call(svg(cuff))
    assert_equal %w[#weave-w3-f #weave-w3-b], order.call(svg(cuff, face: "back"))
  end

  def test_a_left_hand_sees_the_mirror_image
    right, left = %w[right left].map { |hand| svg(cuff, hand:).root["viewBox"].split.map(&:to_f) }

    assert_in_delta right[2], left[2], 1e-6
    assert_in_delta(-right[0] - right[2], left[0], 2e-3)
  end

  def test_the_ruler_counts_from_the_start_of_the_weave
    labels = svg(cuff).css("text").map { |text| [text["x"].to_i, text.text.to_i] }

    assert_includes labels, [0, 0]
    assert labels.all? { |place, label| place == label }
    assert svg(cuff, hand: "left").css("text").all? { |text| text["x"].to_i == -text.text.to_i }
  end

  # Two wires side by side are two layers of their own tones; two in turn share out the repeats.
  def test_every_weaving_wire_is_drawn_in_its_own_tones
    %w[together in_turn].each do |turns|
      json = document(pins: pins("repeats" => 12))
      json["wires"] << json["wires"].last.merge("id" => "w9", "metal" => "sterling")
      json["sections"][0].merge!("weaving" => %w[w3 w9], "strands" => 2, "turns" => turns)
      drawing = svg(plan(json))
      tones = %w[copper sterling].map do |metal|
        Meander::Picture::Colour.strokes(Meander::Materials::Metal.fetch(metal).colour).last.first
      end

      assert_equal %w[weave-w3-b weave-w3-f weave-w9-b weave-w9-f],
        drawing.css("defs > g").map { |layer| layer["id"] }.sort
      assert_equal tones.sort,
        drawing.css("g[stroke] > use").map { |use| use.parent["stroke"] }.uniq.select { |tone| tones.include?(tone) }
          .sort
      uses = %w[w3 w9].map { |wire| drawing.css("#weave-#{wire}-f use").size }

      assert_equal uses.first, uses.last if turns == "together"

      assert_operator uses.sum, :>, 12
    end
  end

  def test_a_title_is_text_and_nothing_else
    text = Meander::Output::StripSvg.call(cuff.strip_picture, title: "</title><script>alert(1)</script>")

    refute_includes text, "<script"
  end

  def test_the_picture_stays_small_however_long_the_piece
    short, long = [60, 600].map do |repeats|
      plan(document(pins: pins("repeats" => repeats))).strip_picture.json.bytesize
    end

    assert_operator long, :<, short * 1.5
    assert_operator plan(document("sections.0.pattern.single": 40, "sections.0.pattern.both": 40)).strip_picture.json
      .bytesize, :<, 30_000
  end

  def test_shades_go_from_dark_to_light
    tones = Meander::Picture::Colour.strokes("#b4653a").map { |tone, _, _| tone.delete("#").scan(/../).sum(&:hex) }

    assert_equal tones.sort, tones
    assert_equal Meander::Picture::Colour::DEPTHS, tones.size
  end

  def test_the_cut_list_has_no_row_without_a_length
    rows = CSV.parse(Meander.csv(plan(document("bracelet"))), headers: true)

    assert_equal (1..rows.size).to_a, rows.map { |row| row["cut"].to_i }
    assert rows.all? { |row| row["cut_mm"].to_i.positive? && row["diameter_mm"].to_f.positive? }
    assert_equal %w[w1 w2 w3], rows.map { |row| row["wire"] }.uniq
  end

  def test_words_for_lengths
    text = Meander::Units::Text

    assert_equal ["138.4 mm", "2.31 m", "0.812 mm", "5 %", "1 repeat", "2 repeats"],
      plain([text.length(138.42), text.length(2310), text.wire(0.8118), text.percent(0.05), text.count(1, "repeat"),
        text.count(2, "repeat")])
    assert_equal ["a", "a and b", "a, b or c"], [text.list(%w[a]), text.list(%w[a b]), text.list(%w[a b c], "or")]
  end
end
