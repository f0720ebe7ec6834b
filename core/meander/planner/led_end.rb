# frozen_string_literal: true

module Meander
  module Planner
    # An ending that is led to a loop elsewhere: it goes its own way from where its wire leaves, whatever its section is
    # bent to; across and outwards as that stands there.
    class LedEnd < EndedAt
      # A place of it ([across, outwards, height]) in the finished piece.
      def at((across, out, height))
        (x, y, z), sideways, ahead = frame
        on = across - bent.leaves_at
        [x + (on * sideways[0]) + (out * ahead[0]), y + (on * sideways[1]) + (out * ahead[1]), z + (height || 0.0)]
      end

      # A place of the finished piece in its own.
      def local(place)
        origin, sideways, ahead = frame
        off = place.zip(origin).map { |a, b| a - b }
        [bent.leaves_at + (off[0] * sideways[0]) + (off[1] * sideways[1]), (off[0] * ahead[0]) + (off[1] * ahead[1]),
          off[2]]
      end

      private

      # Where the wire leaves; across its section and outwards from there, each one mm.
      def frame
        x = bent.leaves_at
        from, beyond, beside = [[x, 0.0], [x, 1.0], [x + 1.0, 0.0]].map do |across, out|
          pose.at(section.beyond(self.out, [across, self.out * out, 0.0]))
        end
        ahead = unit(from, beyond)
        right = [ahead[1], -ahead[0]]
        turned = (right[0] * (beside[0] - from[0])) + (right[1] * (beside[1] - from[1]))
        [from, turned.negative? ? right.map { |one| -one } : right, ahead]
      end

      def unit(from, to)
        x, y = [0, 1].map { |axis| to[axis] - from[axis] }
        Math.hypot(x, y).then { |long| [x / long, y / long] }
      end
    end
  end
end
