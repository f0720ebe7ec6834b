# frozen_string_literal: true

module Meander
  module Crafts
    # Two sections laced together, or tied where they meet, with a wire of its own.
    module Lacing
      # A lacing, before its rows stand.
      class Layout < JoiningLayout
        def on = section[:rows]
        def joined(rows, poses, _ways, on) = Laced.new(section, rows, poses, @calibration, on)
      end
    end
  end
end
