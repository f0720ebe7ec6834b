# frozen_string_literal: true

module Meander
  module Beads
    # In what order beads are strung before the work begins: what is used first is strung last, next to the working end.
    module Stringing
      # wire: its words; section: where it is used; runs: [[Kind, how many], ...] as they are strung; length_mm: of all of them on the
      # wire; copies: how many such strings are made, one for each copy of the section.
      String = Struct.new(:wire, :section, :runs, :length_mm, :copies, keyword_init: true) do
        def count = runs.sum(&:last)
        def to_h = {wire:, section:, length_mm:, copies:, runs: runs.map { |kind, times| {bead: kind.id, name: kind.name, times:} }}
      end

      # All placements on one section's weaving wire go on one string, in the order the weave comes to them; every other has its own.
      def self.call(rules)
        woven, own = rules.partition { |rule| rule.is_a?(Woven) }
        together = woven.group_by { |rule| rule.fields[:section] }.map { |section, group| string(group, section, group.flat_map(&:lying).sort_by { |one| one.at[0] }) }
        (together + own.map { |rule| string([rule], rule.fields[:section], rule.lying) }).reject { |one| one.count.zero? }
      end

      def self.string(rules, section, lying)
        runs = lying.reverse.slice_when { |one, other| one.kind.id != other.kind.id }.map { |run| [run.first.kind, run.size] }
        String.new(wire: rules.first.thread.words, section:, runs:, length_mm: lying.sum { |one| one.kind.along_mm }, copies: rules.first.ground.copies).freeze
      end
      private_class_method :string
    end
  end
end
