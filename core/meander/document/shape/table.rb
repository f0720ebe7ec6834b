# frozen_string_literal: true

module Meander
  module Document
    module Shape
      # Keys of its own, all of one shape.
      class Table
        def initialize(of)
          @of = of
          freeze
        end

        def schema = {type: "object", additionalProperties: @of.schema}
      end
    end
  end
end
