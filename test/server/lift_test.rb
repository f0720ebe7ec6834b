# frozen_string_literal: true

require_relative "../support/server_test"

# A shelf whose pieces were kept in the first version of the document.
class LiftApiTest < ServerTest
  def first_version(name, text)
    id = stored["id"]
    Server::Piece.find(id).update_columns(name:, document: text)
    id
  end

  # Each becomes a piece of the present version under a new revision; what it was stays, and can be taken out. What
  # cannot be read is left.
  def test_pieces_are_lifted_and_what_they_were_is_kept
    old = document("earring", name: "Kelp").tap { |json| json["notes"] = "first version" }
    id, broken, newer = first_version("Kelp", JSON.generate(old)), first_version("Broken", "{"),
      first_version("Newer", JSON.generate("version" => 7))
    told = Server::Piece.find(id).told
    LiftPiecesToTheSecondVersion.new.up
    kept = Server::Piece.find(id)

    assert_equal [2, 2, "earring"], [kept.revision, kept.content["version"], kept.content["kind"]]
    assert_equal told, kept.told
    assert_equal [["{", 1], [JSON.generate("version" => 7), 1]], [broken, newer].map { |other|
      Server::Piece.find(other).then { |piece| [piece.document, piece.revision] }
    }
    assert_equal JSON.parse(JSON.generate(plan(old).piece.to_h)), kept.content
    get "/api/pieces/#{id}/document.json?version=1"

    assert_equal [200, old], [last_response.status, answer]
    get "/api/pieces/#{id}/document.json?version=3"

    assert_problem 422, "invalid-input"
    get "/api/pieces/#{stored["id"]}/document.json?version=1"

    assert_problem 404, "not-found"
    LiftPiecesToTheSecondVersion.new.up

    assert_equal 2, Server::Piece.find(id).revision, "once lifted it stays as it is"
    LiftPiecesToTheSecondVersion.new.down

    assert_equal old, Server::Piece.find(id).content
  end

  # A document of the first version that is sent is kept as the present one has it.
  def test_what_comes_in_is_lifted
    made = stored(document("pendant"))

    assert_equal [201, 2, "neck"], [last_response.status, made["document"]["version"], made["document"]["worn"]["on"]]
  end
end
