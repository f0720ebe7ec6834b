# frozen_string_literal: true

require "json"
require "securerandom"

module Server
  # A stored piece: its document as JSON text, under a revision that grows by one with every save.
  class Piece < ActiveRecord::Base
    # A save that was made from an older revision than the stored one.
    class Stale < StandardError
      attr_reader :current

      def initialize(current)
        @current = current
        super("revision #{current.revision} was saved meanwhile")
      end
    end

    has_many :versions, class_name: "Server::PieceVersion", dependent: :delete_all

    scope :on_shelf, -> { where(deleted_at: nil).order(:created_at, :id) }
    scope :set_aside, -> { where.not(deleted_at: nil).order(deleted_at: :desc) }

    # A new piece from a checked document (plain JSON values).
    def self.keep(document, demo_key: nil)
      transaction do
        piece = create!(id: SecureRandom.uuid, name: document[:name], document: JSON.generate(document), revision: 1, demo_key:)
        piece.versions.create!(base_revision: 0, outcome: "saved", document: piece.document)
        piece
      end
    end

    # Saves over the revision it was made from. A stale save is refused and kept beside the stored version.
    # @raise [Stale]
    def save_over(document, base_revision)
      text = JSON.generate(document)
      saved = transaction { update_if_current(text, document[:name], base_revision) }
      return reload if saved

      versions.create!(base_revision:, outcome: "refused", document: text)
      raise Stale.new(reload)
    end

    def content = JSON.parse(document)

    private

    def update_if_current(text, name, base_revision)
      changed = self.class.where(id:, revision: base_revision)
                    .update_all(document: text, name:, revision: base_revision + 1, updated_at: Time.now.utc)
      versions.create!(base_revision:, outcome: "saved", document: text) if changed == 1
      changed == 1
    end
  end
end
