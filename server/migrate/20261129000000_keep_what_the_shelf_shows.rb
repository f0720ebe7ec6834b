# frozen_string_literal: true

# What the shelf shows of a piece, kept with what it was planned by; and how many repeats a piece had before it was
# planned anew.
class KeepWhatTheShelfShows < ActiveRecord::Migration[7.2]
  def change
    change_table :pieces, bulk: true do |t|
      t.text :told
      t.string :told_by
      t.text :repeats
      t.text :repeats_before
    end
  end
end
