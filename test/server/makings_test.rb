# frozen_string_literal: true

require_relative "../support/server_test"

# Pieces being made: what happened is counted once, whatever is lost on the way; a making keeps its plan; the log.
class MakingsTest < ServerTest
  def begun(start = "cuff")
    piece = send_json(:post, "/api/pieces", {start:})
    [piece, send_json(:post, "/api/pieces/#{piece["id"]}/makings", {})]
  end

  def event(kind, at: 1_800_000_000_000, **more) = {id: SecureRandom.uuid, at:, kind:, **more}
  def look(path) = get(path) && answer
  def happened(making, *events) = send_json(:post, "/api/makings/#{making["id"]}/events", {events:})
  def woven(making) = making["steps"].find { |step| step["count"] }

  def test_steps_are_those_of_the_plan
    piece, making = begun

    assert_equal 201, last_response.status
    assert_equal piece["plan"]["order"].map { |step| step["words"] }, making["steps"].map { |step| step["words"] }
    step = woven(making)

    assert_equal %w[pass repeat], step["units"].map { |unit| unit["name"] }
    # Four wraps and two, two passes each.
    assert_equal 12, step["units"][1]["each"]
    cut = making["steps"].flat_map { |one| one["cuts"] }

    assert_equal piece["plan"]["cut_list"][0]["cut_mm"], cut[0]["mm"]
    assert_equal 0, making["told"]["hand"]
  end

  # A thousand sends, some lost before Meander has them, some after, all tried again: what is acknowledged, what was
  # counted and what is stored agree to one.
  def test_dropped_connections_lose_and_double_nothing
    _, making = begun
    step = woven(making)
    chance = Random.new(seed = Random.new_seed % 100_000)
    waiting, counted = [], 0
    1000.times do
      by = (chance.rand < 0.1) ? -1 : 1
      counted += by
      waiting << event("count", step: step["number"], by:)
      case chance.rand(10)
      when 0, 1 then next
      when 2, 3 then happened(making, *waiting)
      else
        told = happened(making, *waiting)["told"]

        assert_equal counted.clamp(0, step["count"]), told["steps"][step["number"]]["count"], "seed #{seed}"
        waiting.clear
      end
    end
    happened(making, *waiting) unless waiting.empty?
    stored = look("/api/makings/#{making["id"]}")

    assert_equal counted.clamp(0, step["count"]), stored["told"]["steps"][step["number"]]["count"]
    assert_equal 1000, stored["taken"]
  end

  # Two benches on one making come to the same, in whichever order what they sent arrives.
  def test_two_benches
    _, making = begun
    step = woven(making)["number"]
    one, other = Array.new(2) { Array.new(7) { event("count", step:, by: 2) } }
    [one.first(3), other, one.drop(3), other].each { |events| happened(making, *events) }
    happened(making, event("count", step:, by: -1))
    happened(making, event("note", step:, text: "tight here"))
    told = look("/api/makings/#{making["id"]}")["told"]["steps"][step]

    assert_equal [27, ["tight here"]], told.values_at("count", "notes")
  end

  # Other than planned is normal: what it comes to is told, and the second of a pair follows the first.
  def test_the_second_one_follows_the_first
    _, making = begun("earring")
    first = woven(making)
    second = making["steps"].find { |step| step["first"] == first["number"] }
    each = first["units"].last["each"]
    told = happened(making, event("differs", step: first["number"], count: first["count"] - (2 * each)))["told"]

    assert_equal first["count"] - (2 * each), told["steps"][second["number"]]["wanted"]
    differs = told["differs"][0]

    assert_in_delta(-2 * each * first["mm"], differs["longer_mm"], 1e-9)
    assert_equal first["words"], second["words"]
    told = happened(making, event("differs", step: first["number"], count: first["count"]))["told"]

    assert_empty told["differs"]
  end

  # Time is what passes between events; rests, long gaps and clocks that jump count for nothing.
  def test_time_worked
    _, making = begun
    step = woven(making)["number"]
    at = ->(seconds) { 1_800_000_000_000 + (seconds * 1000) }
    told = happened(making, event("count", step:, by: 1, at: at[0]), event("count", step:, by: 1, at: at[60]),
      event("count", step:, by: 1, at: at[10_000]), event("pause", at: at[10_030]), event("go", at: at[10_130]),
      event("count", step:, by: 1, at: at[10_140]), event("count", step:, by: 1, at: at[0]),
      event("finish", at: at[20]))["told"]

    assert_equal 60 + 30 + 10 + 20, told["worked_ms"] / 1000
    assert_equal at[20], told["finished_at"]
  end

  # What cannot be is named, and nothing of what came with it is taken.
  def test_what_cannot_be
    _, making = begun
    step = woven(making)["number"]
    wrong = [event("count", step: 999, by: 1), event("count", step: 0, by: 1), event("cut", step: 0, length: 0, mm: -1),
      event("note", step:, text: ""), event("count", step:, by: "two"), {id: "x", at: 1, kind: "finish"},
      event("stolen"), event("count", step:, by: 10_000_000)]
    wrong.each do |one|
      told = happened(making, event("count", step:, by: 3), one)

      assert_equal 422, last_response.status, one.inspect
      assert_match(/accepted/i, told.to_s)
    end
    happened(making, *Array.new(501) { event("count", step:, by: 1) })

    assert_equal 0, look("/api/makings/#{making["id"]}")["taken"]
    get "/api/makings/nowhere"

    assert_equal 404, last_response.status
    happened(making, event("count", step:, by: 100_000))

    assert_equal woven(making)["count"], look("/api/makings/#{making["id"]}")["told"]["steps"][step]["count"]
  end

  # The piece may change or go: a making stays as it was planned.
  def test_a_making_keeps_its_plan
    piece, making = begun
    document = piece["document"].merge("name" => "Another name")
    send_json(:put, "/api/pieces/#{piece["id"]}", {revision: piece["revision"], document:})
    delete "/api/pieces/#{piece["id"]}"
    now = look("/api/makings/#{making["id"]}")

    assert_equal making["steps"], now["steps"]
    assert_equal [piece["name"], piece["document"]["name"]], [now["name"], now["document"]["name"]]
  end

  # Only what this piece has is looked at; what was found stays.
  def test_it_is_looked_over
    _, cuff = begun
    _, earring = begun("earring")
    ids = [cuff, earring].map { |making| making["told"]["looked"].map { |one| one["id"] } }

    assert_includes ids[0], "size"
    refute_includes ids[0], "pair"
    assert_includes ids[1], "pair"
    assert_includes ids[1], "ending eye"
    told = happened(cuff, event("looked", item: "tips", found: "mend"), event("looked", item: "faces", found: "pass"))
    found = told["told"]["looked"].to_h { |one| one.values_at("id", "found") }

    assert_equal ["mend", "pass", nil], found.values_at("tips", "faces", "size")
    happened(cuff, event("looked", item: "pair", found: "pass"))

    assert_equal 422, last_response.status
  end

  # Everything that happened goes out, in order.
  def test_a_making_is_taken_out
    _, making = begun
    sent = [event("done", step: 0), event("note", step: 1, text: "a burr"), event("finish")]
    happened(making, *sent)
    whole = look("/api/makings/#{making["id"]}/making.json")

    assert_equal sent.map { |one| one[:id] }, whole["events"].map { |one| one["id"] }
    assert_equal making["document"], whole["document"]
  end

  # What was undone did not happen, in whatever order that arrives, and however often it is sent.
  def test_undone
    _, making = begun
    step = woven(making)["number"]
    events = [event("count", step:, by: 12), event("count", step:, by: 24), event("done", step: 0),
      event("differs", step:, count: 5)]
    happened(making, *events.first(3))
    undo = event("undo", event: events[1][:id])
    told = happened(making, undo, undo, event("undo", event: events[3][:id]), events[3])["told"]

    assert_equal [12, nil, 1], [told["steps"][step]["count"], told["steps"][step]["differs"], told["done"]]
    told = happened(making, undo, events[1], event("undo", event: events[2][:id]))["told"]

    assert_equal [12, 0], [told["steps"][step]["count"], told["done"]]
    assert_equal told, look("/api/makings/#{making["id"]}")["told"]
  end

  # Taken out and read back in, one by one or all together: the same to the last event; what is there already, is broken
  # or does not fit together is refused and nothing of it kept.
  def test_taken_out_and_read_back_in
    _, making = begun("earring")
    step = woven(making)["number"]
    happened(making, *Array.new(40) { event("count", step:, by: 3) }, event("differs", step:, count: 30),
      event("cut", step: 0, length: 0, mm: 121.0), event("looked", item: "tips", found: "mend"), event("finish"))
    whole = look("/api/makings/#{making["id"]}/making.json")
    send_json(:post, "/api/makings", whole)

    assert_match(/in the log already/, answer["faults"][0]["message"])
    assert_refuses_what_does_not_fit(whole)
    Server::MakingEvent.delete_all
    Server::Making.delete_all
    back = send_json(:post, "/api/makings", whole)

    assert_equal 201, last_response.status
    assert_equal whole.slice("told", "steps", "document", "begun_at", "taken"),
      back.slice("told", "steps", "document", "begun_at", "taken")
    assert_equal whole["events"], look("/api/makings.json")["makings"][0]["events"]
    assert_equal 1, look("/api/makings")["makings"][0]["mend"]
  end

  def assert_refuses_what_does_not_fit(whole)
    steps = whole["planned"]["steps"]
    wrong = {"/id" => {"id" => "x"}, "/begun_at" => {"id" => "another-one", "begun_at" => "some time in November"},
             "/events" => {"events" => [event("count", step: 9999, by: 1).transform_keys(&:to_s)]},
             "/planned/steps/1" => {"planned" => whole["planned"].merge("steps" => [steps[0], "two"])},
             "/planned/steps/0/like" => {"planned" => whole["planned"].merge("steps" =>
               [steps[0].merge("like" => "x")])}}
    wrong.each do |path, change|
      send_json(:post, "/api/makings", whole.merge({"id" => "another-one"}, change))

      assert_equal 422, last_response.status, path
      assert answer["faults"].any? { |fault| fault["path"].start_with?(path) }, "#{path}: #{answer["faults"][0]}"
    end
    send_json(:post, "/api/makings", {"document" => 3})

    assert_equal 422, last_response.status
    assert_equal 1, look("/api/makings")["makings"].size
  end

  # What was timed is told by craft, and plans count with it once the maker says so.
  def test_the_pace_is_learned
    piece, making = begun
    step = woven(making)
    at = ->(minutes) { 1_800_000_000_000 + (minutes * 60_000) }
    quarter = step["count"] / 4
    happened(making, *(0..8).map { |i| event("count", step: step["number"], by: i.zero? ? 0 : quarter / 2, at: at[i]) },
      event("done", step: step["number"], at: at[8]))
    learned = look("/api/makings")["learned"]
    # Two passes are a wrap.
    pace = (step["count"] / 2 / 8.0).round

    assert_equal [["weave", pace, 8.0, 1]], learned.map { |one| one.values_at("craft", "pace", "minutes", "makings") }
    before = piece["plan"]["sections"][0]["minutes"]
    send_json(:put, "/api/maker", {pace: 10, paces: {weave: pace}})
    after = look("/api/pieces/#{piece["id"]}")["plan"]["sections"][0]["minutes"]

    assert_in_delta before * 10 / pace, after, 1e-6
    send_json(:put, "/api/maker", {pace: 10, paces: {weave: 0}})

    assert_equal ["/paces/weave"], answer["faults"].map { |fault| fault["path"] }
  end

  # When it is due, how it came out, what is left: in the log and its CSV; a day that is none is named.
  def test_due_rated_and_left
    _, making = begun
    told = happened(making, event("due", on: "2026-12-24"), event("rated", stars: 4),
      event("offcut", words: "copper 0.8", mm: 212.5), event("cut", step: 0, length: 0, mm: 200.0))["told"]

    assert_equal ["2026-12-24", 4, [{"words" => "copper 0.8", "mm" => 212.5}]],
      told.values_at("due", "rated", "offcuts")
    row = look("/api/makings")["makings"][0]

    assert_equal ["2026-12-24", 4, 200.0], row.values_at("due", "rated", "wire_mm")
    get "/api/makings.csv"

    assert_equal ["2026-12-24", "200.0", "4"],
      CSV.parse(last_response.body, headers: true)[0].values_at("due", "wire_mm", "rated")
    assert_nil happened(making, event("due", on: ""))["told"]["due"]
    %w[tomorrow 2026-02-30 24.12.2026].each do |on|
      happened(making, event("due", on:))

      assert_match(/is no day/, answer["faults"][0]["message"])
    end
  end

  def test_the_log
    piece, making = begun
    _, other = begun("ring")
    happened(other, event("done", step: 0), event("finish"))
    rows = look("/api/makings")["makings"]

    assert_equal [other["id"], making["id"]], rows.map { |row| row["id"] }.first(2)
    assert_equal [1, other["steps"].size], rows[0].values_at("done", "of")
    assert_equal [making["id"]], look("/api/makings?piece=#{piece["id"]}")["makings"].map { |row| row["id"] }
    assert_equal [other["id"]], look("/api/makings?q=ring")["makings"].map { |row| row["id"] }
    assert_empty look("/api/makings?q=%25")["makings"]
    get "/api/makings.csv"
    csv = CSV.parse(last_response.body, headers: true)

    assert_equal [2, "New ring"], [csv.size, csv[0]["piece"]]
    assert csv[0]["finished"]
    delete "/api/makings/#{other["id"]}"

    assert_equal 1, look("/api/makings")["makings"].size
    send_json(:post, "/api/makings/#{other["id"]}/restore", {})

    assert_equal 2, look("/api/makings")["makings"].size
  end
end
