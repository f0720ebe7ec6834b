# frozen_string_literal: true

module Meander
  module Document
    module Shape
      # Something that may be missing: null.
      class Maybe
        def initialize(of)
          @of = of
          freeze
        end

        def read(value, path, reading) = value.nil? ? nil : @of.read(value, path, reading)
        def schema = {anyOf: [@of.schema, {type: "null"}]}
      end
    end
  end
end
