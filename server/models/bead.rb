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

    # Every kind that is kept with its row's id: { id => Beads::Kind }; read again only when the tray has changed.
    def self.kinds
      state = [kept.count, kept.maximum(:updated_at)]
      return KINDS[:kinds] if KINDS[:state] == state

      KINDS.replace(state:, kinds: kept.to_h { |bead| [bead.id, Meander::Document::TrayReader.kept(bead.content)] })
      KINDS[:kinds]
    end

    def put(entry)
      plain = Meander::Document::Plain.call(entry[:bead])
      update!(name: plain[:name], document: JSON.generate(plain), stock: entry[:stock], deleted_at: nil)
    end

    def content = JSON.parse(document)
  end
end
