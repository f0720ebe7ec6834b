# frozen_string_literal: true

require_relative "../support/server_test"
require_relative "../support/makings"

# Pieces being made: what happened is counted once, whatever is lost on the way; a making keeps its plan; the log.
class MakingsTest < ServerTest
  include Makings

  def test_steps_are_those_of_the_plan
    piece, making = begun

    assert_equal 201, last_response.status
    assert_equal piece["plan"]["order"].map { |step| step["words"] }, making["steps"].map { |step| step["words"] }
    step = woven(making)

    assert_equal %w[pass wrap group repeat], step["units"].map { |unit| unit["name"] }
    # Four wraps and two, two passes each.
    assert_equal [1, 2, 6, 12], step["units"].map { |unit| unit["each"] }
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
    assert_equal second["words"],
      first["words"].sub(":", ", mirrored:").gsub(/near|far/, "near" => "far", "far" => "near")
    assert_equal making["document"]["wires"].size, making["second"]["wires"].size
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

    assert_equal "changed", look("/api/makings/#{making["id"]}")["piece_now"]
    delete "/api/pieces/#{piece["id"]}"
    now = look("/api/makings/#{making["id"]}")

    assert_equal making["steps"], now["steps"]
    assert_equal %w[same gone], [making["piece_now"], now["piece_now"]]
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
end
