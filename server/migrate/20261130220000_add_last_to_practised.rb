# frozen_string_literal: true

# What was said of a move last, by its own name, so that what is sent again counts once.
class AddLastToPractised < ActiveRecord::Migration[7.2]
  def change
    add_column :practised, :last, :string
  end
end
