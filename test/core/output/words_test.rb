# frozen_string_literal: true

require_relative "../../support/weaves"

# What Meander writes in words, on the command line and in its advice.
class WordsTest < PieceTest
  def lines(plan) = Meander.words(plan).lines(chomp: true)

  def test_a_plan_in_words_says_what_to_cut
    demo_bands.each do |json|
      plan = plan(json)
      words = lines(plan)

      assert_operator words.first, :start_with?, "#{json["name"]}: "
      assert_equal plan.runs.map { |bar| bar.cut_mm.to_s }, words.grep(/\(base wire/).map { |line|
        line[/cut (\d+) mm/, 1]
      }
      assert_equal plan.band.strip.account.count, words.grep(/\(weaves /).sum { |line|
        (line[/cut (\d+) times/, 1] || 1).to_i
      }
      assert_equal said(plan).size, words.grep(/\[[a-z-]+\]\z/).size
      words.each { |line| refute_match(/NaN|Infinity|nil|\{|#</, line) }
    end
  end

  def test_a_weave_in_words_says_its_figures
    swatch = Meander::Weave::WeaveOptions.read(
      {"base" => "1,1", "wire" => "0.4", "gaps" => "0,1,0,2", "repeats" => "10", "slack" => "0"}
    )
    figures = Meander::Output::WeaveFigures.call(swatch)
    words = Meander::Output::WeaveFigures.words(figures)

    assert_includes words.first, "10 repeats: 8 mm woven"
    assert_includes words[1], "0.8 mm long"
    assert_includes words[1], "4 passes"
    assert_in_delta figures[:wire_mm], figures[:path_mm], 1e-9
  end

  def test_a_size_in_every_system
    assert_equal ["0.812 mm = 0.032 in", "nearest AWG: 20 (0.812 mm), exactly",
      "nearest SWG: 21 (0.813 mm), the wire is 0.001 mm thinner",
      "nearest metric: 0.8 (0.8 mm), the wire is 0.012 mm thicker"],
      Meander::Output::GaugeWords.call(Meander::Units::Gauge.mm("awg", 20))
  end

  # Every advice of every demo piece names its place in the document, and what it offers can be put there.
  def test_advice_points_into_the_document
    demo_bands.each do |json|
      plan = plan(json)
      said(plan).each do |item|
        way = item.place.split("/").drop(1)
        found = way.reduce(JSON.parse(JSON.generate(plan.piece.to_h))) do |inner, key|
          inner.is_a?(Array) ? inner[key.to_i] : inner&.fetch(key, nil)
        end

        refute_nil found, "#{item.id} at #{item.place}"
        assert_includes %w[stop warn note], item.severity
        assert_predicate item, :frozen?
      end
    end
  end

  def test_numbers_in_words
    text = Meander::Units::Text

    assert_equal %w[1 1.5 0 12.346 -0.5],
      [text.number(1.0, 3), text.number(1.50, 2), text.number(0, 1), text.number(12.3456, 3), text.number(-0.5, 1)]
    assert_equal ["1 pass", "3 passes"], [text.count(1, "pass", "passes"), text.count(3, "pass", "passes")]
    assert_equal ["a, b and c", "a or b", "a", ""],
      [text.list(%w[a b c]), text.list(%w[a b], "or"), text.list(["a"]), text.list([])]
    assert_equal "Each of them", text.sentence("each of them")
  end
end
