# frozen_string_literal: true

module Meander
  module Crochet
    # The way of the chains round the edge of a cloth: half an ellipse from the end of one row to the beginning of the
    # next, on which they turn over once, as the work does. mm.
    class TurnWay
      # start, stop: [x, y]; ahead: the way the row ran, 1 or -1 along x; wide: how far it stands out; outs: how high
      # the line of a cell lies at the beginning and at the end.
      def initialize(start, stop, ahead, wide, outs)
        @start = start
        @stop = stop
        @ahead = ahead
        @wide = wide
        @outs = outs
        freeze
      end

      # share: how far along, 0 to 1, beyond which it goes straight on; y, z: of a cell, from its line; length: of the
      # chains.
      def at(share, y, z, length)
        within = share.clamp(0.0, 1.0)
        angle = Math::PI * within
        hx, hy = heading(angle)
        beyond = (share - within) * length
        x, y0 = middle(angle)
        across, up, back = frame(angle, hx, hy)
        out = @outs[0] + ((@outs[1] - @outs[0]) * within)
        [x + (hx * beyond) + (across[0] * y) + (back[0] * z), y0 + (hy * beyond) + (across[1] * y) + (back[1] * z),
          out + (up * y) + (back[2] * z)]
      end

      private

      # What y and z of a cell are there: a half-turn about its way.
      def frame(angle, hx, hy)
        nx, ny = (@ahead == 1) ? [-hy, hx] : [hy, -hx]
        x, y, z = nx * Math.cos(angle), ny * Math.cos(angle), Math.sin(angle)
        [[x, y], z, [-hy * z, hx * z, (hy * x) - (hx * y)]]
      end

      def middle(angle)
        share = (1 - Math.cos(angle)) / 2
        [@start[0] + ((@stop[0] - @start[0]) * share) + (@ahead * @wide * Math.sin(angle)),
          @start[1] + ((@stop[1] - @start[1]) * share)]
      end

      def heading(angle)
        x = ((@stop[0] - @start[0]) * Math.sin(angle) / 2) + (@ahead * @wide * Math.cos(angle))
        y = (@stop[1] - @start[1]) * Math.sin(angle) / 2
        length = Math.hypot(x, y)
        [x / length, y / length]
      end
    end
  end
end
