# frozen_string_literal: true

require_relative "../support/server_test"

class PiecesTest < ServerTest
  def test_a_piece_is_kept_opened_and_saved_under_its_revision
    piece = stored

    assert_equal 201, last_response.status
    saved = send_json(:put, "/api/pieces/#{piece["id"]}", {revision: 1, document: document(name: "Renamed")})

    assert_equal [2, "Renamed"], saved.values_at("revision", "name")
    get "/api/pieces/#{piece["id"]}"

    assert_equal ["Renamed", 2], [answer["document"]["name"], answer["revision"]]
    assert_equal answer["plan"], JSON.parse(JSON.generate(Meander.answer(plan(document))))
  end

  def test_a_stale_save_is_refused_and_both_versions_are_kept
    id = stored["id"]
    send_json(:put, "/api/pieces/#{id}", {revision: 1, document: document(name: "First")})
    refused = send_json(:put, "/api/pieces/#{id}", {revision: 1, document: document(name: "Second")})

    assert_problem 409, "stale-save"
    assert_equal ["First", 2], [refused["current"]["document"]["name"], refused["current"]["revision"]]
    versions = Server::PieceVersion.where(piece_id: id).order(:id)

    assert_equal %w[saved saved refused], versions.map(&:outcome)
    assert_equal "Second", JSON.parse(versions.last.document)["name"]
    send_json(:put, "/api/pieces/#{id}", {revision: 2, document: document(name: "Second")})

    assert_equal 200, last_response.status
  end

  def test_only_one_of_many_saves_at_once_wins
    id = stored["id"]
    outcomes = Array.new(8) do |i|
      Thread.new do
        Server::Piece.find(id).save_over({document: {name: "Tab #{i}"}}, 1, by: "")
        :saved
      rescue Server::Piece::Stale
        :refused
      ensure
        ActiveRecord::Base.connection_handler.clear_active_connections!(:all)
      end
    end.map(&:value)

    assert_equal({saved: 1, refused: 7}, outcomes.tally)
    assert_equal 7, Server::PieceVersion.where(piece_id: id, outcome: "refused").count
  end

  # Each piece to begin with has a name of its own; the one that was changed last hangs first.
  def test_pieces_are_started_under_names_of_their_own
    ids = Array.new(3) { send_json(:post, "/api/pieces", {start: "cuff"})["id"] }
    send_json(:put, "/api/pieces/#{ids[1]}", {revision: 1, document: document(name: "Second")})
    Server::Piece.find(ids[1]).update_columns(updated_at: Time.now.utc + 5)
    get "/api/pieces"

    assert_equal ["New cuff", "New cuff 3", "Second"], answer["pieces"].map { |piece| piece["name"] }.sort
    assert_equal "Second", answer["pieces"].first["name"]
    send_json(:post, "/api/pieces", {start: "hat"})

    assert_problem 422, "invalid-input"
    assert_equal ["/start", "hat"], answer["faults"][0].values_at("path", "given")
  end

  # New pieces begin with the maker's own tails and margins, once they said some.
  def test_pieces_are_started_with_the_makers_allowances
    own = document["allowances"].merge("tail" => size("80 mm"), "margin" => 0.1, "base_tails" => "both")
    send_json(:put, "/api/maker", {pace: 10, push: "well", allowances: own})

    assert_equal 200, last_response.status
    send_json(:post, "/api/pieces", {start: "cuff"})

    assert_equal 201, last_response.status, last_response.body[0, 300]
    started = answer["document"]["allowances"]

    assert_equal ["80 mm", 0.1, "start"], [started["tail"]["typed"], *started.values_at("margin", "base_tails")]
    send_json(:put, "/api/maker", {pace: 10, push: "well", allowances: own.merge("tail" => size("none"))})

    assert_problem 422, "invalid-input"
    assert_equal "/allowances/tail", answer["faults"][0]["path"]
  end

  def test_a_piece_hangs_in_a_collection
    id = stored["id"]

    assert_equal "Winter", send_json(:put, "/api/pieces/#{id}/collection", {collection: "Winter"})["collection"]
    get "/api/pieces"

    assert_equal [["Winter", 1]], answer["pieces"].map { |piece| piece.values_at("collection", "revision") }
    [7, "", "n" * 61].each do |wrong|
      send_json(:put, "/api/pieces/#{id}/collection", {collection: wrong})

      assert_problem 422, "invalid-input"
      assert_equal "/collection", answer["faults"][0]["path"]
    end
    assert_nil send_json(:put, "/api/pieces/#{id}/collection", {collection: nil})["collection"]
  end

  def test_deleting_is_taken_back_and_a_copy_is_a_piece_of_its_own
    id = stored["id"]
    delete "/api/pieces/#{id}"

    assert_equal 204, last_response.status
    get "/api/pieces"

    assert_equal [[], [id]], [answer["pieces"], answer["set_aside"].map { |piece| piece["id"] }]
    post "/api/pieces/#{id}/restore"
    post "/api/pieces/#{id}/duplicate"
    get "/api/pieces"

    assert_equal ["New cuff (copy)", "New cuff"], answer["pieces"].map { |piece| piece["name"] }
  end

  def test_the_demo_is_laid_out_once_and_put_back_on_demand
    Server::Demo.lay_out_if_new
    Server::Demo.lay_out_if_new
    mine = stored["id"]
    demo = Server::Piece.find_by(demo_key: "reed-cuff")
    demo.save_over({document: document(name: "Changed").transform_keys(&:to_sym)}, 1, by: "")
    Server::Demo.lay_out
    names = Server::Piece.on_shelf.map(&:name)

    assert_equal demo_documents.size + 1, names.size
    assert_includes names, "Reed cuff"
    assert Server::Piece.exists?(mine)
  end

  def test_what_is_taken_out_comes_in_again
    id = stored(document("bracelet", name: "Reed / bracelet “2”"))["id"]
    get "/api/pieces/#{id}/document.json"

    assert_match(/filename="reed-bracelet-2.meander.json"/, last_response["content-disposition"])
    assert_equal "Reed / bracelet “2”", stored(JSON.parse(last_response.body))["name"]
    get "/api/pieces/#{id}/cut-list.csv"

    assert_equal ["text/csv", 4], [last_response.media_type, last_response.body.lines.size - 1]
    get "/api/pieces/#{id}/strip.svg?face=back&hand=left"

    assert_equal "image/svg+xml", last_response.media_type
    get "/api/pieces/#{id}/strip.svg?face=side"

    assert_problem 422, "invalid-input"
  end

  def test_a_picture_is_fetched_by_its_hash
    hash = send_json(:post, "/api/plan", {document: document})["plan"]["strip"]
    get "/api/pictures/#{hash}"

    assert_equal plan(document).strip_picture.json, last_response.body
    get "/api/pictures/nothing"

    assert_problem 404, "not-found"
  end
end
