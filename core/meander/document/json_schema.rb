# frozen_string_literal: true

module Meander
  module Document
    # The published JSON Schema (draft 2020-12) of a shape.
    module JsonSchema
      def self.call(shape, id:, title:)
        {"$schema": "https://json-schema.org/draft/2020-12/schema", "$id": id, title:, **shape.schema}
      end
    end
  end
end
