# frozen_string_literal: true

require "json"
require "securerandom"

module Server
  # A stored piece: its document as JSON text, under a revision that grows by one with every save, and what the shelf
  # shows of it.
  #
  # told: the members of a JSON object, see Planning.kept; told_by: what they were planned by; repeats: how many its
  # sections had then; repeats_before: how many they had by earlier rules, until the maker has seen that they changed.
  class Piece < ActiveRecord::Base
    # A save that was made from an older revision than the stored one.
    class Stale < StandardError
      attr_reader :current

      def initialize(current)
        @current = current
        super("revision #{current.revision} was saved meanwhile")
      end
    end

    # As far as revisions can count.
    MOST_REVISION = (2**62) - 1
    COLLECTION = Meander::Document::Fields::COLLECTION

    has_many :versions, class_name: "Server::PieceVersion", dependent: :delete_all

    # The one that was changed last hangs first.
    scope :on_shelf, -> { where(deleted_at: nil).order(updated_at: :desc, created_at: :asc, id: :asc) }
    scope :set_aside, -> { where.not(deleted_at: nil).order(deleted_at: :desc) }

    # A new piece. kept: a document as plain values and what was told of it, see Planning.kept; by: what it was planned
    # by.
    def self.keep(kept, by: nil, demo_key: nil)
      document = kept[:document]
      transaction do
        piece = create!(id: SecureRandom.uuid, name: document[:name], document: JSON.generate(document), revision: 1,
          demo_key:, **told(kept, by))
        piece.versions.create!(base_revision: 0, outcome: "saved", document: piece.document)
        piece
      end
    end

    # A name that no piece on the shelf has: as it is, or with a number after it.
    def self.free_name(wanted)
      taken = on_shelf.where("name LIKE ?", "#{sanitize_sql_like(wanted)}%").pluck(:name).to_set
      ([wanted] + (2..(taken.size + 1)).map { |number| "#{wanted} #{number}" }).find { |name| !taken.include?(name) }
    end

    def self.told(kept, by)
      {told: kept[:told], told_by: by, repeats: kept[:repeats]&.then { |counts| JSON.generate(counts) }}
    end

    # Saves over the revision it was made from. A stale save is refused and kept beside the stored version.
    # @raise [Stale]
    def save_over(kept, base_revision, by:)
      text = JSON.generate(kept[:document])
      saved = transaction do
        update_if_current(text, base_revision, name: kept[:document][:name], repeats_before: nil,
          **self.class.told(kept, by))
      end
      return reload if saved

      versions.create!(base_revision:, outcome: "refused", document: text)
      raise Stale.new(reload)
    end

    # What was planned of the document as it is stored. Where earlier rules gave other counts, those are kept until they
    # are seen.
    def tell(kept, by)
      counts = JSON.generate(kept[:repeats])
      before = repeats if repeats && repeats != counts && ShelfRows.same_maker?(told_by, by)
      self.class.where(id:, revision:).update_all(repeats_before: repeats_before || before, **self.class.told(kept, by))
      reload
    end

    # A collection is a name, or none: then it hangs by itself. It is no change of the piece, which keeps its revision.
    # @raise [Meander::InvalidInput]
    def put_in(name)
      update_columns(collection: Meander::Document::Reading.whole(COLLECTION, {"collection" => name})[:collection])
      self
    end

    def content = JSON.parse(document)

    private

    def update_if_current(text, base_revision, **columns)
      changed = self.class.where(id:, revision: base_revision)
                    .update_all(document: text, revision: base_revision + 1, updated_at: Time.now.utc, **columns)
      versions.create!(base_revision:, outcome: "saved", document: text) if changed == 1
      changed == 1
    end
  end
end
