# frozen_string_literal: true

module Meander
  module Planner
    # Everything that is cut for one finished piece, in the order it is cut: base wires, weaving wire, wires cut for something by
    # themselves, findings that are made. What is shown, printed, exported and told in the order of work is read off it.
    module CutList
      # kind: base, weaving, own or finding; count: how many such lengths; ids: of the wires, or of the finding; wire: a
      # Document::Wire, nil for a finding; words: what it is cut of; cut_mm: each of them, rounded up to a whole millimetre; marks: [[mm
      # from the end it is begun with, words], ...]; use: what it is for; parts: what each of them is made up of, [[words, mm], ...].
      Row = Struct.new(:kind, :count, :ids, :wire, :words, :metal, :mm, :cut_mm, :marks, :use, :section, :parts, keyword_init: true) do
        # Before it is rounded up, in mm.
        def total_mm = parts.sum(&:last)

        def to_h = {kind:, count:, ids:, words:, cut_mm:, use:, section:, marks: marks.map { |at_mm, words| {at_mm:, words:} }}

        # "2 times 130 mm of 0.8 mm copper"
        def told = "#{"#{count} times " if count > 1}#{cut_mm} mm of #{words}"
      end

      # cut: a base wire to cut, which answers its wire, cut_mm and named_parts ([[words, mm], ...]); marks: see Row; ids: two where two
      # wires are folded from one.
      def self.base(cut, marks, use, ids: [cut.wire.id], words: cut.wire.words) = row("base", cut.wire, cut.cut_mm, use, cut.named_parts, ids:, words:, marks:)

      # The lengths a strip is woven with. plan: Planner::Plan; copies: how often it is made; section: its id and place in a piece of
      # several, nil in a band. What is kept for later is kept once.
      def self.weaving(plan, copies: 1, section: nil, place: nil)
        rows = plan.account.lengths.flat_map do |length|
          use = "weaves #{"section #{place}, " if place}#{repeats(plan, length)}#{half(plan, length)}"
          length.strands.product(counted(length, copies)).map do |strand, (kept, count)|
            row("weaving", plan.piece.strands[strand], length.whole_mm(kept:), use, plan.account.parts(length, kept:), count:, section:)
          end
        end
        rows.group_by { |one| one.to_h.except(:count) }.values.map { |alike| together(alike) }
      end

      # Rows that are alike as one.
      def self.together(alike) = alike.first.dup.tap { |one| one.count = alike.sum(&:count) }.freeze

      # How many of the copies of a length keep a tail for later, and how many do not: [[true, 1], [false, 3]].
      def self.counted(length, copies)
        first = length.kept_mm.positive? ? 1 : copies
        [[true, first], [false, copies - first]].reject { |_, count| count.zero? }
      end

      def self.repeats(plan, length) = "#{"every other of " if length.strands.size < plan.piece.strands.size}repeats #{length.first} to #{length.last}"

      def self.half(plan, length)
        return "" if length.half.nil? || plan.layout.sides == 1

        length.half.zero? ? ", first half" : ", second half"
      end

      # own: OwnLength values.
      def self.own(own) = own.map { |one| row("own", one.wire, one.cut_mm, one.use, one.parts) }

      def self.findings(findings)
        findings.select(&:wire_mm).map do |one|
          Row.new(kind: "finding", count: 1, ids: [one.id], words: "#{Units::Text.wire(one.d)} #{one.material.name}", metal: one.material.name, mm: one.d,
            cut_mm: one.wire_mm.ceil, marks: [].freeze, use: one.words, parts: [["wire", one.wire_mm].freeze].freeze).freeze
        end
      end

      def self.row(kind, wire, cut_mm, use, parts, count: 1, ids: [wire.id], words: wire.words, marks: [], section: nil)
        Row.new(kind:, count:, ids:, wire:, words:, metal: wire.material.name, mm: wire.mm, cut_mm:, marks:, use:, section:, parts:).freeze
      end
      private_class_method :counted, :repeats, :half, :row
    end
  end
end
