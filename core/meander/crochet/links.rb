# frozen_string_literal: true

module Meander
  module Crochet
    # Chains and slip stitches in a row: the head of a single without its legs. Lengths in wires.
    module Links
      # How deep the wire runs on from one chain to the next, and how far below the heads at the least.
      BUMP, BELOW = -3.1, 1.2

      # The cell of a single as it begins (from its start to where it goes down) and its head (from where the loop comes
      # up to its end): [[points], [points]]. On a thick hook the far end of the head hangs as low as where the
      # loop comes up.
      def self.parts(single)
        first = single.index { |_, y, _| y < -1.2 }
        last = single.rindex { |x, y, _| y < -2.2 && x < single.last[0] }
        [single.first(first + 1), single.drop(last)]
      end

      # A chain: on along below the heads and up through the loop of the last one.
      def self.chain(single)
        down, up = parts(single)
        from = down.last
        low = [BUMP, up.drop(1).map { |point| point[1] }.min - BELOW].min
        bump = [0.04, 0.3, 0.5, 0.7, 0.88].map do |share|
          deep = low + ((up.first[1] - low) * [(share - 0.7) / 0.3, 0.0].max)
          [from[0] + ((up.first[0] - from[0]) * share), deep, from[2] + ((up.first[2] - from[2]) * share)]
        end
        [*down, *bump, *up]
      end

      # A slip stitch: down behind the head it is worked into, below and up before it, so far down.
      def self.slip(single, deep)
        down, up = parts(single)
        low = -deep - 1.05
        x = ((down.last[0] + up.first[0]) / 2) - (0.25 * (up.first[0] - down.last[0]))
        [*down, [x - 1.4, low + 1.6, -1.0], [x - 0.6, low, -0.9], [x + 0.1, low, 0.4], [x + 0.4, low + 0.7, 1.5],
          [x + 1.2, low + 1.9, 1.7], *up]
      end
      private_class_method :parts
    end
  end
end
