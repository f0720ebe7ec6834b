# frozen_string_literal: true

module Meander
  module Weave
    # A pass as a maker says it: over or under which base wires, and where the wire then goes down or comes up. Base wires are
    # counted from 1, the near one first.
    module MoveWords
      # @example
      #   MoveWords.call(from: 0, to: 2, face: 1, wires: 3) #=> "over wires 1 and 2, down between 2 and 3"
      def self.call(from:, to:, face:, wires:)
        front = face.positive?
        "#{front ? "over" : "under"} #{crossed([from, to].min + 1, [from, to].max)}, #{front ? "down" : "up"} #{place(to, wires)}"
      end

      # The gap a pass leads to, read back from its words; nil where they are none of ours.
      def self.gap(words, wires:)
        place = words[/, (?:down|up) (.+)\z/, 1] or return
        (0..wires).find { |gap| place(gap, wires) == place }
      end

      def self.crossed(first, last)
        return "wire #{first}" if first == last

        (last == first + 1) ? "wires #{first} and #{last}" : "wires #{first} to #{last}"
      end

      def self.place(gap, wires)
        return "on the near side" if gap.zero?

        (gap == wires) ? "on the far side" : "between #{gap} and #{gap + 1}"
      end
      private_class_method :crossed, :place
    end
  end
end
