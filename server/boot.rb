# frozen_string_literal: true

require_relative "app"
require_relative "demo"

# Opens the database of the data folder and lays out the demo on a new shelf; what cannot be used is said in a sentence.
begin
  unless File.file?(File.join(Server::Routes::Pages::DIST, "index.html"))
    raise Server::Database::Unusable, "The interface has not been built. Run bin/setup."
  end

  Server::Database.open(ENV.fetch("MEANDER_DATA", File.expand_path("../data", __dir__))) do
    case ENV["MEANDER_DEMO"]
    when "reset" then Server::Demo.lay_out
    when "none" then nil
    else Server::Demo.lay_out_if_new
    end
  end
rescue Server::Database::Unusable => e
  warn "meander: #{e.message}"
  exit! 1
end

Server::Planners::POOL.ready

# What is not known of pieces after an update is worked out, and old versions are thinned, while nobody waits for it:
# once the first page is likely there.
Thread.new do
  sleep 5
  Server::PieceVersion.thin
  Server::Piece.on_shelf.each { |piece| Server::ShelfRows.call(piece) }
rescue => e
  warn "#{e.class}: #{e.message}"
ensure
  ActiveRecord::Base.connection_handler.clear_active_connections!(:all)
end
