# frozen_string_literal: true

require "active_record"
require "fileutils"

module Server
  # The SQLite database in the data folder: connection, durability and migrations.
  module Database
    MIGRATIONS = File.expand_path("migrate", __dir__)

    # Opens (and creates) meander.sqlite3 in the folder and brings its tables up to date.
    def self.open(folder)
      FileUtils.mkdir_p(folder)
      ActiveRecord::Base.establish_connection(
        adapter: "sqlite3", database: File.join(folder, "meander.sqlite3"), pool: 8, timeout: 5000,
        pragmas: { journal_mode: "wal", synchronous: "full", foreign_keys: "on" }
      )
      ActiveRecord::Migration.verbose = false
      ActiveRecord::MigrationContext.new(MIGRATIONS).migrate
    end
  end
end
