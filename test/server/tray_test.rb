# frozen_string_literal: true

require_relative "../support/server_test"
require_relative "../support/trays"

# The maker's tray of beads, and what of it fits.
class TrayTest < ServerTest
  include Trays

  def keep(stock: 12, **changes) = send_json(:post, "/api/tray", {bead: bead("k1", **changes), stock:})
  def tray = get("/api/tray") && answer["beads"]

  def test_a_bead_is_kept_changed_let_go_and_brought_back
    id = keep["id"]

    assert_equal 201, last_response.status
    found = tray.first

    assert_equal [id, 12, "Bead k1", 3.0],
      [found["id"], found["stock"], found["bead"]["name"], found["kind"]["along_mm"]]
    assert_operator found["kind"]["look"].size, :>=, 3
    send_json(:put, "/api/tray/#{id}", {bead: bead("k1", name: "Sea glass", length: size("1/8 in")), stock: 9})

    assert_equal [["Sea glass", 9, 3.175]], tray.map { |one|
      [one["bead"]["name"], one["stock"], one["kind"]["along_mm"]]
    }
    delete "/api/tray/#{id}"

    assert_empty tray
    post "/api/tray/#{id}/restore"

    assert_equal [204, 1], [last_response.status, tray.size]
  end

  def test_what_cannot_be_is_not_kept
    {{hole: "5 mm"} => "/bead/hole", {length: {"typed" => "-3 mm"}} => "/bead/length",
      {material: "cheese"} => "/bead/material", {colour: "blue"} => "/bead/colour",
      {mass: "heavy"} => "/bead/mass", {name: ""} => "/bead/name"}.each do |changes, path|
      keep(**changes)

      assert_problem 422, "invalid-input"
      assert_includes answer["faults"].map { |fault| fault["path"] }, path
    end
    keep(stock: 1.5)

    assert_equal "/stock", answer["faults"].first["path"]
    assert_empty tray
  end

  # What holds a gap comes with how many there are; of a tray that changed only what changed is read again.
  def test_what_holds_a_gap
    id = keep(stock: 7)["id"]
    keep(length: size("9 mm"), width: size("9 mm"))
    kinds = Server::Bead.kinds

    assert_equal([[id, 7, 0.0]],
      send_json(:post, "/api/tray/hold",
        {gap: size("3 mm")})["holds"].map { |hold| hold.values_at("id", "stock", "off_mm") })
    send_json(:put, "/api/tray/#{id}", {bead: bead("k1", width: size("3.1 mm"), length: size("8 mm")), stock: 6})
    again = Server::Bead.kinds

    assert_same kinds.except(id).values.first, again.except(id).values.first
    assert_in_delta 0.1, send_json(:post, "/api/tray/hold", {gap: size("3 mm")})["holds"].first["off_mm"], 1e-9
    send_json(:post, "/api/tray/hold", {gap: size("wide")})

    assert_problem 422, "invalid-input"
    assert_equal "/gap", answer["faults"].first["path"]
  end

  # What is asked of two thousand kinds comes back best first.
  def test_what_fits_of_many
    rows = Array.new(2000) do |i|
      content = Meander::Document::Plain.call(Meander::Document::TrayReader.call({
        "bead" => bead("k1", "#{(1 + (i * 0.01)).round(2)} mm", "3 mm", hole: "#{(0.3 + ((i % 7) * 0.1)).round(1)} mm",
          name: "Kind #{i}"), "stock" => i
      })[:bead])
      {id: "b#{i}", name: "Kind #{i}", document: JSON.generate(content), stock: i, created_at: Time.now,
        updated_at: Time.now}
    end
    Server::Bead.insert_all!(rows)
    fits = send_json(:post, "/api/tray/fit", {gap: size("20 mm"), wires: [size("0.4 mm"), size("0.4 mm")]})["fits"]

    assert_equal 40, fits.size
    assert(fits.all? { |fit| fit["passes"] && fit["hole_mm"] >= 0.85 && fit["left_mm"] >= -1e-9 })
    assert_equal fits.map { |fit| fit["each_mm"] }.sort, fits.map { |fit| fit["each_mm"] }
    assert_equal fits.first["stock"], fits.first["id"].delete("b").to_i
    send_json(:post, "/api/tray/fit", {gap: size("0 mm"), wires: []})

    assert_problem 422, "invalid-input"
    assert_equal ["/gap", "/wires"], answer["faults"].map { |fault| fault["path"] }.sort
  end

  # A piece carries its beads: stored, planned, in its cut list and its picture.
  def test_a_piece_carries_its_beads
    json = with_beads(document("cuff"), placed("surface", weaving: "w3", count: 4))
    id = stored(json)["id"]
    get "/api/pieces/#{id}"

    assert_equal [4, 1], [answer["plan"]["beads"]["placed"].first["count"], answer["document"]["tray"].size]
    picture = answer["plan"]["strip"]
    get "/api/pictures/#{picture}"

    assert_equal 4, answer["beads"]["set"].size
    get "/api/pieces/#{id}/cut-list.csv"

    assert_includes last_response.body, "carries Bead k1"
    get "/api/pieces/#{id}/strip.svg?face=front"

    assert_operator last_response.body.scan("<polygon").size, :>=, 16
  end
end
