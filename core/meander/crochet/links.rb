# frozen_string_literal: true

module Meander
  module Crochet
    # Chains and slip stitches in a row: the head of a single without its legs. Lengths in wires.
    module Links
      # How deep below the heads the wire runs on from one chain to the next.
      BUMP = -3.1

      # The cell of a single as it begins (from its start to where it goes down) and its head (from where the loop comes
      # up to its end): [[points], [points]].
      def self.parts(single)
        first = single.index { |_, y, _| y < -1.2 }
        last = single.rindex { |_, y, _| y < -2.2 }
        [single.first(first + 1), single.drop(last)]
      end

      # A chain: on along below the heads and up through the loop of the last one.
      def self.chain(single)
        down, up = parts(single)
        from = down.last
        bump = [0.12, 0.3, 0.5, 0.7, 0.88].map do |share|
          deep = BUMP + ((up.first[1] - BUMP) * [(share - 0.7) / 0.3, 0.0].max)
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
