# frozen_string_literal: true

module Meander
  module Document
    module Shape
      # A colour as #rrggbb.
      class Colour
        def read(value, path, reading)
          return value if value.is_a?(String) && value.match?(/\A#\h{6}\z/)

          reading.fault(path, "colour", value, message: "#{Fault.printable(value)} is not a colour",
            accepted: "#rrggbb, as #4b7f7a")
        end

        def schema = {type: "string", pattern: "^#[0-9a-fA-F]{6}$"}
      end
    end
  end
end
