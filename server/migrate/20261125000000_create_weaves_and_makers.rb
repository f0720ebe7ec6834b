# frozen_string_literal: true

# Weaves the maker named, as documents, and what the maker said of their work.
class CreateWeavesAndMakers < ActiveRecord::Migration[7.2]
  def change
    create_table :weaves, id: :string do |t|
      t.string :name, null: false
      t.text :document, null: false
      t.datetime :deleted_at
      t.timestamps
    end

    create_table :makers do |t|
      t.text :document, null: false
      t.timestamps
    end
  end
end
