# frozen_string_literal: true

module Server
  # A move of a section that was practised: how often it was asked for, how often another one was said; last: the id of
  # what was said last, which counts once however often it is sent.
  class Practised < ActiveRecord::Base
    self.table_name = "practised"

    SAID = Meander::Document::Shape::Record.new({piece: Meander::Document::Shape::Text.new(min: 1, max: 64),
      section: Meander::Document::Shape::Text.new(min: 1, max: 64),
      move: Meander::Document::Shape::Text.new(min: 1, max: 200),
      right: Meander::Document::Shape::Choice.new([true, false]),
      id: Meander::Document::Shape::Maybe.new(Meander::Making::Fields::Token.new)}, left_out: {id: nil})
    # So many moves are kept, those of late; so many are told as what to practise next.
    MOST, TOLD = 5000, 8

    # @raise [Meander::InvalidInput] ActiveRecord::RecordNotFound where there is no such piece
    def self.say(json)
      said = Meander::Document::Reading.whole(SAID, json)
      piece = Piece.find(said[:piece])
      transaction do
        one = find_or_initialize_by(piece_id: piece.id, section: said[:section], move: said[:move])
        next if said[:id] && one.last == said[:id]

        one.update!(asked: one.asked + 1, wrong: one.wrong + (said[:right] ? 0 : 1), last: said[:id])
        order(updated_at: :desc).offset(MOST).limit(100).destroy_all if count > MOST
      end
    end

    # What goes wrong most, of pieces that are on the shelf: by the share that was wrong, one asked for often before one
    # that was asked once.
    # @return [Array<Hash>] piece:, name:, section:, number: which of its sections, nil of the only one, move:, asked:,
    #   wrong:
    def self.next
      pieces = Piece.on_shelf.where(id: where("wrong > 0").distinct.pluck(:piece_id)).index_by(&:id)
      worst = where("wrong > 0").sort_by { |one| [-(one.wrong + 1.0) / (one.asked + 2), -one.asked, one.id] }
      worst.select { |one| pieces[one.piece_id] }.first(TOLD).map { |one| one.told(pieces[one.piece_id]) }
    end

    def told(stored)
      ids = JSON.parse(stored.document)["sections"].map { |part| part["id"] }
      number = ids.index(section)&.succ if ids.size > 1
      {piece: piece_id, name: stored.name, section:, number:, move:, asked:, wrong:}
    end
  end
end
