# frozen_string_literal: true

module Server
  module Routes
    # Stored pieces: the shelf, opening, saving, setting aside and bringing back.
    module Pieces
      # A piece with its document and plan.
      def self.full(piece) = {**stamp(piece), **Planning.answer(Planning.plan(piece.content))}

      # A piece as it lies on the shelf.
      def self.row(piece) = {**stamp(piece), **Planning.summary(Planning.plan(piece.content))}

      def self.everything
        {pieces: Piece.on_shelf.map { |piece| row(piece) }, set_aside: Piece.set_aside.limit(50).map { |piece| stamp(piece) }}
      end

      def self.stamp(piece)
        {id: piece.id, name: piece.name, revision: piece.revision, saved_at: piece.updated_at.utc.iso8601, set_aside: !piece.deleted_at.nil?}
      end

      # The document as it is stored: read, checked and written out whole.
      def self.checked(json) = Meander::Document::PieceReader.call(json).piece.to_h

      def self.duplicate(piece)
        document = piece.content
        name = "#{document["name"][0, 110]} (copy)"
        Piece.keep(checked(document.merge("name" => name)))
      end

      def self.registered(app)
        shelf(app)
        saving(app)
        setting_aside(app)
      end

      def self.shelf(app)
        app.get("/api/pieces") { json(Pieces.everything) }
        app.get("/api/pieces/:id") { |id| json(Pieces.full(Piece.find(id))) }
        app.post("/api/pieces") { json(Pieces.full(Piece.keep(Pieces.checked(given_document))), status: 201) }
        app.post("/api/pieces/:id/duplicate") { |id| json(Pieces.row(Pieces.duplicate(Piece.find(id))), status: 201) }
      end

      def self.saving(app)
        app.put("/api/pieces/:id") do |id|
          revision = given["revision"]
          unless revision.is_a?(Integer) && revision.positive?
            fault = Meander::Fault.new(path: "/revision", code: "count", message: "revision must be the one the change was made from", given: revision, accepted: "a whole number from 1")
            raise Meander::InvalidInput.new([fault])
          end
          document = Pieces.checked(given_document)
          json(Pieces.stamp(Piece.find(id).save_over(document, revision)))
        end
      end

      def self.setting_aside(app)
        app.delete("/api/pieces/:id") do |id|
          Piece.find(id).update!(deleted_at: Time.now.utc)
          halt 204
        end
        app.post("/api/pieces/:id/restore") do |id|
          piece = Piece.find(id)
          piece.update!(deleted_at: nil)
          json(Pieces.row(piece))
        end
      end
    end
  end
end
