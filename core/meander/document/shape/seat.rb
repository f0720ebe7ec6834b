# frozen_string_literal: true

module Meander
  module Document
    module Shape
      # A numbered place in a section, named by its craft: "base 2".
      class Seat
        PATTERN = /\A([a-z]+) ([1-9]\d?)\z/

        # @return [Array] what it is for and its number: ["base", 2]
        def self.parts(seat) = PATTERN.match(seat).then { |match| [match[1], match[2].to_i] }

        def read(value, path, reading)
          return value if value.is_a?(String) && value.match?(PATTERN)

          reading.fault(path, "seat", value, message: "#{Fault.printable(value)} is not a seat",
            accepted: "what it is for and its number, as base 2")
        end

        def schema = {type: "string", pattern: "^[a-z]+ [1-9][0-9]?$"}
      end
    end
  end
end
