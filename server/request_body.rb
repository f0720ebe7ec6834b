# frozen_string_literal: true

require "json"

module Server
  # Reads a JSON request once, at the edge: its kind, size, encoding and nesting.
  module RequestBody
    LIMIT_BYTES = 262_144
    DEEPEST = 20

    # @raise [Problem] 415, 413 or 400
    def self.read(request, limit: LIMIT_BYTES)
      unless request.media_type == "application/json"
        raise Problem.new(415, "wrong-content-type", "send application/json, not #{request.media_type || "nothing"}")
      end

      text = request.body&.read(limit + 1).to_s.dup.force_encoding(Encoding::UTF_8)
      raise Problem.new(413, "too-large", "the request is over #{limit} bytes") if text.bytesize > limit
      raise Problem.new(400, "not-json", "the request is not valid UTF-8") unless text.valid_encoding?

      parse(text.delete(Meander::Units::Said::JOINER))
    end

    def self.parse(text)
      value = JSON.parse(text, max_nesting: DEEPEST)
      raise Problem.new(400, "not-json", "the request must be a JSON object") unless value.is_a?(Hash)

      value
    rescue JSON::ParserError => e
      raise Problem.new(400, "not-json", "the request is not JSON: #{e.message.scrub("?")[0, 80]}")
    end
    private_class_method :parse
  end
end
