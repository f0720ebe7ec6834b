# frozen_string_literal: true

module Meander
  module Document
    module Shape
      # Any list.
      class Many
        def initialize(of)
          @of = of
          freeze
        end

        def schema = {type: "array", items: @of.schema}
      end
    end
  end
end
