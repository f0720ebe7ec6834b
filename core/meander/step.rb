# frozen_string_literal: true

module Meander
  # One step of the order a maker works in.
  #
  # kind: cut, mark, lead, fold, shape, anchor, weave, turn, bend, join, bead, secure, end or pair; section: its id or
  # nil; minutes: of weaving; wires: ids of those in hand; caution: what may hurt, in words, nil where nothing does;
  # makes: what of the pictures is made with it.
  Step = Struct.new(:kind, :words, :section, :minutes, :wires, :caution, :makes) do
    def self.of(kind, words, section = nil, minutes = 0.0, wires: [], caution: nil, makes: [])
      new(kind, words, section, minutes, wires.freeze, caution, makes.freeze).freeze
    end

    def to_h = {**super, makes: makes.map(&:to_h)}
  end

  # What of the pictures a step makes. of: wire (a base wire), weave (passes of a section, id: its id), end (an ending,
  # a fold, a finding or a placement of beads, whatever has lines or beads of its own); from, to: which passes, of how
  # many in all (of one copy), in the order of work; along: where those lie along the strip, in mm.
  Step::Made = Struct.new(:of, :id, :from, :to, :all, :along, keyword_init: true) do
    def self.whole(of, id) = new(of:, id:, from: 0, to: 1, all: 1, along: [].freeze).freeze
    def self.wires(wires) = wires.uniq.map { |wire| whole("wire", wire.id) }
  end
end
