# frozen_string_literal: true

require_relative "../support/server_test"
require_relative "../support/makings"

# The log of what was made: found, taken out, read back in; the pace that is learned from it.
class MakingLogTest < ServerTest
  include Makings

  # Everything that happened goes out, in order.
  def test_a_making_is_taken_out
    _, making = begun
    sent = [event("done", step: 0), event("note", step: 1, text: "a burr"), event("finish")]
    happened(making, *sent)
    whole = look("/api/makings/#{making["id"]}/making.json")

    assert_equal sent.map { |one| one[:id] }, whole["events"].map { |one| one["id"] }
    assert_equal making["document"], whole["document"]
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

  # A file with values changed at random: read in or refused by name, nothing else.
  def test_broken_files
    _, making = begun("earring")
    happened(making, event("differs", step: woven(making)["number"], count: 30), event("finish"))
    whole = JSON.generate(look("/api/makings/#{making["id"]}/making.json"))
    chance = Random.new(seed = Random.new_seed % 100_000)
    200.times do |i|
      json = JSON.parse(whole).merge("id" => "making-number-#{i}")
      step = json["planned"]["steps"].sample(random: chance)
      step[step.keys.sample(random: chance)] = [nil, -1, 0, 3, 1e9, "bend", [], {}, true].sample(random: chance)
      send_json(:post, "/api/makings", json)

      assert_includes [201, 422], last_response.status, "seed #{seed}: #{step.inspect[0, 300]}"
    end
    look("/api/makings")

    assert_equal 200, last_response.status
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
