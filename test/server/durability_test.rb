# frozen_string_literal: true

require_relative "../test_helper"
require_relative "../support/running_server"
require "tmpdir"

class DurabilityTest < PieceTest
  ROUNDS = 3

  # Killed at a random moment while saving, again and again: every save that was acknowledged is there afterwards, and
  # the database is whole.
  def test_killing_the_server_while_saving_loses_nothing_acknowledged
    Dir.mktmpdir do |data|
      server = RunningServer.new(data:, demo: "none")
      id = JSON.parse(server.request("POST", "/api/pieces", {document: document}).body)["id"]
      acknowledged = 1
      ROUNDS.times do |round|
        acknowledged = save_until_killed(server, id, acknowledged)
        server = RunningServer.new(data:, demo: "none", port: server.port)
        found = server.get("/api/pieces/#{id}")

        assert_includes [acknowledged, acknowledged + 1], found["revision"], "round #{round}"
        assert_equal "Save #{found["revision"]}", found["document"]["name"] if found["revision"] > 1
        acknowledged = found["revision"]
      end

      assert_operator acknowledged, :>, ROUNDS
      server.stop
    end
  end

  private

  def save_until_killed(server, id, revision)
    killer = Thread.new do
      sleep rand(0.1..0.9) # the first save after a start takes longest
      server.kill
    end
    loop do
      answer = server.request("PUT", "/api/pieces/#{id}", {revision:, document: document(name: "Save #{revision + 1}")})
      break if answer.code != "200"

      revision = JSON.parse(answer.body)["revision"]
    end
    revision
  rescue SystemCallError, IOError, Net::ReadTimeout
    revision
  ensure
    killer.join
  end
end
