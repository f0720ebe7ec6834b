# frozen_string_literal: true

module Meander
  module Weave
    # Weaving as the planner sees it: a piece's section in, settled repeats out.
    module Craft
      def self.lay(piece, calibration)
        walk = walk(piece.pattern)
        frame = Frame.tight(base_mm: piece.base_wires.map(&:mm), wire_mm: piece.weaving_wire.mm, visited: walk.visited)
        {frame:, repeat: Repeat.new(frame, walk, lean: calibration.lean),
          coil: Repeat.new(frame, Walk.new([0, 1]), lean: calibration.lean)}
      end

      def self.walk(pattern) = Walk.coils(pattern[:single], pattern[:both])
      private_class_method :walk
    end
  end
end
