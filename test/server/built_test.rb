# frozen_string_literal: true

require "csv"
require_relative "../support/server_test"
require_relative "../support/sections"

# Pieces put together from sections over the network.
class BuiltApiTest < ServerTest
  include Sections

  # Two sections on the same wires, a drop and an arc.
  def two
    put_together(
      [woven("s1", %w[w1 w2], {kind: "drop", length: 22.0, width: 9.0, open: 2.0}),
        woven("s2", %w[w1 w2], {kind: "arc", radius: 20.0, towards: "far"}, at: after("s1"))],
      wires: [base("w1"), base("w2"), weaving]
    )
  end

  def test_it_is_kept_opened_and_planned
    kept = stored(two)

    assert_equal 201, last_response.status
    assert_nil kept["plan"]["strip"]
    get "/api/pieces/#{kept["id"]}"

    assert_equal %w[s1 s2], answer["plan"]["sections"].map { |section| section["id"] }
    assert_equal answer["document"], send_json(:post, "/api/plan", {document: answer["document"]})["document"]
    assert_equal plan(two).runs.map(&:cut_mm), answer["plan"]["cuts"].map { |cut| cut["cut_mm"] }
  end

  # Every picture a plan names can be fetched: finished ones and the strip of each section.
  def test_its_pictures_are_kept
    made = send_json(:post, "/api/plan", {document: two})["plan"]

    [*made["finished"].map { |one| one["picture"] },
      *made["sections"].map { |section| section["strip"]["picture"] }].each do |hash|
      get "/api/pictures/#{hash}"

      assert_equal 200, last_response.status
      refute_empty answer
    end
  end

  def test_the_shelf_shows_it_finished
    stored(document("earring", name: "Pair"))
    stored(document("cuff"))
    get "/api/pieces"
    pair, cuff = answer["pieces"].sort_by { |row| row["kind"] }.reverse

    assert_equal ["earring", 2, ["a drop 32 mm long, 16 mm wide"], 0],
      [pair["kind"], pair["pieces"], pair["sections"], pair["stops"]]
    assert_equal ["cuff", nil], [cuff["kind"], cuff["finished"]]
    assert_in_delta 18.2, pair["extent"][0].sum(&:abs), 0.1
  end

  # What can be asked of a band can be asked of a section.
  def test_a_section_is_asked_about
    document = two
    put_in(document, %w[sections 1 pattern], {"kind" => "walk", "gaps" => [0, 1, 0, 2], "before" => [], "after" => []})
    asked = {document:, section: "s2"}
    said = send_json(:post, "/api/weaves/say", {**asked, text: "5 on 1, 2 on 1-2"})

    assert_equal [[0, 1] * 5, [0, 2] * 2].flatten, said["document"]["sections"][1]["pattern"]["gaps"]
    assert_equal said["document"]["sections"][1]["pattern"]["gaps"],
      said["plan"]["sections"][1]["strip"]["weave"]["gaps"]
    assert_equal "walk", said["document"]["sections"][0]["pattern"]["kind"]
    judged = send_json(:post, "/api/weaves/judge", {**asked, made: 0, said: 1, turned: false})

    assert judged["right"], judged.inspect
    refute send_json(:post, "/api/weaves/judge", {**asked, section: "s1", made: 0, said: 0, turned: false})["right"]
    weaves = send_json(:post, "/api/weaves", asked)["weaves"]

    assert_operator weaves.size, :>=, 14
    filled = send_json(:post, "/api/weaves/even", {**asked, strip: {typed: "40 mm"}, free: 0})

    assert_operator filled["fillings"].size, :>=, 1
    assert_equal [0, 1], filled["fillings"].first["pattern"]["gaps"].first(2)
  end

  # A band's weave said in short notation comes back planned, with the picture that will be asked for next.
  def test_a_weave_said_comes_with_its_picture
    band = document("cuff",
      "sections.0.pattern": {"kind" => "walk", "gaps" => [0, 1, 0, 2], "before" => [], "after" => []})
    said = send_json(:post, "/api/weaves/say", {document: band, text: "37 on 1, 2 on 1-2"})
    get "/api/pictures/#{said["plan"]["strip"]}"

    assert_equal({said["plan"]["strip"] => answer}, said["drawn"])
    assert_equal "37 on 1, 2 on 1-2", said["plan"]["sections"][0]["strip"]["weave"]["notation"]
    send_json(:post, "/api/weaves/say", {document: band, text: "4 on 9"})

    assert_problem 422, "invalid-input"
    assert_match(%r{\A/text/}, answer["faults"].first["path"])
  end

  def test_a_section_that_is_not_there
    [nil, "s9", 4].each do |section|
      send_json(:post, "/api/weaves", {document: two, section:})

      assert_problem 422, "invalid-input"
      assert_equal ["/section", "s1, s2"], answer["faults"].first.values_at("path", "accepted")
    end
    [nil, "s9", "b1"].each do |section|
      json = two.tap do |one|
        (one["sections"] << bent("b1", "w8", {kind: "line", length: 9.0})) && one["wires"] << base("w8")
      end
      send_json(:post, "/api/weaves/say", {document: json, section:, text: "2 on 1"})

      assert_problem 422, "invalid-input"
      assert_equal "/section", answer["faults"].first["path"]
    end
    send_json(:post, "/api/weaves/say", {document: document, text: "2 on"})

    assert_problem 422, "invalid-input"
    [{}, {"sections" => 4}, {"sections" => []}, {"sections" => [{"base" => 3}]}].each do |broken|
      send_json(:post, "/api/weaves/say", {document: broken, text: "2 on 1"})

      assert_problem 422, "invalid-input"
    end
  end

  def test_what_cannot_be_made_is_named
    json = two
    json["sections"][1]["at"] = {"kind" => "after", "section" => "s7", "bare" => size("4 mm"), "turn" => 0}
    send_json(:post, "/api/pieces", {document: json})

    assert_problem 422, "invalid-input"
    assert_equal %w[/sections/1/at/section], answer["faults"].map { |fault| fault["path"] }.uniq
    get "/api/pieces"

    assert_empty answer["pieces"]
  end

  # Files: the template in both faces, the cut list with every mark, the document as it is stored.
  def test_it_goes_out_as_files
    id = stored(two)["id"]
    %w[front back].each do |face|
      get "/api/pieces/#{id}/strip.svg?face=#{face}"

      assert_equal [200, "image/svg+xml"], [last_response.status, last_response.media_type]
      assert_includes last_response.body, "mm\" viewBox"
    end
    get "/api/pieces/#{id}/cut-list.csv"
    rows = CSV.parse(last_response.body, headers: true)

    assert_equal plan(two).runs.map(&:cut_mm), rows.first(2).map { |row| row["cut_mm"].to_i }
    assert(rows.first(2)
      .all? { |row| row["marks"].include?("start of weave") && row["marks"].include?("between sections") })
    get "/api/pieces/#{id}/document.json"

    assert_equal %w[drop arc], answer["sections"].map { |section| section["form"]["kind"] }
  end

  # The command line plans it too: cuts, marks and the order of work.
  def test_the_command_line
    path = File.join(SCRATCH, "two.json")
    File.write(path, JSON.generate(two))
    words = `#{RbConfig.ruby} #{File.join(ROOT, "bin/meander")} plan #{path}`

    plan(two).runs.each { |cut| assert_includes words, plain("cut #{cut.cut_mm} mm of #{cut.words}") }
    assert_match(/^1\. For section 1 from .* cut/, words)
  end
end
