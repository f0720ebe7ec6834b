# frozen_string_literal: true

module Meander
  # The order a maker works in, step by step in words.
  module Work
    # kind: cut, shape, add, anchor, weave, turn, bend, join, bead, secure, end or pair; section: its id or nil; minutes: of weaving.
    Step = Struct.new(:kind, :words, :section, :minutes) do
      def self.of(kind, words, section = nil, minutes = 0.0) = new(kind, words, section, minutes).freeze
    end
  end
end
