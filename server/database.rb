# frozen_string_literal: true

require "active_record"
require "fileutils"
require "sqlite3"
require "uri"
require_relative "problem"

module Server
  # The SQLite database in the data folder: connection, durability and migrations.
  module Database
    # Why it cannot be opened, in a sentence, and what to do.
    class Unusable < StandardError
    end

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
    NAME = "meander.sqlite3"

    # Opens (and creates) meander.sqlite3 in the folder and brings its tables up to date. One process at a time.
    # @raise [Unusable] when it cannot be used; then nothing was written
    def self.open(folder)
      FileUtils.mkdir_p(folder)
      path = File.join(folder, NAME)
      check(path) if File.size?(path)
      File.open(File.join(folder, "meander.lock"), File::RDWR | File::CREAT) do |lock|
        lock.flock(File::LOCK_EX)
        connect(path)
        yield if block_given?
      end
    rescue SystemCallError => e
      raise Unusable, "The folder #{folder} cannot be used (#{e.message}). Set MEANDER_DATA to a folder of your own."
    rescue ActiveRecord::StatementInvalid => e
      raise Unusable, "#{problem(e).message} (#{folder})."
    end

    def self.connect(path)
      ActiveRecord::Base.establish_connection(
        adapter: "sqlite3", database: path, pool: 24, default_transaction_mode: :immediate,
        pragmas: {journal_mode: "wal", synchronous: "full", foreign_keys: "on"}
      )
      ActiveRecord::Migration.verbose = false
      ActiveRecord::MigrationContext.new(MIGRATIONS).migrate
      # What a migration saw of a table may have been changed by the next one.
      ActiveRecord::Base.schema_cache.clear!
    end

    # Looks at a database without writing to it.
    # @raise [Unusable]
    def self.check(path)
      unless File.writable?(path) && File.writable?(File.dirname(path))
        raise Unusable, "#{path} cannot be written to. Make it writable, or set MEANDER_DATA to another folder."
      end

      database = read_only(path)
      raise Unusable, damaged(path) unless database.execute("PRAGMA quick_check(1)") == [["ok"]]

      newest = version(database)
      return if newest <= known

      raise Unusable,
        "#{path} was written by a newer Meander. Start that one, or set MEANDER_DATA to another folder; nothing was " \
        "changed."
    rescue SQLite3::Exception
      raise Unusable, damaged(path)
    ensure
      database&.close
    end

    # Where nothing waits in a log beside it, not even that is touched.
    def self.read_only(path)
      still = "&immutable=1" unless File.size?("#{path}-wal")
      address = "file:#{URI::DEFAULT_PARSER.escape(File.expand_path(path), /[^\w\/.-]/)}?mode=ro#{still}"
      SQLite3::Database.new(address, flags: SQLite3::Constants::Open::READONLY | SQLite3::Constants::Open::URI)
    end

    def self.damaged(path)
      "#{path} is damaged or no database. Put a backup in its place (bin/meander restore FILE), or move it away and " \
      "start again."
    end

    # The newest change of tables a database has had, and the newest there is.
    def self.version(database)
      found = database.execute("SELECT name FROM sqlite_master WHERE name = 'schema_migrations'")
      found.empty? ? 0 :
        database.execute("SELECT max(CAST(version AS INTEGER)) FROM schema_migrations").flatten.first.to_i
    end

    def self.known = Dir[File.join(MIGRATIONS, "*.rb")].map { |file| File.basename(file).to_i }.max

    # What SQLite says went wrong with a statement, for the maker. It goes back by itself where the disk is full; that
    # there is nothing to go back from any more is then said last, and what went wrong first is its cause.
    def self.problem(error)
      case first_cause(error)
      when SQLite3::FullException then Problem.new(507, "disk-full",
        "the disk is full: this was not saved; make room and try again")
      when SQLite3::ReadOnlyException, SQLite3::CantOpenException, SQLite3::IOException, SQLite3::PermissionException
        Problem.new(507, "not-writable",
          "the shelf cannot be written to: this was not saved; look whether its folder is there and writable")
      when SQLite3::BusyException,
        SQLite3::LockedException then Problem.new(503, "busy", "the shelf is busy: this was not saved; try again")
      when SQLite3::CorruptException,
        SQLite3::NotADatabaseException then Problem.new(500, "damaged",
          "the shelf is damaged; put a backup in its place")
      else Problem.new(500, "our-mistake", "Meander made a mistake; your work is kept as it was last saved")
      end
    end

    def self.first_cause(error) = error.cause ? first_cause(error.cause) : error
    private_class_method :connect, :read_only, :damaged, :first_cause
  end
end
