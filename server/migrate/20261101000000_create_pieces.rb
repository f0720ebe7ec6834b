# frozen_string_literal: true

# Pieces as documents with a revision, and every version that was saved or refused.
class CreatePieces < ActiveRecord::Migration[7.2]
  def change
    create_table :pieces, id: :string do |t|
      t.string :name, null: false
      t.text :document, null: false
      t.integer :revision, null: false
      t.string :demo_key, index: {unique: true}
      t.datetime :deleted_at
      t.timestamps
    end

    create_table :piece_versions do |t|
      t.references :piece, type: :string, null: false, foreign_key: true
      t.integer :base_revision, null: false
      t.string :outcome, null: false
      t.text :document, null: false
      t.datetime :created_at, null: false
    end
  end
end
