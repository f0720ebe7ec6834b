# frozen_string_literal: true

require_relative "../test_helper"
require "rack/test"
require "tmpdir"
require "fileutils"
require_relative "../../server/app"
require_relative "../../server/demo"

SCRATCH = Dir.mktmpdir("meander-test")
Minitest.after_run { FileUtils.remove_entry(SCRATCH) }
Server::Database.open(SCRATCH)

# A test of the API, on an empty shelf.
class ServerTest < PieceTest
  include Rack::Test::Methods

  def app = Server::App

  def setup
    Server::PieceVersion.delete_all
    Server::Piece.delete_all
    Server::Weave.delete_all
    Server::Bead.delete_all
    Server::Maker.delete_all
    Server::MakingEvent.delete_all
    Server::Making.delete_all
    header "Host", "127.0.0.1:4815"
  end

  def send_json(method, path, value)
    header "Content-Type", "application/json"
    public_send(method, path, value.is_a?(String) ? value : JSON.generate(value))
    answer
  end

  def answer = last_response.body.empty? ? nil : JSON.parse(last_response.body)

  def stored(json = document) = send_json(:post, "/api/pieces", {document: json})

  def assert_problem(status, kind)
    assert_equal [status, "application/problem+json", "urn:meander:problem:#{kind}"],
      [last_response.status, last_response.media_type, answer["type"]], last_response.body[0, 300]
  end
end
