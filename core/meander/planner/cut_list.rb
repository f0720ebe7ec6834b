# frozen_string_literal: true

module Meander
  module Planner
    # Everything that is cut for one finished piece, in the order it is cut: base wires, working wire, wires cut for
    # something by themselves, findings that are made. What is shown, printed, exported and told in the order of work is
    # read off it.
    module CutList
      # kind: base, weaving, own or finding; count: how many such lengths; ids: of the wires, or of the finding; wire: a
      # Document::Wire, nil for a finding; words: what it is cut of; cut_mm: each of them, rounded up to a whole
      # millimetre; marks: [[mm from the end it is begun with, words], ...]; use: what it is for; section: the id of the
      # one it is worked in, nil where that is all of the piece; parts: what each of them is made up of, [[words, mm],
      # ...].
      Row = Struct.new(:kind, :count, :ids, :wire, :words, :metal, :mm, :cut_mm, :marks, :use, :section, :parts,
        keyword_init: true) do
        # Before it is rounded up, in mm.
        def total_mm = parts.sum(&:last)

        def to_h
          {kind:, count:, ids:, words:, cut_mm:, use:, section:, marks: marks.map { |at_mm, words| {at_mm:, words:} }}
        end

        # "2 times 130 mm of 0.8 mm copper"
        def told = "#{"#{count} times " if count > 1}#{Units::Text.cut(cut_mm)} of #{words}"
      end

      # @return [Array<Row>]
      def self.call(plan)
        plan.runs.map { |cut| base(cut, plan) } + plan.sections.flat_map { |section| working(section, plan) } +
          own(plan.separate_lengths) + findings(plan.findings)
      end

      # Rows that are alike as one.
      def self.together(alike) = alike.first.dup.tap { |one| one.count = alike.sum(&:count) }.freeze

      def self.base(cut, plan)
        away = cut.stops.any? { |stop| stop.visit.cut_away }
        place = cut.folded? ? folded(cut) : "#{plan.place(cut.wire)}#{"; cut away after weaving" if away}"
        place = cut.stops.first.section.id.then { |id| plan.called(plan.placed.section(id)) } if alone?(cut)
        use = used_as(cut, place)
        row("base", cut.wire, cut.cut_mm, use, cut.named_parts, words: cut.words,
          marks: cut.marks.map { |mark| [mark.at_mm, mark.words] })
      end

      # Which of its section's wires a folded one is: "both base wires", "base wires 1 and 2"; of a cord its legs.
      def self.folded(cut)
        section = cut.stops.first.section
        numbers = section.base.each_index.select { |at| section.base[at] == cut.wire }.map { |at| at + 1 }
        return "legs #{Units::Text.list(numbers)}" if cut.wire.material.fibre?

        many = "#{section.wire_words}s"
        (numbers.size == section.base.size) ? "both #{many}" : "#{many} #{Units::Text.list(numbers)}"
      end

      # "base wire, wire 2": what it is, and which; told once.
      def self.used_as(cut, place)
        what = cut.stops.first.section.wire_words
        place&.match?(/\A(both )?#{Regexp.escape(what)}s? ?/) ? place : [what, place].compact.join(", ")
      end

      # A wire that is worked off the spool, by itself, needs no other name.
      def self.alone?(cut) = cut.stops.first.section.then { |section| section.off_spool? && section.base.size == 1 }

      def self.working(section, plan)
        section.lengths(plan.called(section)).map do |length|
          row("weaving", length.wire, length.cut_mm, length.use, length.parts, ids: length.ids, count: length.count,
            section: section.id)
        end
      end

      # own: Crafts::SeparateLength values.
      def self.own(own) = own.map { |one| row("own", one.wire, one.cut_mm, one.use, one.parts) }

      def self.findings(findings)
        findings.select(&:wire_mm).map do |one|
          Row.new(kind: "finding", count: 1, ids: [one.id], words: "#{Units::Text.wire(one.d)} #{one.material.name}",
            metal: one.material.name, mm: one.d,
            cut_mm: one.wire_mm.ceil, marks: [].freeze, use: one.called,
            parts: [["wire", one.wire_mm].freeze].freeze).freeze
        end
      end

      def self.row(kind, wire, cut_mm, use, parts, count: 1, ids: [wire.id], words: wire.words, marks: [], section: nil)
        Row.new(kind:, count:, ids:, wire:, words:, metal: wire.material.name, mm: wire.mm, cut_mm:, marks:, use:,
          section:, parts:).freeze
      end
      private_class_method :base, :folded, :used_as, :alone?, :working, :own, :findings, :row
    end
  end
end
