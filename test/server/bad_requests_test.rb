# frozen_string_literal: true

require_relative "../support/server_test"

class BadRequestsTest < ServerTest
  def test_all_faults_of_a_request_come_together_at_their_places
    problem = send_json(:post, "/api/plan",
      {document: document("wires.0.size": size("thick"), "sections.0.pattern.both": 0)})

    assert_problem 422, "invalid-input"
    assert_equal %w[/wires/0/size /sections/0/pattern/both].sort, problem["faults"].map { |fault| fault["path"] }.sort
    problem["faults"].each { |fault| %w[message given accepted].each { |key| refute_empty fault[key] } }
  end

  def test_what_is_no_json_object_is_refused
    {"" => 400, "{" => 400, "[]" => 400, "NaN" => 400, '{"document": NaN}' => 400, "\xff" => 400, "null" => 400,
      "{}" => 422, '{"document": 1e400}' => 422,
      "[" * 5000 => 400, %({"document": #{"[" * 60}#{"]" * 60}}) => 400}.each do |body, status|
      send_json(:post, "/api/plan", body)

      assert_equal [status, "application/problem+json"], [last_response.status, last_response.media_type], body[0, 40]
    end
  end

  def test_large_bodies_and_other_kinds_of_content
    send_json(:post, "/api/pieces", JSON.generate({document: document(notes: "x" * 300_000)}))

    assert_problem 413, "too-large"
    header "Content-Type", "text/plain"
    post "/api/pieces", JSON.generate({document: document})

    assert_problem 415, "wrong-content-type"
    assert_equal 0, Server::Piece.count
  end

  def test_a_refused_save_changes_nothing
    id = stored["id"]
    [{document: document}, {revision: "1", document: document}, {revision: 0, document: document}, {revision: 1},
      {revision: 1, document: document(version: 7)},
      {revision: 1, document: document("wires.0.size": size("1e300"))}].each do |body|
      send_json(:put, "/api/pieces/#{id}", body)

      assert_problem 422, "invalid-input"
    end
    assert_equal [1, document["name"]], Server::Piece.find(id).then { |piece| [piece.revision, piece.name] }
  end

  def test_what_is_not_there
    ["/api/pieces/none", "/api/none", "/assets/none.js", "/assets/..%2f..%2fGemfile", "/nowhere",
      "/api/pieces/none/strip.svg"].each do |path|
      get path

      assert_problem 404, "not-found"
    end
  end

  def test_other_hosts_and_origins_are_refused
    header "Host", "meander.example"
    get "/api/pieces"

    assert_problem 403, "foreign-host"
    header "Host", "127.0.0.1:4815"
    header "Origin", "http://elsewhere.example"
    send_json(:post, "/api/pieces", {document: document})

    assert_problem 403, "foreign-origin"
    assert_equal 0, Server::Piece.count
    header "Origin", "http://127.0.0.1:4815"
    stored

    assert_equal 201, last_response.status
  end

  def test_every_answer_carries_the_strict_policy
    ["/", "/api/pieces", "/api/none"].each do |path|
      get path
      policy = last_response["content-security-policy"]

      assert_includes policy, "default-src 'none'; script-src 'self'; style-src 'self'"
      refute_includes policy, "unsafe"
    end
    refute_match(/<script(?![^>]*src=)|style=|onload=/, File.read(File.join(ROOT, "web/dist/index.html")))
  end

  def test_a_weave_in_short_is_read_or_named
    assert_equal [0, 1, 0, 1], send_json(:post, "/api/weaves/read", {text: "2 on 1", base: 2})["gaps"]
    {{text: "2 onn 1", base: 2} => "/text/2", {text: 3, base: 2} => "/text", {text: "2 on 1", base: 0} => "/base",
      {text: "2 on 1", base: "2"} => "/base", {} => "/text"}.each do |body, path|
      problem = send_json(:post, "/api/weaves/read", body)

      assert_problem 422, "invalid-input"
      assert_equal path, problem["faults"].first["path"]
    end
  end

  # Whatever stands in a document, the answer is a plan or a problem, never a 500.
  def test_random_documents_never_break_the_server
    seed = Random.new_seed % 100_000
    random = Random.new(seed)
    junk = [nil, true, -1, 0, 1e308, 10**30, "", "x", "NaN", [], {}, [[]], {"typed" => "1e300"}, {"typed" => "0"},
      size("1"), "\u202e", 2.5]
    places = leaves(document("bracelet"))
    300.times do
      json = document("bracelet")
      random.rand(1..3).times { litter(json, places.sample(random:), junk.sample(random:)) }
      send_json(:post, "/api/plan", {document: json})

      assert_includes [200, 422], last_response.status, "seed #{seed}"
      refute_match(/:(NaN|-?Infinity)/, last_response.body)
    end
  end

  # The same for a weave of every kind: whatever is put into its section, the answer names it or plans it.
  def test_random_weaves_never_break_the_server
    seed = Random.new_seed % 100_000
    random = Random.new(seed)
    junk = [nil, -1, 0, 1, 2, 26, 1e308, "", "x", [], {}, [0, 1], [0, 0], [0, 1, 2, 1],
      [{"gaps" => [0, 1], "times" => 3}], {"kind" => "tight"}, {"kind" => "open", "pitch" => size("9")}, "middle",
      "in_turn", %w[w1], size("0"), size("3")]
    start = demo_documents.find { |json| json["name"] == "Sluice cuff" }
    places = leaves(start.slice("sections", "wires", "endings"))
    200.times do
      json = Marshal.load(Marshal.dump(start))
      random.rand(1..3).times { litter(json, places.sample(random:), junk.sample(random:)) }
      send_json(:post, "/api/plan", {document: json})

      assert_includes [200, 422], last_response.status,
        "seed #{seed}: #{JSON.generate(json["sections"])[0, 400]} #{last_response.body[0, 200]}"
      refute_match(/:(NaN|-?Infinity)/, last_response.body)
      next if last_response.status == 200

      answer["faults"].each { |fault| %w[path message given accepted].each { |key| refute_nil fault[key] } }
    end
  end

  private

  def leaves(value, way = [])
    inner = case value
            when Hash then value.to_a
            when Array then value.each_with_index.map { |item, i| [i.to_s, item] }
            else []
            end
    inner.flat_map { |key, item| [way + [key]] + leaves(item, way + [key]) }
  end

  # Puts junk in at a place, where there is such a place.
  def litter(json, place, junk)
    put_in(json, place, Marshal.load(Marshal.dump(junk)))
  rescue
    nil
  end
end
