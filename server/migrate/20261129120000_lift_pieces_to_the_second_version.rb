# frozen_string_literal: true

require "json"
require_relative "../../core/meander"

# Pieces of the first version of the document become pieces of the second; what they were is kept beside them, as a
# version with the outcome "version 1". One that cannot be read stays as it is, and says on the shelf what is wrong with
# it.
class LiftPiecesToTheSecondVersion < ActiveRecord::Migration[7.2]
  # The tables as they are now, whatever becomes of the models.
  class Piece < ActiveRecord::Base
    self.table_name = "pieces"
  end

  # As above.
  class Version < ActiveRecord::Base
    self.table_name = "piece_versions"
  end

  def up
    Piece.find_each do |piece|
      lifted = lifted(piece.document) or next
      now = Time.now.utc
      Version.create!(piece_id: piece.id, base_revision: piece.revision, outcome: "version 1", document: piece.document,
        created_at: now)
      piece.update_columns(document: JSON.generate(lifted), revision: piece.revision + 1)
    end
  end

  def down
    Version.where(outcome: "version 1").find_each do |version|
      Piece.where(id: version.piece_id).update_all(document: version.document)
      version.delete
    end
  end

  private

  # The piece as the present version has it, nil where it is of another version already, or cannot be read.
  def lifted(text)
    json = JSON.parse(text)
    Meander::Document::PieceReader.call(json).piece.to_h if json.is_a?(Hash) && json["version"] == 1
  rescue JSON::ParserError, Meander::InvalidInput
    nil
  end
end
