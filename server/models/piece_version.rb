# frozen_string_literal: true

module Server
  # One version of a piece as it was sent: "saved", or "refused" because another was saved first.
  class PieceVersion < ActiveRecord::Base
    DAY_S = 86_400

    belongs_to :piece, class_name: "Server::Piece"

    # All versions of the last day are kept, and of every day before the last one.
    def self.thin(now = Time.now.utc)
      old = where(created_at: ...(now - DAY_S))
      old.where.not(id: old.group(:piece_id, :outcome, Arel.sql("date(created_at)")).select("max(id)")).delete_all
    end
  end
end
