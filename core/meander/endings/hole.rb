# frozen_string_literal: true

module Meander
  module Endings
    # The hole of a loop as an end that is led through it sees it, in the places of that end: at: its middle, [across,
    # outwards, height]; inside: across it; wire: what the loop is bent of; turns: how many of that lie round it side by
    # side; before: the way from it that lies over what the loop belongs to, as [across, outwards]; thick: how thick
    # that is; called: the loop in words. Lengths in mm.
    Hole = Struct.new(:at, :inside, :wire, :turns, :before, :thick, :called, keyword_init: true) do
      # Of the middle of the wire next to it, and of that of the outermost turn.
      def radius = (inside + wire) / 2
      def rim = radius + ((turns - 1) * wire)
    end
  end
end
