# frozen_string_literal: true

require "json"

module Server
  # The Saltmarsh collection, laid on the shelf of a new database.
  module Demo
    FOLDER = File.expand_path("../demo", __dir__)
    COLLECTION = "Saltmarsh"

    # Lays out the collection when the shelf was never used.
    def self.lay_out_if_new = Piece.none? && lay_out

    # Puts every demo piece, weave and bead back as it was made; what else the maker keeps is left alone.
    def self.lay_out
      files("pieces").each do |key, json|
        Piece.transaction do
          Piece.find_by(demo_key: key)&.destroy!
          Piece.keep({document: Meander::Document::PieceReader.call(json).piece.to_h}, demo_key: key).put_in(COLLECTION)
        end
      end
      files("weaves").each_value do |json|
        Weave.kept.where(name: json["name"]).first_or_initialize(id: SecureRandom.uuid)
          .put(Routes::Weaves.checked(json))
      end
      lay_out_tray
    end

    def self.lay_out_tray
      JSON.parse(File.read(File.join(FOLDER, "tray.json"))).each do |entry|
        found = Bead.kept.find_by(name: entry["bead"]["name"]) || Bead.new(id: SecureRandom.uuid)
        found.put(Meander::Document::TrayReader.call(entry))
      end
    end

    # { file name without its ending => JSON }.
    def self.files(kind)
      Dir[File.join(FOLDER, kind, "*.json")].sort.to_h do |file|
        [File.basename(file, ".json"), JSON.parse(File.read(file))]
      end
    end
    private_class_method :files, :lay_out_tray
  end
end
