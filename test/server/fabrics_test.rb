# frozen_string_literal: true

require_relative "../support/server_test"
require_relative "../support/crochets"

# Crochet over the network: fabrics tried in a wire, rows read from short notation, a piece begun, kept and taken out.
class FabricsApiTest < ServerTest
  def test_every_fabric_is_tried_in_a_wire
    fine, thick = %w[0.2 0.4].map { |mm| send_json(:post, "/api/fabrics", {wire: {typed: "#{mm} mm"}})["fabrics"] }

    assert_equal Meander::Crochet::Samples::ALL.map(&:key), fine.map { |one| one["key"] }
    fine.zip(thick).each do |one, other|
      # Hooks follow the wire: twice the wire makes a fabric twice as wide.
      assert_in_epsilon 2 * one["hook_mm"], other["hook_mm"], 1e-9
      next if one["key"] == "cup-single"

      assert_in_epsilon 2 * one["figures"]["width_mm"], other["figures"]["width_mm"], 1e-6, one["key"]
    end
  end

  def test_a_wire_that_is_none_is_refused
    {"9 mm" => 422, "thick" => 422}.each do |typed, status|
      send_json(:post, "/api/fabrics", {wire: {typed:}})

      assert_equal status, last_response.status, typed
      assert_match(/0\.1/, last_response.body)
    end
  end

  # All crafts side by side in two wires; a wire beyond one of them is named.
  def test_crafts_are_compared
    rows = send_json(:post, "/api/compared", {base: {typed: "1 mm"}, working: {typed: "0.4 mm"}})["rows"]

    assert_equal({"weave" => Meander::Weave::Samples::ALL.size, "braid" => Meander::Braid::Samples::ALL.size,
      "knot" => Meander::Knot::Samples::ALL.size}, rows.map { |row| row["craft"] }.tally.except("crochet"))
    send_json(:post, "/api/compared", {base: {typed: "1 mm"}, working: {typed: "2.5 mm"}})

    assert_equal 422, last_response.status
    assert_equal "/working", JSON.parse(last_response.body)["faults"][0]["path"]
  end

  def test_rows_are_read
    rows = send_json(:post, "/api/fabrics/read", {text: "6s2; (s s2)6 x2"})["rows"]

    assert_equal [1, 2], rows.map { |row| row["times"] }
    assert_equal({"kind" => "single", "times" => 6, "into" => 2, "over" => 1}, rows[0]["stitches"][0])
    told = send_json(:post, "/api/fabrics/read", {text: "6z"})

    assert_equal 422, last_response.status
    assert_equal "/text", told["faults"][0]["path"]
    assert_match(/“z” is no stitch/, told["faults"][0]["message"])
  end

  # Begun, planned, kept; what is taken out tells the same cut.
  def test_a_crocheted_bracelet_is_begun_and_taken_out
    begun = send_json(:post, "/api/pieces", {start: "crochet"})

    assert_equal 201, last_response.status
    cut = begun["plan"]["cut_list"][0]["cut_mm"]
    told = begun["plan"]["sections"][0]["crochet"]

    assert_operator told["stitches"], :>, 100
    assert_operator told["wires"][0]["least_mm"], :<, told["wires"][0]["run_mm"]
    %w[cut-list.csv].each do |file|
      get "/api/pieces/#{begun["id"]}/#{file}"

      assert_equal 200, last_response.status, file
      assert_match(/\b#{cut}\b/, last_response.body, file)
    end
  end
end
