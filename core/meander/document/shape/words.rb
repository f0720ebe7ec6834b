# frozen_string_literal: true

module Meander
  module Document
    module Shape
      # Text of any length that Meander wrote.
      class Words
        def schema = {type: "string"}
      end
    end
  end
end
