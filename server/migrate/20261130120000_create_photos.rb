# frozen_string_literal: true

# Photos of makings, as they are shown: upright, without what else was told in them.
class CreatePhotos < ActiveRecord::Migration[7.2]
  def change
    create_table :photos, id: :string do |t|
      t.string :making_id, null: false, index: true
      t.string :kind, null: false
      t.integer :width, null: false
      t.integer :height, null: false
      t.binary :bytes, null: false
      t.datetime :created_at, null: false
    end
  end
end
