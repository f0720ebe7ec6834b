# frozen_string_literal: true

module Server
  module Routes
    # Stored pieces: the shelf, opening, saving, setting aside and bringing back. Answers are JSON text, put together
    # from what planners say.
    module Pieces
      # Of so many versions at the most the last one that can be planned is looked for.
      VERSIONS = 20

      # A piece with its document and plan, and how it was planned before where the rules have changed since.
      # @raise [Meander::InvalidInput] when it cannot be planned
      def self.full(piece, waiting: nil)
        content = readable(piece)
        answer = Planners.ask(:answer, content, Maker.said, waiting:)
        piece = ShelfRows.call(piece, waiting:)
        anew = piece.repeats_before &&
          Meander::Planner::PlannedAnew.call(content, JSON.parse(piece.repeats_before), JSON.parse(piece.repeats))
        members(stamp(piece), answer, anew && JSON.generate({anew:})[1..-2])
      end

      # @raise [Meander::InvalidInput] when what is stored is not even JSON
      def self.readable(piece)
        piece.content
      rescue JSON::ParserError
        raise Meander::InvalidInput.new(
          [Meander::Fault.new(path: "", code: "not_json", message: "what is stored is not JSON",
            given: piece.document[0, 80], accepted: "a piece")]
        )
      end

      # A piece as it lies on the shelf.
      def self.row(piece, now = ShelfRows.by, waiting: nil)
        ShelfRows.call(piece, now, waiting:).then { |told| members(stamp(told), told.told) }
      end

      def self.everything(waiting)
        now, columns = ShelfRows.by, Piece.column_names - ["document"]
        rows = Piece.on_shelf.select(columns).map { |piece| row(piece, now, waiting:) }
        aside = Piece.set_aside.select(columns).limit(50).map { |piece| JSON.generate(stamp(piece)) }
        %({"pieces":[#{rows.join(",")}],"set_aside":[#{aside.join(",")}]})
      end

      # The document of a piece, to be planned.
      # @raise [Meander::InvalidInput] when what is stored is not even JSON
      def self.content(piece) = readable(piece)

      def self.stamp(piece)
        {id: piece.id, name: piece.name, revision: piece.revision, saved_at: piece.updated_at.utc.iso8601,
          collection: piece.collection, set_aside: !piece.deleted_at.nil?}
      end

      def self.members(stamp, *more) = "{#{[JSON.generate(stamp)[1..-2], *more.compact].join(",")}}"

      # A new piece, once it was planned.
      # @raise [Meander::InvalidInput]
      def self.keep(json, waiting: nil) = Piece.keep(Planners.ask(:kept, json, Maker.said, waiting:), by: ShelfRows.by)

      # A piece to begin with, under a name that none has.
      # @raise [Meander::InvalidInput] where there is no such kind
      def self.start(kind, waiting: nil)
        kinds = Meander::Document::StartingPiece::PIECES.keys
        unless kinds.include?(kind)
          raise Meander::InvalidInput.new([Meander::Fault.new(path: "/start", code: "choice",
            message: "there is no such kind of piece", given: kind, accepted: kinds.join(", "))])
        end
        document = Meander.start(kind)
        keep(document.merge("name" => Piece.free_name(document["name"]), "allowances" => allowances(document)),
          waiting:)
      end

      # The maker's own tails and margins, if they said some; at which ends base wires are held is the piece's affair.
      def self.allowances(document)
        said = JSON.parse(JSON.generate(Maker.said[:allowances] || {}))
        {**document["allowances"], **said.except("base_tails")}
      end
      private_class_method :allowances

      # @raise [Meander::InvalidInput, Piece::Stale]
      def self.save(id, json, revision, waiting: nil)
        unless revision.is_a?(Integer) && revision.between?(1, Piece::MOST_REVISION)
          fault = Meander::Fault.new(path: "/revision", code: "count",
            message: "revision must be the one the change was made from", given: revision,
            accepted: "a whole number from 1 to #{Piece::MOST_REVISION}")
          raise Meander::InvalidInput.new([fault])
        end
        piece = Piece.find(id)
        piece.save_over(Planners.ask(:kept, json, Maker.said, waiting:), revision, by: ShelfRows.by)
      end

      def self.duplicate(piece, waiting: nil)
        document = piece.content
        name = Piece.free_name("#{document["name"][0, 110]} (copy)")
        keep(document.merge("name" => name), waiting:).put_in(piece.collection)
      end

      # A piece that cannot be planned goes back to its last version that can.
      # @raise [Meander::InvalidInput] when there is none
      def self.mend(piece, waiting: nil)
        documents = piece.versions.where(outcome: "saved").order(id: :desc).limit(VERSIONS).pluck(:document)
        kept = documents.lazy.filter_map { |text| planned(text, waiting) }.first
        return piece.save_over(kept, piece.revision, by: ShelfRows.by) if kept

        fault = Meander::Fault.new(path: "", code: "versions", message: "no version of this piece can be planned",
          given: "#{documents.size} versions", accepted: "one that can be planned")
        raise Meander::InvalidInput.new([fault])
      end

      def self.planned(text, waiting)
        Planners.ask(:kept, JSON.parse(text), Maker.said, waiting:)
      rescue Meander::InvalidInput, JSON::ParserError, Planners::Pool::TooMuch, Planners::Pool::Broken
        nil
      end
      private_class_method :planned, :readable

      def self.registered(app)
        shelf(app)
        saving(app)
        setting_aside(app)
      end

      def self.shelf(app)
        app.get("/api/pieces") { text_json(Pieces.everything(request)) }
        app.get("/api/pieces/:id") { |id| text_json(Pieces.full(Piece.find(id), waiting: request)) }
        app.post("/api/pieces") do
          piece = given.key?("start") ? Pieces.start(given["start"], waiting: request) :
            Pieces.keep(given_document, waiting: request)
          text_json(Pieces.full(piece, waiting: request), status: 201)
        end
        app.post("/api/pieces/:id/duplicate") do |id|
          text_json(Pieces.row(Pieces.duplicate(Piece.find(id), waiting: request)), status: 201)
        end
      end

      def self.saving(app)
        app.put("/api/pieces/:id") do |id|
          json(Pieces.stamp(Pieces.save(id, given_document, given["revision"], waiting: request)))
        end
        app.post("/api/pieces/:id/mend") { |id| text_json(Pieces.row(Pieces.mend(Piece.find(id), waiting: request))) }
        app.put("/api/pieces/:id/collection") do |id|
          json(Pieces.stamp(Piece.find(id).put_in(given["collection"])))
        end
        app.post("/api/pieces/:id/seen") do |id|
          Piece.find(id).update_columns(repeats_before: nil)
          halt 204
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
          text_json(Pieces.row(piece))
        end
      end
    end
  end
end
