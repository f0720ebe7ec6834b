# frozen_string_literal: true

module Server
  # One version of a piece as it was sent: "saved", or "refused" because another was saved first.
  class PieceVersion < ActiveRecord::Base
    belongs_to :piece, class_name: "Server::Piece"
  end
end
