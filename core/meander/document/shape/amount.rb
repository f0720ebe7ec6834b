# frozen_string_literal: true

module Meander
  module Document
    module Shape
      # A number in a range, of a unit.
      class Amount
        def initialize(range, unit)
          @range = range
          @unit = unit
          freeze
        end

        def read(value, path, reading)
          return value.to_f if value.is_a?(Numeric) && value.to_f.finite? && @range.cover?(value)

          reading.fault(path, "amount", value, message: "#{Fault.printable(value)} is not such an amount",
            accepted: "a number from #{@range.min} to #{@range.max} #{@unit}")
        end

        def schema = {type: "number", minimum: @range.min, maximum: @range.max}
      end
    end
  end
end
