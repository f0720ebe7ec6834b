# frozen_string_literal: true

module Meander
  module Form
    # Where a section stands in the finished piece: its origin in mm, how far it is turned (radians from +y towards +x),
    # and whether it is the mirror image of what it says (-1) or not (1).
    Pose = Struct.new(:x, :y, :turn, :side) do
      # A place of the section in the finished piece.
      def at((px, py, pz))
        across, cos, sin = px * side, Math.cos(turn), Math.sin(turn)
        [x + (across * cos) + (py * sin), y - (across * sin) + (py * cos), pz || 0.0]
      end

      # The upright box round places of the section, in the finished piece: [[x, x], [y, y]].
      def box(places)
        cos, sin = Math.cos(turn), Math.sin(turn)
        [places.map { |px, py| x + (px * side * cos) + (py * sin) }.minmax,
          places.map { |px, py| y - (px * side * sin) + (py * cos) }.minmax]
      end

      # What stands at a place of this section, turned further by an angle of its own.
      def on(place, angle)
        px, py, = at(place)
        self.class.new(px, py, turn + (side * angle), side).freeze
      end

      # From its origin the other way, as its mirror image: what is on the near side stays there.
      def reversed = self.class.new(x, y, turn + Math::PI, -side).freeze

      # The other side of the piece's upright axis, set so far to the right.
      def mirrored(right = 0.0) = self.class.new(right - x, y, -turn, -side).freeze
      def to_a = [x, y, turn, side]
    end

    # Upright at the origin.
    Pose::ORIGIN = Pose.new(0.0, 0.0, 0.0, 1).freeze
  end
end
