# frozen_string_literal: true

require_relative "../../test_helper"
require "open3"
require "tempfile"

class CommandLineTest < PieceTest
  # With no gem in reach.
  def meander(*arguments)
    out, err, status =
      Open3.capture3({"RUBYOPT" => nil, "RUBYLIB" => nil}, "ruby", "--disable-gems", File.join(ROOT, "bin/meander"),
        *arguments)
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
    assert_includes words, "cut #{JSON.parse(json)["cuts"][0]["cut_mm"]} mm of 1 mm copper"
    csv, steps, back,
      lifted = [["plan", path, "--csv"], ["plan", path, "--steps"], ["plan", path, "--svg", "back"],
        ["lift", path]].map { |said| meander(*said).first }

    assert_equal JSON.parse(json)["cuts"].size, csv.lines.size - 1
    assert_equal JSON.parse(json)["steps"].map { |step| step["words"] }, steps.lines.map { |line|
      line.chomp.sub(/\A\d+\. /, "")
    }
    assert_includes back, "<svg"
    assert_equal answer(plan(JSON.parse(lifted))), answer(plan(JSON.parse(File.read(path))))
  end

  def braid(*more) = meander("braid", "--diameter", "0.8", "--length", "150", *more)

  # 150 mm of three strands of 0.8 mm with beads of 6 mm: 7.2 mm from bead to bead, by search 1.33 mm a mm.
  def test_a_braid_and_its_figures
    out, _, status = braid("--strands", "3", "--bead", "6", "--json")
    figures = JSON.parse(out)

    assert_equal [0, [7, 7, 7], nil], [status, *figures.values_at("beads", "curve_radius_mm")]
    {"take_up" => 1.33, "pitch_mm" => 7.2, "thickness_mm" => 6.0}.each do |key, told|
      assert_in_epsilon told, figures[key], 0.003
    end
    figures["strand_mm"].each { |mm| assert_in_epsilon 150 * 1.33, mm, 0.003 }
    curved = JSON.parse(braid("--strands", "4", "--bead", "4.8", "--on", "edge", "--pitch", "4", "--json").first)

    # In strands: beads of 6, an inner stitch of 5.
    assert_in_epsilon 13.75 * 0.8, curved["curve_radius_mm"], 0.01
    assert_match(/each strand|strands .* mm \(path, no ends\)/, braid("--strands", "5").first)
    assert JSON.parse(braid("--strands", "4", "--scheme", "3r 2r 2r 1l 2l 2l", "--json").first)["assumed"]
    slack = JSON.parse(braid("--strands", "3", "--slack", ".1", "--wires", "2", "--lay", "6", "--json").first)

    assert_in_epsilon slack["strand_mm"].sum * 2 * Math.hypot(1, Math::PI * 0.8 / 6) * 1.1, slack["wire_mm"], 1e-9
  end

  def test_a_braid_that_cannot_be_is_one_line
    {%w[--strands 12] => /--strands: “12”/, %w[--strands 3 --pitch 1] => /--pitch: 1 is tighter/,
     %w[--strands 3 --bead 20] => /--bead: .*3\.2 mm to 8 mm/, %w[--strands 4 --bead 4] => /--on: .*--strands 3/,
     %w[--strands 3 --scheme 1r1l2r2l] => /--scheme: this comes undone/,
     %w[--strands 3 --scheme 3r] => /--scheme: there is no gap 3/,
     %w[--strands 3 --bead 4 --pitch 4.1] => /--pitch: .*accepted: 5\.04 mm or more/,
     %w[--strands 3 --lay 4] => /--lay: 4 cannot/, %w[--strands 3 --on top --bead 4] => /--on: “top”/,
     %w[--strands 3 --slack x] => /--slack/, %w[--strands] => /--strands needs a value/}.each do |more, words|
      out, err, status = braid(*more)

      assert_equal ["", 2, 1], [out, status, err.lines.size], more.join(" ")
      assert_match words, err
    end
  end

  def weave(*more) = meander("weave", "--base", "0.8,0.8", "--wire", "0.315", "--repeats", "60", *more)

  def test_a_weave_and_its_figures
    out, _, status = weave("--gaps", "0,1,0,1,0,1,0,2,0,2,0,2", "--slack", "0", "--json")
    figures = JSON.parse(out)

    assert_equal [0, false], [status, figures["runs_twice"]]
    {"wire_mm" => 1667, "woven_mm" => 113.4, "width_mm" => 2.545, "thickness_mm" => 1.43,
      "advance_per_repeat_mm" => 1.89}.each { |key, value| assert_in_epsilon value, figures[key], 0.001, key }
    assert_includes figures["advice"].map { |item| item["id"] }, "ends-on-pair"
    slack = JSON.parse(weave("--gaps", "0,1", "--slack", "0.1", "--json").first)

    assert_in_delta 1.1 * slack["path_mm"], slack["wire_mm"], 1e-9
    assert JSON.parse(weave("--gaps", "0,1,2", "--json").first)["runs_twice"]
    assert_includes weave("--gaps", "0,1,2,1", "--clear", "2").first, "width 4.23 mm"
    assert_in_delta 180, JSON.parse(weave("--gaps", "0,1", "--pitch", "3", "--json").first)["woven_mm"], 1e-9
  end

  def test_a_weave_that_cannot_be_read_is_refused
    [[], %w[--gaps], %w[--gaps 0], %w[--gaps 0,0], %w[--gaps 0,1,0], %w[--gaps 0,3], %w[--gaps 0,a], %w[--gaps 0,-1],
      %w[--gaps 0,1 --clear x], %w[--gaps 0,1 --clear 1,1],
      %w[--gaps 0,1 --pitch 0.1], %w[--gaps 0,1 --pitch NaN], %w[--gaps 0,1 --slack -1], %w[--gaps 0,1 --colour red],
      %w[--gaps 0,1 --gaps 0,1], %w[--gaps 0,1 --strands 3]].each do |more|
      out, err, status = weave(*more)

      assert_equal [2, "", 1], [status, out, err.lines.size], more.inspect + err
    end
    %w[0,1 thick 1e300 -1 1,,1].each do |base|
      assert_refused("weave", "--base", base, "--wire", "0.3", "--gaps", "0,1", "--repeats", "3")
    end
    %w[0 -3 2.5 x 1000000].each do |repeats|
      assert_refused("weave", "--base", "1", "--wire", "0.3", "--gaps", "0,1", "--repeats", repeats)
    end
  end

  def test_bad_input_is_one_line_on_standard_error_and_status_two
    bad = [[], ["fly"], ["gauge"], %w[gauge thick], %w[gauge 0], ["gauge", "28 ga"], ["plan"], %w[plan nowhere.json],
      ["plan", ROOT],
      %w[plan nowhere.json --svg side], %w[plan nowhere.json --json --csv], %w[lift]]

    bad.each { |arguments| assert_refused(*arguments) }
    ["", "{", "[]", "null", "\xff", '{"format":"meander-piece","version":9}',
      JSON.generate(document("wires.0.size": size("x")))].each do |text|
      with_file(text) { |path| assert_refused("plan", path) }
    end
  end

  private

  def assert_refused(*arguments)
    out, err, status = meander(*arguments)

    assert_equal [2, "", 1], [status, out, err.lines.size], arguments.inspect + err
  end
end
