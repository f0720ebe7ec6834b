# frozen_string_literal: true

# How often a move was asked for while a section was practised, and how often another one was said.
class CreatePractised < ActiveRecord::Migration[7.2]
  def change
    create_table :practised do |t|
      t.string :piece_id, null: false
      t.string :section, null: false
      t.string :move, null: false
      t.integer :asked, null: false, default: 0
      t.integer :wrong, null: false, default: 0
      t.datetime :updated_at, null: false
      t.index %i[piece_id section move], unique: true
    end
  end
end
