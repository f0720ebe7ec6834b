# frozen_string_literal: true

module Meander
  module Document
    module Shape
      # A name other parts of the document refer to.
      class Id
        PATTERN = /\A[a-z][a-z0-9_-]{0,31}\z/

        def read(value, path, reading)
          return value if value.is_a?(String) && value.match?(PATTERN)

          reading.fault(path, "id", value, message: "not an id",
            accepted: "a small letter, then up to 31 of a-z, 0-9, _ and -")
        end

        def schema = {type: "string", pattern: "^[a-z][a-z0-9_-]{0,31}$"}
      end
    end
  end
end
