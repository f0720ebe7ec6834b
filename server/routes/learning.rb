# frozen_string_literal: true

module Server
  module Routes
    # The way in, piece by piece; what was practised, and what to practise next.
    module Learning
      # A piece of the path, laid on the shelf unless it is there.
      def self.begin(key, waiting)
        document = Path.document(key) or raise ActiveRecord::RecordNotFound, "there is no such piece on the path"
        Piece.on_shelf.find_by(name: document["name"]) || Pieces.keep(document, waiting:)
      end

      def self.registered(app)
        app.get("/api/path") { json({path: Path.told(request)}) }
        app.post("/api/path/:key") { |key| json({id: Learning.begin(key, request).id}, status: 201) }
        app.get("/api/practised") { json({next: Practised.next}) }
        app.post("/api/practised") do
          Practised.say(given)
          halt 204
        end
      end
    end
  end
end
