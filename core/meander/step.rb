# frozen_string_literal: true

module Meander
  # One step of the order a maker works in.
  #
  # kind: cut, mark, lead, fold, shape, anchor, weave, turn, bend, join, bead, secure, end or pair; section: its id or
  # nil; minutes: of weaving; wires: ids of those in hand; caution: what may hurt, in words, nil where nothing does.
  Step = Struct.new(:kind, :words, :section, :minutes, :wires, :caution) do
    def self.of(kind, words, section = nil, minutes = 0.0, wires: [], caution: nil)
      new(kind, words, section, minutes, wires.freeze, caution).freeze
    end
  end
end
