# frozen_string_literal: true

module Meander
  module Document
    module Shape
      # Text of a limited length, no control characters but line breaks.
      class Text
        def initialize(max:, min: 0)
          @min = min
          @max = max
          freeze
        end

        def read(value, path, reading)
          return value if value.is_a?(String) && value.valid_encoding? && fits?(value)

          reading.fault(path, "text", value, message: "#{path} is not such a text",
            accepted: "text of #{@min} to #{@max} characters")
        end

        def schema = {type: "string", minLength: @min, maxLength: @max}

        private

        def fits?(value)
          value.strip.length >= @min && value.length <= @max && !value.match?(/[\x00-\x08\x0b\x0c\x0e-\x1f]/)
        end
      end
    end
  end
end
