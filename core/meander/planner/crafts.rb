# frozen_string_literal: true

module Meander
  module Planner
    # The crafts a section may be worked in. Each answers `lay(piece, calibration)` with { frame:, repeat:, coil: }: the
    # base wires side by side, the settled repeat of its pattern, and the single coil it is anchored and closed with.
    module Crafts
      REGISTRY = {"weave" => Weave::Craft}.freeze

      def self.fetch(craft) = REGISTRY.fetch(craft)
    end
  end
end
