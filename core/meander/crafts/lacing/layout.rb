# frozen_string_literal: true

module Meander
  module Crafts
    # Two sections laced together, or tied where they meet, with a wire of its own.
    module Lacing
      # What is laced is known once its rows stand in their places: `joined` is asked then, in the place of `worked`.
      class Layout
        attr_reader :section

        def initialize(section, calibration)
          @section = section
          @calibration = calibration
          freeze
        end

        def id = section.id
        def free? = false
        def given = nil
        def bare_mm = 0.0

        # Ids of the sections it is made on.
        def on = section[:rows]

        # rows: those sections, Worked; poses: where each stands; on: see Joining.
        def joined(rows, poses, _ways, on) = Laced.new(section, rows, poses, @calibration, on)
      end
    end
  end
end
