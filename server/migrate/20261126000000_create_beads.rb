# frozen_string_literal: true

# The maker's tray: kinds of beads, as documents, with how many there are.
class CreateBeads < ActiveRecord::Migration[7.2]
  def change
    create_table :beads, id: :string do |t|
      t.string :name, null: false
      t.text :document, null: false
      t.integer :stock, null: false, default: 0
      t.datetime :deleted_at
      t.timestamps
    end
  end
end
