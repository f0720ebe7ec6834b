# frozen_string_literal: true

module Meander
  module Weave
    # A pass as a maker says it: over or under which base wires, and where the wire then goes down or comes up. Base
    # wires are counted from 1, the near one first.
    #
    # With the work turned over (round its length) what was over is under and near is far; the wires keep their numbers.
    module MoveWords
      # @example
      #   MoveWords.call(from: 0, to: 2, face: 1, wires: 3)               #=> "over wires 1 and 2, down between 2 and 3"
      #   MoveWords.call(from: 0, to: 2, face: 1, wires: 3, turned: true) #=> "under wires 1 and 2, up between 2 and 3"
      def self.call(from:, to:, face:, wires:, turned: false)
        over = face.positive? ^ turned
        "#{over ? "over" : "under"} #{round([from, to].min + 1, [from, to].max)}, #{over ? "down" : "up"} " \
        "#{place(to, wires, turned:)}"
      end

      # The gap a pass leads to, read back from its words; nil where they are none of ours.
      def self.gap(words, wires:, turned: false)
        place = words[/, (?:down|up) (.+)\z/, 1] or return
        (0..wires).find { |gap| place(gap, wires, turned:) == place }
      end

      # Base wires from one to another, in words.
      def self.round(first, last)
        return "wire #{first}" if first == last

        (last == first + 1) ? "wires #{first} and #{last}" : "wires #{first} to #{last}"
      end

      # Where a gap is, in words.
      def self.place(gap, wires, turned: false)
        return "between #{gap} and #{gap + 1}" if gap.between?(1, wires - 1)

        "on the #{(gap.zero? ^ turned) ? "near" : "far"} side"
      end
    end
  end
end
