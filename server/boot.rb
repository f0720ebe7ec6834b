# frozen_string_literal: true

require_relative "app"
require_relative "demo"

# Opens the database of the data folder and lays out the demo on a new shelf.
Server::Database.open(ENV.fetch("MEANDER_DATA", File.expand_path("../data", __dir__)))
(ENV["MEANDER_DEMO"] == "reset") ? Server::Demo.lay_out : Server::Demo.lay_out_if_new

# What is not known of pieces after an update is worked out while nobody waits for it.
Thread.new do
  Server::Piece.on_shelf.each { |piece| Server::Told.call(piece) }
rescue StandardError => e
  warn "#{e.class}: #{e.message}"
ensure
  ActiveRecord::Base.connection_handler.clear_active_connections!(:all)
end
