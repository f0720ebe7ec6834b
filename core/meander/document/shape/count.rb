# frozen_string_literal: true

module Meander
  module Document
    module Shape
      # A whole number in a range.
      class Count
        def initialize(range)
          @range = range
          freeze
        end

        def read(value, path, reading)
          return value if value.is_a?(Integer) && @range.cover?(value)

          reading.fault(path, "count", value, message: "#{Fault.printable(value)} is not a count that can be made",
            accepted: "a whole number from #{@range.min} to #{@range.max}")
        end

        def schema = {type: "integer", minimum: @range.min, maximum: @range.max}
      end
    end
  end
end
