# frozen_string_literal: true

module Meander
  module Document
    module Shape
      # Any finite number; unit in the field's name.
      class Figure
        def schema = {type: "number"}
      end
    end
  end
end
