# frozen_string_literal: true

module Meander
  module Crafts
    # A single wire bent without being woven.
    module Bending
      # What a bent wire comes to: as long as its bend, whatever the piece must meet.
      class Layout
        attr_reader :section

        def initialize(section, _calibration)
          @section = section
          @worked = Bent.new(section)
          freeze
        end

        def id = section.id
        def free? = false
        def given = nil
        # Ids of the sections it is made on.
        def on = []
        def bare_mm = 0.0
        def worked(_repeats, _bare_mm) = @worked
        def across(_side, _repeats = nil) = [0.0]
        def thickness_mm = section.base.first.mm
        def width_mm = thickness_mm

        # What is worked round its base wires.
        def worked_round_mm = 0.0
      end
    end
  end
end
