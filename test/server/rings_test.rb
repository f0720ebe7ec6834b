# frozen_string_literal: true

require "csv"
require_relative "../support/server_test"

# Rings over the network, and groups pointed at.
class RingsApiTest < ServerTest
  def test_a_ring_lies_on_the_shelf_under_its_size
    id = stored(document("ring", name: "Band"))["id"]
    get "/api/pieces"
    row = answer["pieces"].first

    assert_equal [id, "ring", "US 7, UK N½, ISO 54.4"], [row["id"], row["kind"], row["worn"]["size_words"]]
    assert_in_delta 54.42 + (Math::PI * 1.4), row["worn"]["round_mm"], 0.01
  end

  # The cut list says what the plan says, and the strip is drawn as long as it is.
  def test_a_ring_goes_out_as_files
    id = stored(document("ring"))["id"]
    made = plan(document("ring"))
    get "/api/pieces/#{id}/cut-list.csv"
    rows = CSV.parse(last_response.body, headers: true)

    assert_equal made.runs.map(&:cut_mm).tally,
      rows.select { |row| row.to_s.include?("base") }.map { |row| row["cut_mm"].to_i }.tally
    get "/api/pieces/#{id}/strip.svg"

    assert_equal 200, last_response.status
    get "/api/pieces/#{id}/document.json"

    assert_equal({"kind" => "beside", "length" => {"typed" => "6 mm", "mm" => 6.0}}, answer["worn"]["closing"])
    assert_in_delta 54.4212, answer["pins"].first["length"]["mm"], 1e-3
  end

  def test_what_is_no_ring_is_named
    {"body.closing.kind" => ["knot", "/body/closing/kind"],
      "body.closing.length" => [{"typed" => "far"}, "/body/closing/length"],
"endings.1.kind" => ["hook", "/endings/1"]}.each do |field, (value, path)|
      send_json(:post, "/api/plan", {document: document("ring", "#{field}": value)})

      assert_problem 422, "invalid-input"
      assert(answer["faults"].any? { |fault| fault["path"].start_with?(path) }, "#{field}: #{answer["faults"]}")
    end
  end

  # What is pointed at is a walk that can be planned, whatever was woven before and after it.
  def test_groups_are_joined_and_planned
    groups = [{kind: "wraps", near: 1, far: 1, times: 3, side: "near"},
      {kind: "wraps", near: 2, far: 2, times: 2, side: "near"}]
    walk = send_json(:post, "/api/weaves/join", {base: 2, groups:, before: [], after: [{gaps: [1, 0], times: 3}]})

    assert_equal [[0, 1, 0, 1, 0, 1, 2, 1, 2, 1], [[0, 1]]], [walk["gaps"], walk["after"].map { |one| one["gaps"] }]
    # A document of the first version knows no length.
    walk["after"].each(&:compact!)
    planned = send_json(:post, "/api/plan",
      {document: document("cuff", "sections.0.pattern": {"kind" => "walk", **walk})})["plan"]["sections"][0]["strip"][
        "weave"]

    assert_equal ["3 on 1, 2 far 2", [0, 1]], planned.values_at("notation", "free")
    assert_equal [[1, 3], [2, 2]], planned["groups"].map { |group| group.values_at("near", "times") }
  end
end
