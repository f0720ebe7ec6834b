# frozen_string_literal: true

module Meander
  module Beads
    # Gaps between base wires that are wider than the weave keeps by itself, and the beads that hold one while it is
    # woven: a bead as wide as the gap, threaded on a scrap of wire and pushed along.
    module Spacer
      # A wanted gap: the section's id, which wires it lies between, and how wide it stands, in mm.
      Gap = Struct.new(:section, :between, :clear_mm) do
        def to_h = {section:, between:, clear_mm:, words:}

        def words = Spacer.words([self])
      end
      # A kind that holds a gap: lies as its hole lies, along the strip or across it; off_mm: how much wider it is than
      # the gap.
      Hold = Struct.new(:kind, :lies, :off_mm) do
        def to_h = {id: kind.id, name: kind.name, words: kind.words, lies:, off_mm:, guessed: kind.guessed}
      end

      # A weave keeps its wires apart by its own wire; gaps wider than so many of it drift (our choice, no source).
      DRIFTS = 2.0
      # How far a bead may be off the gap, in mm (our choice, no source).
      OFF_MM = 0.15

      # What is done about gaps that are held alike.
      def self.words(gaps)
        one, all = gaps.one?, gaps.map(&:between)
        "Hold the #{one ? "gap" : "gaps"} of #{Units::Text.length(gaps.first.clear_mm)} #{Units::Text.list(all)} " \
          "with #{one ? "a bead" : "beads"} of that size#{", each" unless one} threaded on a scrap of wire: push " \
          "#{one ? "it" : "them"} along after every repeat, take #{one ? "it" : "them"} off before the last one"
      end

      # The gaps of a strip that ask to be held: [Gap, ...].
      def self.gaps(layout, id)
        spacing, wires = layout.section[:spacing], layout.section.base.size
        return [] unless spacing[:kind] == "apart"

        spacing[:clear].each_with_index.select { |clear, _| clear.mm > DRIFTS * layout.frame.wire_mm }.map do |clear, i|
          Gap.new(id, (wires == 2) ? "between the two wires" : "between wires #{i + 1} and #{i + 2}", clear.mm).freeze
        end
      end

      # Which kinds hold a gap, nearest first, measured ones before guessed: [Hold, ...].
      def self.call(kinds, gap_mm)
        found = kinds.flat_map do |kind|
          {"along" => kind.across_mm, "across" => kind.along_mm}.map { |lies, mm| Hold.new(kind, lies, mm - gap_mm) }
        end
        fit = found.select { |hold| hold.off_mm.abs <= OFF_MM + 1e-9 }.group_by(&:kind).values.map do |holds|
          holds.min_by { |hold| hold.off_mm.abs }
        end
        fit.sort_by { |hold| [hold.kind.guessed? ? 1 : 0, hold.off_mm.abs, hold.kind.name] }
      end
    end
  end
end
