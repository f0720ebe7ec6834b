# frozen_string_literal: true

require_relative "app"
require_relative "demo"

# Opens the database of the data folder and lays out the demo on a new shelf.
Server::Database.open(ENV.fetch("MEANDER_DATA", File.expand_path("../data", __dir__)))
(ENV["MEANDER_DEMO"] == "reset") ? Server::Demo.lay_out : Server::Demo.lay_out_if_new
