# frozen_string_literal: true

require "json"

module Server
  # The Saltmarsh collection, laid on the shelf of a new database.
  module Demo
    FOLDER = File.expand_path("../demo/pieces", __dir__)

    # Lays out the collection when the shelf was never used.
    def self.lay_out_if_new = Piece.none? && lay_out

    # Puts every demo piece back as it was made; the maker's own pieces are left alone.
    def self.lay_out
      Dir[File.join(FOLDER, "*.json")].sort.each do |file|
        key = File.basename(file, ".json")
        Piece.transaction do
          Piece.find_by(demo_key: key)&.destroy!
          Piece.keep(Routes::Pieces.checked(JSON.parse(File.read(file))), demo_key: key)
        end
      end
    end
  end
end
