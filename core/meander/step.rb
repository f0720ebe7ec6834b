# frozen_string_literal: true

module Meander
  # One step of the order a maker works in.
  #
  # kind: cut, mark, lead, fold, shape, anchor, weave, turn, bend, join, bead, secure, end or pair; section: its id or
  # nil; minutes: of weaving; wires: ids of those in hand; caution: what may hurt, in words, nil where nothing does;
  # makes: what of the pictures is made with it; cuts: what is cut with it; takes: what it uses of lengths cut before.
  Step = Struct.new(:kind, :words, :section, :minutes, :wires, :caution, :makes, :cuts, :takes) do
    def self.of(kind, words, section = nil, minutes = 0.0, wires: [], caution: nil, makes: [], cuts: [], takes: [])
      new(kind, words, section, minutes, wires.freeze, caution, makes.freeze, cuts.freeze, takes.freeze).freeze
    end

    def to_h = {**super, makes: makes.map(&:to_h), cuts: cuts.map(&:to_h), takes: takes.map(&:to_h)}
  end

  # A length that is cut. of: its name among all that is cut of a piece; words: what it is for; mm: as it is measured
  # off; spare_mm: what of it is held by, trimmed or kept as a margin, and so may be drawn on; tail_mm: what is left of
  # it to hold by at each end.
  Step::Cut = Struct.new(:of, :words, :mm, :spare_mm, :tail_mm)

  # What a step uses of a length that was cut, in mm.
  Step::Take = Struct.new(:of, :mm)

  # What of the pictures a step makes. of: wire (a base wire), weave (passes of a section, id: its id), end (an ending,
  # a fold, a finding or a placement of beads, whatever has lines or beads of its own); from, to: which passes, of how
  # many in all (of one copy), in the order of work; along: where those lie along the strip, in mm.
  Step::Made = Struct.new(:of, :id, :from, :to, :all, :along, keyword_init: true) do
    def self.whole(of, id) = new(of:, id:, from: 0, to: 1, all: 1, along: [].freeze).freeze
    def self.wires(wires) = wires.uniq.map { |wire| whole("wire", wire.id) }
  end
end
