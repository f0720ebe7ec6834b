# frozen_string_literal: true

require "sqlite3"
require_relative "database"

module Server
  # The whole shelf as one file, and back, while Meander runs or not (SQLite's online backup).
  module WholeCopy
    # Writes the whole shelf to a file that is not there yet.
    # @raise [Database::Unusable]
    def self.backup(folder, file)
      path = shelf(folder)
      raise Database::Unusable, "#{file} is there already. Name a new file; nothing was written." if File.exist?(file)

      copy(path, file)
    end

    # Puts a whole copy in the place of the shelf; what was there before is kept beside it.
    # @return [String] where that is, nil where there was nothing
    # @raise [Database::Unusable]
    def self.restore(folder, file)
      raise Database::Unusable, "#{file} is not there." unless File.file?(file)

      Database.check(file)
      FileUtils.mkdir_p(folder)
      path = File.join(folder, Database::NAME)
      before = File.join(folder, "before-#{Time.now.utc.strftime("%Y%m%d-%H%M%S")}.sqlite3") if File.size?(path)
      before && set_aside(path, before)
      copy(file, path)
      before
    rescue SystemCallError => e
      raise Database::Unusable, "The shelf could not be put back (#{e.message})."
    end

    # A shelf that cannot be read any more is moved away as it is.
    def self.set_aside(path, before)
      Database.check(path)
      copy(path, before)
    rescue Database::Unusable
      FileUtils.mv(path, before)
      FileUtils.rm_f(["#{path}-wal", "#{path}-shm"])
    end

    def self.shelf(folder)
      path = File.join(folder, Database::NAME)
      raise Database::Unusable, "There is no shelf in #{folder}." unless File.size?(path)

      path
    end

    def self.copy(from, to)
      source, target = SQLite3::Database.new(from), SQLite3::Database.new(to)
      target.busy_handler_timeout = Database::PatientConnection::LONGEST_WAIT_MS
      copying = SQLite3::Backup.new(target, "main", source, "main")
      sleep 0.01 until [SQLite3::Constants::ErrorCode::DONE,
        SQLite3::Constants::ErrorCode::OK].include?(copying.step(-1))
    rescue SQLite3::Exception => e
      raise Database::Unusable,
        "It could not be copied to #{to} (#{e.message}). Look whether there is room, and whether it may be written."
    ensure
      copying&.finish
      [source, target].each { |database| database&.close }
    end
    private_class_method :set_aside, :shelf, :copy
  end
end
