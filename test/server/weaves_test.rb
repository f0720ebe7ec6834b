# frozen_string_literal: true

require_relative "../support/server_test"

# Weaves over the network: tried in a document's wires, and read from short notation.
class WeavesApiTest < ServerTest
  ALL = Meander::Weave::Samples::ALL

  def test_every_weave_is_tried_in_the_wires_of_the_document
    weaves = send_json(:post, "/api/weaves", {document: document("bracelet", "wires.0.size": size("20 awg"))})["weaves"]

    assert_equal ALL.map(&:key), weaves.map { |weave| weave["key"] }
    piece = Meander::Document::PieceReader.call(document("bracelet", "wires.0.size": size("20 awg"))).piece
    weaves.each do |weave|
      figures = Meander::Crafts::Weaving::TryWeave.figures(
        Meander::Crafts::Weaving::TryWeave.call(piece.sections.first, ALL.find { |sample| sample.key == weave["key"] })
      )

      assert_equal JSON.parse(JSON.generate(figures)), weave["figures"], weave["key"]
    end
  end

  def test_their_pictures_are_there_to_be_fetched
    send_json(:post, "/api/weaves", {document: document})["weaves"].each do |weave|
      get "/api/pictures/#{weave["picture"]}"

      assert_equal 200, last_response.status, weave["key"]
      assert_equal ALL.find { |sample| sample.key == weave["key"] }.base, answer["rods"].size, weave["key"]
    end
  end

  def test_nothing_is_stored_by_trying
    send_json(:post, "/api/weaves", {document: document})

    assert_equal [0, 0], [Server::Piece.count, Server::PieceVersion.count]
  end

  def test_a_document_that_cannot_be_planned_is_refused
    send_json(:post, "/api/weaves", {document: document("wires.2.size": size("thick"))})

    assert_problem 422, "invalid-input"
    assert_equal ["/wires/2/size"], answer["faults"].map { |fault| fault["path"] }
    send_json(:post, "/api/weaves", {})

    assert_problem 422, "invalid-input"
  end

  def test_what_is_read_from_short_notation_can_be_planned
    {"3 on 1, 2 on 1-2" => 2, "2 on 2, 2 far 1" => 2, "2 on 3, 2 on 2-4, 2 on 1-5, 2 on 2-4" => 5,
      "through 0 1 2 3 4 3 2 1" => 4}.each do |text, base|
      gaps = send_json(:post, "/api/weaves/read", {text:, base:})["gaps"]
      json = document
      ids = (1..base).map { |i| "b#{i}" }
      json["wires"] = ids.map { |id| json["wires"].first.merge("id" => id) } << json["wires"].last
      json["sections"][0].merge!("base" => ids,
        "pattern" => {"kind" => "walk", "gaps" => gaps, "before" => [], "after" => []})
      json["endings"].each { |ending| ending["wires"] = ids }
      planned = send_json(:post, "/api/plan", {document: json})["plan"]

      assert_equal [gaps, text], planned["sections"][0]["strip"]["weave"].values_at("gaps", "notation")
    end
  end

  def test_a_long_text_is_answered_quickly_and_refused
    started = Process.clock_gettime(Process::CLOCK_MONOTONIC)
    send_json(:post, "/api/weaves/read", {text: "(" * 9999, base: 5})

    assert_problem 422, "invalid-input"
    send_json(:post, "/api/weaves/read", {text: "1 on 1, " * 3000, base: 5})

    assert_match(/too long/, answer["detail"])
    assert_operator Process.clock_gettime(Process::CLOCK_MONOTONIC) - started, :<, 2
  end
end
