# frozen_string_literal: true

module Meander
  module Crafts
    # What joins other sections, before those stand: `joined` is asked then, in the place of `worked`. A craft says on
    # which sections it is made (`on`, their ids), and joined(rows, poses, ways, on): rows: those sections, Worked;
    # poses: where each stands; ways: Planner::Ways; on: OnWire, see Joining.
    class JoiningLayout
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
    end
  end
end
