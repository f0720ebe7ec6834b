# frozen_string_literal: true

module Meander
  module Document
    module Shape
      # A list of one shape.
      class List
        def initialize(of, size)
          @of = of
          @size = size
          freeze
        end

        def read(value, path, reading)
          unless value.is_a?(Array) && @size.cover?(value.size)
            given = value.is_a?(Array) ? "a list of #{value.size}" : value
            return reading.fault(path, "list", given, message: "not a list of the right size",
              accepted: "a list of #{@size.min} to #{@size.max}")
          end
          value.each_with_index.map { |item, i| @of.read(item, "#{path}/#{i}", reading) }
        end

        def schema = {type: "array", items: @of.schema, minItems: @size.min, maxItems: @size.max}
      end
    end
  end
end
