# frozen_string_literal: true

require_relative "../test_helper"
require_relative "../support/running_server"
require "securerandom"
require "tmpdir"

# Meander killed (SIGKILL) while a hundred makings are counted: what was acknowledged is there, what is sent again
# counts once, and the counts agree to one.
class MakingsKilledTest < Minitest::Test
  ROUNDS, AT_ONCE = 5, 20

  # One bench: events in batches, each kept until it is acknowledged.
  class Bench
    attr_reader :id, :counted, :acknowledged

    def initialize(server, piece, chance)
      made = JSON.parse(server.request("POST", "/api/pieces/#{piece}/makings", {}).body)
      @id = made["id"]
      @step = made["steps"].index { |step| step["count"].to_i > 100 }
      @chance = chance
      @waiting, @counted, @acknowledged = [], 0, 0
    end

    def count(server)
      @chance.rand(1..4).times do
        @waiting << {id: SecureRandom.uuid, at: 1_800_000_000_000, kind: "count", step: @step, by: 1}
        @counted += 1
      end
      send_waiting(server)
    end

    # @return [Integer] how many are counted, as Meander tells it; nil where it does not answer any more
    def send_waiting(server)
      answer = server.request("POST", "/api/makings/#{id}/events", {events: @waiting})
      return unless answer.code == "200"

      @waiting = []
      @acknowledged = @counted
      JSON.parse(answer.body)["told"]["steps"][@step]["count"]
    rescue SystemCallError, IOError, Net::ReadTimeout
      nil
    end

    def stored(server)
      server.get("/api/makings/#{id}").then { |made| [made["told"]["steps"][@step]["count"], made["taken"]] }
    end
  end

  def test_killed_while_they_are_counted
    chance = Random.new(seed = Random.new_seed % 100_000)
    Dir.mktmpdir do |data|
      server = RunningServer.new(data:)
      piece = JSON.parse(server.request("POST", "/api/pieces", {start: "cuff"}).body)["id"]
      ROUNDS.times do
        benches = Array.new(AT_ONCE) { Bench.new(server, piece, chance) }
        counting = benches.map { |bench| Thread.new { loop { bench.count(server) || break } } }
        sleep(0.2 + chance.rand)
        server.kill
        counting.each(&:join)
        server = RunningServer.new(data:, port: server.port)

        benches.each { |bench| assert_nothing_lost(bench, server, seed) }
      end
    ensure
      server&.stop
    end
  end

  def assert_nothing_lost(bench, server, seed)
    count, taken = bench.stored(server)

    assert_includes bench.acknowledged..bench.counted, taken, "seed #{seed}"
    assert_equal count, taken
    assert_equal bench.counted, bench.send_waiting(server), "seed #{seed}"
    assert_equal [bench.counted] * 2, bench.stored(server)
  end
end
