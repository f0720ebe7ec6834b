# frozen_string_literal: true

require_relative "../support/server_test"

# The way in: six pieces of the collection in copper; what was practised, and what to practise next.
class LearningTest < ServerTest
  def setup
    super
    Server::Practised.delete_all
  end

  def look(path) = get(path) && answer
  def practised(piece, move, right) = send_json(:post, "/api/practised", {piece:, section: "s1", move:, right:})

  # Every piece can be planned and made in copper, with nothing that stops; what it takes is what its plan cuts.
  def test_the_path
    path = look("/api/path")["path"]

    assert_equal 6, path.size
    path.each do |step|
      id = send_json(:post, "/api/path/#{step["key"]}", {})["id"]
      piece = look("/api/pieces/#{id}")

      assert_equal [step["name"], ["copper"]],
        [piece["name"], piece["document"]["kinds"].map { |kind| kind["metal"] }.uniq]
      assert_empty piece["plan"]["advice"].select { |item| item["severity"] == "stop" }, step["name"]
      pieces = (piece["document"]["kind"] == "earring") ? 2 : 1
      cut = pieces * piece["plan"]["cut_list"].sum { |row| row["count"] * row["cut_mm"] }
      told = step["wire"].sum { |words| words[/\A([\d.]+) (m|mm) /, 1].to_f * (words.include?(" m of") ? 1000 : 1) }

      assert_in_delta cut, told, 10.0 * step["wire"].size, step["name"]
      assert_operator step["minutes"], :<, 60, "a small piece"
      assert_equal id, send_json(:post, "/api/path/#{step["key"]}", {})["id"], "laid out once"
    end
    assert_equal path.size, look("/api/pieces")["pieces"].size
    send_json(:post, "/api/path/heron-cuff", {})

    assert_equal 404, last_response.status
  end

  def test_a_piece_of_the_path_was_made
    key = look("/api/path")["path"][0]["key"]
    id = send_json(:post, "/api/path/#{key}", {})["id"]

    assert_equal [id, false], look("/api/path")["path"][0].values_at("piece", "made")
    making = send_json(:post, "/api/pieces/#{id}/makings", {})
    send_json(:post, "/api/makings/#{making["id"]}/events",
      {events: [{id: "the-end-of-it", at: 1_800_000_000_000, kind: "finish"}]})

    assert look("/api/path")["path"][0]["made"]
  end

  # What goes wrong most comes first; what was always right, and what is of a piece that is gone, is not told.
  def test_what_to_practise_next
    piece = send_json(:post, "/api/pieces", {start: "cuff"})
    id = piece["id"]
    9.times { |i| practised(id, "over the far wire", i > 3) }
    practised(id, "over both", false)
    practised(id, "over both", false)
    practised(id, "under the near wire", true)
    told = look("/api/practised")["next"]

    assert_equal [["over both", 2, 2], ["over the far wire", 9, 4]],
      told.map { |one| one.values_at("move", "asked", "wrong") }
    assert_equal [[id, piece["name"], "s1", nil]],
      told.map { |one| one.values_at("piece", "name", "section", "number") }.uniq
    delete "/api/pieces/#{id}"

    assert_empty look("/api/practised")["next"]
  end

  # Sent again, as when no answer came, it counts once.
  def test_what_is_sent_again_counts_once
    id = send_json(:post, "/api/pieces", {start: "cuff"})["id"]
    said = {piece: id, section: "s1", move: "over both", right: false}
    3.times { send_json(:post, "/api/practised", {**said, id: "practised-000001"}) }
    send_json(:post, "/api/practised", {**said, id: "practised-000002"})

    assert_equal [2, 2], look("/api/practised")["next"][0].values_at("asked", "wrong")
  end

  def test_what_cannot_be_practised
    id = send_json(:post, "/api/pieces", {start: "cuff"})["id"]
    practised(id, "", true)

    assert_equal ["/move"], answer["faults"].map { |fault| fault["path"] }
    practised(id, "over both", "yes")

    assert_equal ["/right"], answer["faults"].map { |fault| fault["path"] }
    practised("nowhere", "over both", true)

    assert_equal 404, last_response.status
  end
end
