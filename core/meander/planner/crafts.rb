# frozen_string_literal: true

module Meander
  module Planner
    # The crafts a section may be worked in. Each answers `lay(piece, calibration)` with the base wires side by side (frame), the
    # settled repeat of its pattern, and the stretches woven before and after that.
    module Crafts
      REGISTRY = {"weave" => Weave::Craft}.freeze

      def self.fetch(craft) = REGISTRY.fetch(craft)
    end
  end
end
