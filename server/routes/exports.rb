# frozen_string_literal: true

module Server
  module Routes
    # A stored piece as files in open formats.
    module Exports
      # A name that is safe in a file system and a header.
      def self.file_name(piece, ending)
        plain = piece.name.unicode_normalize(:nfkd).gsub(/[^\w -]/, "").strip.gsub(/\s+/, "-").downcase[0, 60]
        "#{plain.empty? ? "piece" : plain}#{ending}"
      end

      # The document to read; just as it is stored where it cannot be read.
      def self.told(piece)
        JSON.pretty_generate(piece.content)
      rescue JSON::ParserError
        piece.document
      end

      # One of some values a parameter may have, the first where it has none.
      # @raise [Meander::InvalidInput]
      def self.choice(params, key, accepted)
        value = params[key] || accepted.first
        return value if accepted.include?(value)

        fault = Meander::Fault.new(path: "/#{key}", code: "choice", message: "not a #{key} there is", given: value,
          accepted: accepted.join(", "))
        raise Meander::InvalidInput.new([fault])
      end

      # Sends a piece out under its own name, or to be shown in a page.
      module TakingOut
        def take_out(piece, ending, type)
          content_type type
          cache_control :no_store
          unless params["show"]
            headers "content-disposition" => "attachment; filename=\"#{Exports.file_name(piece, ending)}\""
          end
        end
      end

      def self.registered(app)
        app.helpers TakingOut
        document(app)
        cut_list(app)
        strip(app)
      end

      # version=1: as the piece was before it was lifted to the present version of the document.
      def self.document(app)
        app.get("/api/pieces/:id/document.json") do |id|
          piece = Piece.find(id)
          text = (Exports.choice(params, "version", %w[2 1]) == "1") ? Exports.before(piece) : Exports.told(piece)
          take_out(piece, ".meander.json", "application/json")
          text
        end
      end

      def self.before(piece)
        piece.versions.where(outcome: "version 1").order(:id).last&.document ||
          raise(Problem.new(404, "not-found", "this piece was never kept in the first version of the document"))
      end

      def self.cut_list(app)
        app.get("/api/pieces/:id/cut-list.csv") do |id|
          piece = Piece.find(id)
          take_out(piece, "-cut-list.csv", "text/csv")
          said(Planners.ask(:cut_list, piece.content, Maker.said, units, waiting: request))
        end
      end

      def self.strip(app)
        app.get("/api/pieces/:id/strip.svg") do |id|
          piece = Piece.find(id)
          face = Exports.choice(params, "face", %w[front back])
          hand = Exports.choice(params, "hand", %w[right left])
          take_out(piece, "-#{face}.svg", "image/svg+xml")
          said(Planners.ask(:drawing, piece.content, Maker.said, "#{piece.name}, #{face}", face, hand, units,
            waiting: request))
        end
      end
    end
  end
end
