# frozen_string_literal: true

require_relative "../support/server_test"

# Knots over the network: patterns tried in a cord, rows read from short notation, a piece begun, kept and taken out.
class KnotsApiTest < ServerTest
  def test_every_pattern_is_tried_in_a_cord
    fine, thick = %w[0.5 1.0].map { |mm| send_json(:post, "/api/knots", {cord: {typed: "#{mm} mm"}})["knots"] }

    assert_equal Meander::Knot::Samples::ALL.map(&:key), fine.map { |one| one["key"] }
    fine.zip(thick).each do |one, other|
      # Knots follow their cord: twice the cord, twice as wide; of cord for a centimetre they take the same.
      next if one["key"] == "tide-net-open"

      assert_in_epsilon 2 * one["figures"]["width_mm"], other["figures"]["width_mm"], 1e-6, one["key"]
      assert_in_epsilon one["figures"]["cord_per_cm_mm"], other["figures"]["cord_per_cm_mm"], 1e-6, one["key"]
      assert_operator one["figures"]["shortest_per_cm_mm"], :>=, 10 - 1e-9, one["key"]
      assert_operator one["figures"]["longest_per_cm_mm"], :>, one["figures"]["shortest_per_cm_mm"] * 0.99, one["key"]
    end
  end

  def test_a_cord_that_is_none_is_refused
    {"9 mm" => 422, "thick" => 422}.each do |typed, status|
      send_json(:post, "/api/knots", {cord: {typed:}})

      assert_equal status, last_response.status, typed
      assert_match(/0\.1/, last_response.body)
    end
  end

  def test_rows_are_read
    rows = send_json(:post, "/api/knots/read", {text: "~4 2s4< -1; b3 x2"})["rows"]

    assert_equal [1, 2], rows.map { |row| row["times"] }
    assert_equal({"kind" => "square", "hand" => "right", "cords" => 4, "times" => 2, "turns" => 1}, rows[0]["knots"][0])
    assert_equal "4 mm", rows[0]["gap"]["typed"]
    told = send_json(:post, "/api/knots/read", {text: "6z"})

    assert_equal 422, last_response.status
    assert_equal ["/text", "“z” is no knot"], [told["faults"][0]["path"], told["faults"][0]["message"][/“z”.*/]]
  end

  # Begun, planned, kept; what is taken out tells the same cut; a kind of cord no other craft takes.
  def test_a_knotted_bracelet_is_begun_and_taken_out
    begun = send_json(:post, "/api/pieces", {start: "knotted"})

    assert_equal 201, last_response.status
    cut = begun["plan"]["cut_list"][0]["cut_mm"]
    told = begun["plan"]["sections"][0]["knot"]

    assert_operator told["knots"].size, :>, 30
    assert_equal told["ties"], begun["plan"]["work"]["ties"]
    assert_operator told["wires"][0]["run_mm"], :>, 3 * told["wires"][1]["run_mm"]
    get "/api/pieces/#{begun["id"]}/cut-list.csv"

    assert_match(/\b#{cut}\b/, last_response.body)
    document = begun["document"].merge("sections" => begun["document"]["sections"].map { |one|
      one.merge("spacing" => {"typed" => "0.3 mm"})
    })
    send_json(:put, "/api/pieces/#{begun["id"]}", {revision: begun["revision"], document:})

    assert_equal 422, last_response.status
    assert_match(%r{/sections/0/spacing}, last_response.body)
  end
end
