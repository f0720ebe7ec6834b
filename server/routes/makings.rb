# frozen_string_literal: true

require "csv"

module Server
  module Routes
    # Pieces being made: begun, counted, looked up, taken out.
    module Makings
      COLUMNS = %w[making piece begun finished due steps_done steps hours planned_hours wire_mm differs mend
        rated].freeze
      # So many are listed at once; a making that is read back in is no larger.
      MOST, WHOLE_BYTES = 500, 32 * 1_048_576

      def self.head(making)
        {id: making.id, piece: making.piece_id, name: making.name, begun_at: making.created_at.utc.iso8601(3),
          last_at: making.updated_at.utc.iso8601(3), taken: making.taken, set_aside: !making.deleted_at.nil?}
      end

      def self.full(making)
        {**head(making), piece_now: making.piece_now, document: JSON.parse(making.document),
          second: making.second, steps: making.planned[:steps], told: making.told, photos: Photo.of(making).select(Photo::LISTED).map(&:told)}
      end

      # As it lies in the log.
      def self.row(making) = {**head(making), **JSON.parse(making.summary, symbolize_names: true)}

      # With everything that happened, in order.
      def self.whole(making)
        {**full(making), planned: making.planned, events: making.happened}
      end

      # Those whose name has a text in it, or of one piece.
      def self.found(params)
        name, piece = params.values_at("q", "piece").map(&:to_s)
        found = Making.kept
        found = found.where("name LIKE ?", "%#{Making.sanitize_sql_like(name[0, 120])}%") unless name.empty?
        found = found.where(piece_id: piece) unless piece.empty?
        found.select(Making::LISTED).limit(MOST)
      end

      def self.csv(makings)
        CSV.generate do |out|
          out << COLUMNS
          makings.each do |making|
            row = row(making)
            finished = row[:finished_at] && Time.at(row[:finished_at] / 1000.0).utc.iso8601
            hours = row.values_at(:worked_ms, :planned_ms).map { |ms| (ms.to_i / 3_600_000.0).round(2) }
            out << [*row.values_at(:id, :name, :begun_at), finished, *row.values_at(:due, :done, :of), *hours,
              row[:wire_mm]&.round(1), *row.values_at(:differs, :mend, :rated)]
          end
        end
      end

      # One that was taken out, with the piece it was made from.
      def self.read(json)
        document = json["document"]
        Meander.read(document)
        Making.read(Meander::Making::TakenOut.read(json), JSON.generate(document))
      end

      def self.begin(piece, waiting)
        Making.begin(piece, Planners.ask(:making, Pieces.content(piece), Maker.said, waiting:))
      end

      def self.registered(app)
        app.post("/api/pieces/:id/makings") do |id|
          json(Makings.full(Makings.begin(Piece.find(id), request)), status: 201)
        end
        app.get("/api/makings") do
          learned = params["piece"].to_s.empty? ? Making.learned : []
          json({makings: Makings.found(params).map { |making| Makings.row(making) }, learned:})
        end
        app.post("/api/makings") do
          json(Makings.full(Makings.read(RequestBody.read(request, limit: WHOLE_BYTES))), status: 201)
        end
        app.get("/api/makings/:id") { |id| json(Makings.full(Making.find(id))) }
        app.post("/api/makings/:id/events") do |id|
          events = Meander::Document::Reading.whole(Meander::Making::Fields::EVENTS, given)[:events]
          making = Making.find(id).take(events)
          json({**Makings.head(making), told: making.told})
        end
        putting(app)
      end

      def self.putting(app)
        app.get("/api/makings.csv") do
          content_type "text/csv"
          headers "content-disposition" => %(attachment; filename="makings.csv")
          Makings.csv(Makings.found(params))
        end
        app.get("/api/makings.json") do
          content_type "application/json"
          headers "content-disposition" => %(attachment; filename="makings.json")
          said(JSON.generate({makings: Makings.found(params).unscope(:select).map { |making| Makings.whole(making) }}))
        end
        app.get("/api/makings/:id/making.json") do |id|
          content_type "application/json"
          headers "content-disposition" => %(attachment; filename="making.json")
          said(JSON.pretty_generate(Makings.whole(Making.find(id))))
        end
        app.delete("/api/makings/:id") do |id|
          Making.find(id).update!(deleted_at: Time.now.utc)
          halt 204
        end
        app.post("/api/makings/:id/restore") do |id|
          Making.find(id).update!(deleted_at: nil)
          halt 204
        end
      end
    end
  end
end
