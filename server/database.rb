# frozen_string_literal: true

require "active_record"
require "fileutils"

module Server
  # The SQLite database in the data folder: connection, durability and migrations.
  module Database
    # Waits for another writer without holding up the threads of this process; SQLite's own waiting would keep the very
    # thread it waits for from finishing.
    module PatientConnection
      LONGEST_WAIT_MS = 5000

      private

      def configure_connection
        super
        @raw_connection.busy_handler_timeout = LONGEST_WAIT_MS
      end
    end
    ActiveSupport.on_load(:active_record_sqlite3adapter) { prepend PatientConnection }

    MIGRATIONS = File.expand_path("migrate", __dir__)

    # Opens (and creates) meander.sqlite3 in the folder and brings its tables up to date.
    def self.open(folder)
      FileUtils.mkdir_p(folder)
      ActiveRecord::Base.establish_connection(
        adapter: "sqlite3", database: File.join(folder, "meander.sqlite3"), pool: 12, default_transaction_mode: :immediate,
        pragmas: {journal_mode: "wal", synchronous: "full", foreign_keys: "on"}
      )
      ActiveRecord::Migration.verbose = false
      ActiveRecord::MigrationContext.new(MIGRATIONS).migrate
    end
  end
end
