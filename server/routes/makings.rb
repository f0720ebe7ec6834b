# frozen_string_literal: true

require "csv"

module Server
  module Routes
    # Pieces being made: begun, counted, looked up, taken out.
    module Makings
      COLUMNS = %w[making piece begun finished steps_done steps hours differs].freeze
      # So many are listed at once.
      MOST = 500

      def self.head(making)
        {id: making.id, piece: making.piece_id, name: making.name, begun_at: making.created_at.utc.iso8601(3),
          last_at: making.updated_at.utc.iso8601(3), taken: making.taken, set_aside: !making.deleted_at.nil?}
      end

      def self.full(making)
        {**head(making), document: JSON.parse(making.document), steps: making.planned[:steps],
          told: making.account.told}
      end

      # As it lies in the log.
      def self.row(making) = {**head(making), **JSON.parse(making.summary, symbolize_names: true)}

      # With everything that happened, in order.
      def self.whole(making)
        {**full(making), events: making.events.order(:id).pluck(:body).map { |body| JSON.parse(body) }}
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
            out << [row[:id], row[:name], row[:begun_at], finished, row[:done], row[:of],
              (row[:worked_ms] / 3_600_000.0).round(2), row[:differs]]
          end
        end
      end

      def self.begin(piece, waiting)
        Making.begin(piece, Planners.ask(:making, Pieces.content(piece), Maker.said, waiting:))
      end

      def self.registered(app)
        app.post("/api/pieces/:id/makings") do |id|
          json(Makings.full(Makings.begin(Piece.find(id), request)), status: 201)
        end
        app.get("/api/makings") { json({makings: Makings.found(params).map { |making| Makings.row(making) }}) }
        app.get("/api/makings/:id") { |id| json(Makings.full(Making.find(id))) }
        app.post("/api/makings/:id/events") do |id|
          events = Meander::Document::Reading.whole(Meander::Making::Fields::EVENTS, given)[:events]
          making = Making.find(id).take(events)
          json({**Makings.head(making), told: making.account.told})
        end
        putting(app)
      end

      def self.putting(app)
        app.get("/api/makings.csv") do
          content_type "text/csv"
          headers "content-disposition" => %(attachment; filename="makings.csv")
          Makings.csv(Makings.found(params))
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
