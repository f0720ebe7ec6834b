# frozen_string_literal: true

module Meander
  # One step of the order a maker works in. kind: cut, shape, add, anchor, weave, turn, bend, join, bead, secure, end or
  # pair; section: its id or nil; minutes: of weaving; wires: ids of those in hand.
  Step = Struct.new(:kind, :words, :section, :minutes, :wires) do
    def self.of(kind, words, section = nil, minutes = 0.0, wires: [])
      new(kind, words, section, minutes, wires.freeze).freeze
    end
  end
end
