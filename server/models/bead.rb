# frozen_string_literal: true

require "json"
require "securerandom"

module Server
  # A kind of bead in the maker's tray: its document as JSON text, and how many there are.
  class Bead < ActiveRecord::Base
    scope :kept, -> { where(deleted_at: nil).order(:name, :id) }
    KINDS = {} # rubocop:disable Style/MutableConstant -- the tray as it was read last

    # entry: what was read, see Document::TrayReader.
    def self.keep(entry) = new(id: SecureRandom.uuid).tap { |bead| bead.put(entry) }

    # Every kind that is kept with its row's id: { id => Beads::Kind }; of a changed tray only what changed is read
    # again.
    def self.kinds
      state = [kept.count, kept.maximum(:updated_at)]
      return KINDS[:kinds] if KINDS[:state] == state

      had = KINDS[:read] || {}
      rows = kept.pluck(:id, Arel.sql("CAST(updated_at AS TEXT)")) # as text, for it is only compared
      changed = where(id: rows.reject { |row| had.key?(row) }.map(&:first)).to_h do |bead|
        [bead.id, Meander::Document::TrayReader.kept(bead.content)]
      end
      read = rows.to_h { |row| [row, had[row] || changed.fetch(row.first)] }
      KINDS.replace(state:, read:, kinds: read.transform_keys(&:first))
      KINDS[:kinds]
    end

    def put(entry)
      plain = Meander::Document::Plain.call(entry[:bead])
      update!(name: plain[:name], document: JSON.generate(plain), stock: entry[:stock], deleted_at: nil)
    end

    def content = JSON.parse(document)
  end
end
