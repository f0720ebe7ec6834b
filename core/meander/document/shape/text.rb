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

          reading.fault(path, "text", value, message: said(value, path),
            accepted: "text of #{@min} to #{@max} characters")
        end

        def schema = {type: "string", minLength: @min, maxLength: @max}

        private

        # What is wrong with it, by the name of its field.
        def said(value, path)
          name = path.split("/").last.to_s.tr("_", " ")
          return "the #{name} is no text" unless value.is_a?(String) && value.valid_encoding?
          return "the #{name} is empty" if value.strip.length < @min
          return "the #{name} is #{value.length} characters long" if value.length > @max

          "the #{name} has characters that cannot be written"
        end

        def fits?(value)
          value.strip.length >= @min && value.length <= @max && !value.match?(/[\x00-\x08\x0b\x0c\x0e-\x1f]/)
        end
      end
    end
  end
end
