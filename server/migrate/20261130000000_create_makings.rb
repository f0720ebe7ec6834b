# frozen_string_literal: true

# A piece being made: the plan it is made from as it was then, and everything that happened, each once. summary: what
# the log tells of it.
class CreateMakings < ActiveRecord::Migration[7.2]
  def change
    create_table :makings, id: :string do |t|
      t.string :piece_id, index: true
      t.string :name, null: false
      t.text :document, null: false
      t.text :plan, null: false
      t.text :state, null: false
      t.text :summary, null: false
      t.integer :taken, null: false, default: 0
      t.datetime :deleted_at
      t.timestamps
      t.index :updated_at
    end
    create_table :making_events do |t|
      t.string :making_id, null: false
      t.string :event, null: false
      t.text :body, null: false
      t.index %i[making_id event], unique: true
    end
  end
end
