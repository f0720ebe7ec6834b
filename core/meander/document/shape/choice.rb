# frozen_string_literal: true

module Meander
  module Document
    module Shape
      # One of a few values.
      class Choice
        attr_reader :values

        def initialize(values)
          @values = values.freeze
          freeze
        end

        def read(value, path, reading)
          return value if @values.include?(value)

          reading.fault(path, "choice", value, message: "#{Fault.printable(value)} is not one of the choices",
            accepted: @values.join(", "))
        end

        def schema = (@values.size == 1) ? {const: @values.first} : {enum: @values}
      end
    end
  end
end
