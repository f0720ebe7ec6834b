# frozen_string_literal: true

require_relative "../test_helper"
require "open3"
require "tempfile"

class CommandLineTest < PieceTest
  # With no gem in reach.
  def meander(*arguments)
    out, err, status = Open3.capture3({"RUBYOPT" => nil, "RUBYLIB" => nil}, "ruby", "--disable-gems", File.join(ROOT, "bin/meander"), *arguments)
    [out, err, status.exitstatus]
  end

  def with_file(text)
    Tempfile.create(["piece", ".json"]) do |file|
      file.write(text)
      file.flush
      yield file.path
    end
  end

  def test_gauge
    out, _, status = meander("gauge", "20", "awg")

    assert_equal 0, status
    assert_match(/0\.812 mm.*nearest SWG: 21 \(0\.813 mm\)/m, out)
  end

  def test_plan_in_words_and_as_json_tell_the_same
    path = File.join(ROOT, "demo/pieces/reed-cuff.json")
    words, = meander("plan", path)
    json, _, status = meander("plan", path, "--json")

    assert_equal 0, status
    assert_includes words, "cut #{JSON.parse(json)["base"][0]["cut_mm"]} mm of 1 mm copper"
  end

  def test_bad_input_is_one_line_on_standard_error_and_status_two
    bad = [[], ["fly"], ["gauge"], %w[gauge thick], %w[gauge 0], ["gauge", "28 ga"], ["plan"], %w[plan nowhere.json], ["plan", ROOT]]

    bad.each { |arguments| assert_refused(*arguments) }
    ["", "{", "[]", "null", "\xff", '{"format":"meander-piece","version":9}', JSON.generate(document("wires.0.size": size("x")))].each do |text|
      with_file(text) { |path| assert_refused("plan", path) }
    end
  end

  private

  def assert_refused(*arguments)
    out, err, status = meander(*arguments)

    assert_equal [2, "", 1], [status, out, err.lines.size], arguments.inspect + err
  end
end
