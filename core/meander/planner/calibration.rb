# frozen_string_literal: true

module Meander
  module Planner
    # How a maker works. slack: wire really used over the computed path, as a share; lean: see Weave::Packing.
    Calibration = Struct.new(:slack, :lean, keyword_init: true) do
      # Common practice, no published source.
      def self.usual = new(slack: 0.04, lean: 0.3).freeze
    end
  end
end
