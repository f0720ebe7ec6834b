# frozen_string_literal: true

require_relative "../support/server_test"

# Weaves a maker keeps, what is asked about them, and how the maker works.
class OwnWeavesTest < ServerTest
  LADDER = {"name" => "Kelp ladder", "notes" => "flat bands", "base" => 3, "gaps" => [0, 1, 0, 1, 0, 3, 2, 3],
    "before" => [],
             "after" => [{"gaps" => [0, 1], "times" => 3}], "clear" => {"typed" => "0.8 mm"}}.freeze

  def kept(weave = LADDER) = send_json(:post, "/api/own-weaves", weave)

  def own(json = document) = send_json(:post, "/api/weaves", {document: json})["own"]

  def test_a_weave_is_kept_tried_renamed_let_go_and_brought_back
    id = kept["id"]

    assert_equal 201, last_response.status
    found = own.first

    assert_equal [id, "Kelp ladder", 2.0], [found["id"], found["sample"]["name"], found["sample"]["clear"]]
    after = LADDER["after"].map { |stretch| {**stretch, "length" => nil} }

    assert_equal LADDER.merge("after" => after, "clear" => {"typed" => "0.8 mm", "mm" => 0.8}), found["weave"]
    get "/api/pictures/#{found["picture"]}"

    assert_equal 3, answer["rods"].size
    send_json(:put, "/api/own-weaves/#{id}", LADDER.merge("name" => "Kelp steps"))

    assert_equal ["Kelp steps"], own.map { |weave| weave["weave"]["name"] }
    delete "/api/own-weaves/#{id}"

    assert_empty own
    post "/api/own-weaves/#{id}/restore"

    assert_equal [204, ["Kelp steps"]], [last_response.status, own.map { |weave| weave["weave"]["name"] }]
  end

  def test_no_two_have_one_name
    id = kept["id"]
    kept(LADDER.merge("name" => "KELP LADDER"))

    assert_problem 422, "invalid-input"
    assert_equal ["/name", "taken"], answer["faults"].first.values_at("path", "code")
    send_json(:put, "/api/own-weaves/#{id}", LADDER.merge("notes" => "the same one"))

    assert_equal 204, last_response.status
  end

  def test_what_cannot_be_woven_is_not_kept
    {"gaps" => [[0, 1, 1, 2], "/gaps/2"], "name" => ["", "/name"], "base" => [26, "/base"],
      "clear" => [{"typed" => "wide"}, "/clear"],
      "after" => [[{"gaps" => [0, 9], "times" => 1}], "/after/0/gaps/1"]}.each do |key, (value, path)|
      kept(LADDER.merge(key => value))

      assert_problem 422, "invalid-input"
      assert_includes answer["faults"].map { |fault| fault["path"] }, path
    end
    assert_equal 0, Server::Weave.count
  end

  # A weave travels with the piece: whoever opens it sees the weave, and may keep it.
  def test_a_weave_comes_with_its_piece
    json = document("cuff", weaves: [LADDER])
    id = stored(json)["id"]
    get "/api/pieces/#{id}/document.json"

    assert_equal ["Kelp ladder"], answer["weaves"].map { |weave| weave["name"] }
    assert_equal [[nil, "Kelp ladder"]], own(answer).map { |weave| [weave["id"], weave["weave"]["name"]] }
    kept

    assert_equal 1, own(json).size
    refute_nil own(json).first["id"]
    send_json(:post, "/api/plan", {document: document("cuff", weaves: [LADDER.merge("gaps" => [0, 0])])})

    assert_equal "/weaves/0/gaps/0", answer["faults"].first["path"]
  end

  # Documents from before weaves could travel are still read.
  def test_a_document_without_weaves_is_read
    json = document.except("weaves")

    assert_empty stored(json)["document"]["weaves"]
  end

  def test_the_makers_pace_is_kept_and_plans_follow_it
    get "/api/maker"

    assert_equal({"pace" => 10, "push" => "well", "allowances" => nil, "paces" => {}}, answer)
    usual = send_json(:post, "/api/plan", {document:})["plan"]["work"]
    send_json(:put, "/api/maker", {pace: 25})
    faster = send_json(:post, "/api/plan", {document:})["plan"]["work"]

    assert_equal usual["wraps"], faster["wraps"]
    assert_in_delta usual["minutes"] * 10 / 25, faster["minutes"], 1e-9
    send_json(:put, "/api/maker", {pace: "brisk"})

    assert_equal ["/pace", "a whole number from 1 to 120"], answer["faults"].first.values_at("path", "accepted")
    get "/api/maker"

    assert_equal({"pace" => 25, "push" => "well", "allowances" => nil, "paces" => {}}, answer)
  end

  # Pushed harder more of a figure-eight goes in; what is not a way to push is refused and kept as it was.
  def test_how_hard_the_maker_pushes
    spaced = document(
      "sections.0.pattern": {"kind" => "walk", "gaps" => ([1, 2] * 3) + ([1, 0] * 3), "before" => [], "after" => []},
      "sections.0.spacing": {"kind" => "apart", "clear" => [size("1.2 mm")]}
    )
    lightly, hard = %w[lightly hard].map do |push|
      send_json(:put, "/api/maker", {pace: 10, push:})
      send_json(:post, "/api/plan", {document: spaced})["plan"]["sections"][0]["strip"]["repeats"]
    end

    assert_operator hard, :>, lightly
    send_json(:put, "/api/maker", {pace: 10, push: "gently"})

    assert_equal "/push", answer["faults"].first["path"]
    get "/api/maker"

    assert_equal "hard", answer["push"]
  end

  def test_fillings_and_moves_are_answered
    fillings = send_json(:post, "/api/weaves/even", {document:, strip: size("150 mm"), free: 0})["fillings"]

    assert_operator fillings.size, :>=, 3
    assert_equal %w[bare_mm between from left_mm pattern repeats woven_mm], fillings.first.keys.sort
    right = send_json(:post, "/api/weaves/judge", {document:, made: 0, said: 1, turned: false})

    assert_equal [true, "wrap 1 of 3 round wire 1"], right.values_at("right", "why")
    {"even" => {strip: size("wide"), free: 0}, "judge" => {made: 0, said: 9, turned: false},
      "join" => {base: 2, groups: []}}.each do |question, asked|
      send_json(:post, "/api/weaves/#{question}", {document:, **asked})

      assert_problem 422, "invalid-input"
    end
    send_json(:post, "/api/weaves/even", {strip: size("150 mm"), free: 0})

    assert_problem 422, "invalid-input"
  end
end
