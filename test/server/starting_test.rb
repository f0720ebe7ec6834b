# frozen_string_literal: true

require_relative "../test_helper"
require_relative "../support/running_server"
require "open3"
require "sqlite3"
require "tmpdir"

# Meander as a process: its data folder, its database, its demo, its address.
class StartingTest < PieceTest
  def served(**options)
    Dir.mktmpdir do |data|
      server = RunningServer.new(data:, **options)
      yield server, data
    ensure
      server&.stop
    end
  end

  # The names on the shelf of a data folder and their ids; asked for over the API, all of them would be planned.
  def names(data)
    database = SQLite3::Database.new(File.join(data, "meander.sqlite3"))
    database.execute("SELECT name, id FROM pieces WHERE deleted_at IS NULL").to_h
  ensure
    database&.close
  end

  def test_a_new_data_folder_gets_the_demo_and_a_used_one_is_left_alone
    Dir.mktmpdir do |parent|
      data = File.join(parent, "deep", "data")
      server = RunningServer.new(data:)
      first = names(data)
      server.request("DELETE", "/api/pieces/#{first.values.first}")
      server.stop
      server = RunningServer.new(data:)

      assert_equal demo_documents.map { |json| json["name"] }.sort, first.keys.sort
      assert_equal first.size - 1, names(data).size
      server.stop
    end
  end

  def test_the_demo_is_put_back_and_a_makers_own_pieces_stay
    Dir.mktmpdir do |data|
      server = RunningServer.new(data:)
      server.request("POST", "/api/pieces", {document: document(name: "Mine")})
      server.request("PUT", "/api/pieces/#{names(data).fetch("Reed cuff")}",
        {revision: 1, document: document(name: "Spoilt")})
      server.stop
      server = RunningServer.new(data:, demo: "reset")

      assert_includes names(data), "Mine"
      assert_includes names(data), "Reed cuff"
      refute_includes names(data), "Spoilt"
      server.stop
    end
  end

  # On this machine only, whole and well kept, whoever asks at once.
  def test_it_serves_this_machine_and_keeps_a_whole_database
    served do |server, data|
      addresses = File.readlines("/proc/net/tcp").drop(1).map { |line| line.split[1] }.select do |address|
        address.end_with?(format(":%04X", server.port))
      end

      assert_equal ["0100007F"], addresses.map { |address| address.split(":").first }.uniq
      id = JSON.parse(server.request("POST", "/api/pieces", {document: document}).body)["id"]
      codes = Array.new(
        12
      ) { |i|
        Thread.new {
          server
              .request(i.even? ? "GET" : "POST", i.even? ? "/api/pieces/#{id}" : "/api/plan",
                i.even? ? nil : {document: document}).code
        }
      }.map(&:value)

      assert_equal ["200"], codes.uniq
      database = SQLite3::Database.new(File.join(data, "meander.sqlite3"))

      assert_equal "wal", database.get_first_value("PRAGMA journal_mode")
      assert_equal "ok", database.get_first_value("PRAGMA integrity_check")
      assert_equal demo_documents.size + 1, database.get_first_value("SELECT COUNT(*) FROM pieces")
      database.close
    end
  end

  def test_the_start_script_refuses_what_it_does_not_know
    out, err, status = Open3.capture3("bash", File.join(ROOT, "bin/start"), "--fast")

    assert_equal [2, ""], [status.exitstatus, out]
    assert_match(/usage: bin\/start \[--demo\]/, err)
  end
end
