# frozen_string_literal: true

# The collection a piece hangs in on the wall, if any.
class PutPiecesInCollections < ActiveRecord::Migration[7.2]
  def change
    add_column :pieces, :collection, :string
  end
end
