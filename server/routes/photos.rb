# frozen_string_literal: true

module Server
  module Routes
    # Photos of makings: sent as they are, kept without what is told in them, shown.
    module Photos
      def self.bytes(request)
        bytes = request.body&.read(Photo::LIMIT_BYTES + 1).to_s.b
        if bytes.bytesize > Photo::LIMIT_BYTES
          raise Problem.new(413, "too-large", "the photo is over #{Photo::LIMIT_BYTES / 1_048_576} MB")
        end
        bytes
      end

      def self.find(making, id) = Photo.where(making_id: making).find(id)

      def self.registered(app)
        app.post("/api/makings/:id/photos") do |id|
          json(Photo.keep(Making.find(id), request.media_type.to_s, Photos.bytes(request)).told, status: 201)
        end
        app.get("/api/makings/:id/photos/:photo") do |id, photo|
          found = Photos.find(id, photo)
          content_type found.kind
          cache_control :private, max_age: 86_400
          found.bytes
        end
        app.delete("/api/makings/:id/photos/:photo") do |id, photo|
          Photos.find(id, photo).destroy!
          halt 204
        end
      end
    end
  end
end
