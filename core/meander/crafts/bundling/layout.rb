# frozen_string_literal: true

module Meander
  module Crafts
    module Bundling
      # What is bound is known once its sections stand in their places: `joined` is asked then, instead of `worked`.
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
        def on = section[:around].map { |one| one[:section] }.uniq

        # rows: those sections, Worked; poses: where each stands; ways: Planner::Ways; on: see Joining.
        def joined(rows, poses, ways, on) = Bound.new(section, rows, poses, ways, @calibration, on)
      end
    end
  end
end
