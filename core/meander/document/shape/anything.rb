# frozen_string_literal: true

module Meander
  module Document
    module Shape
      # Anything JSON can say.
      class Anything
        def schema = {}
      end
    end
  end
end
