# frozen_string_literal: true

module Meander
  module Beads
    # In what order beads are strung before the work begins: what is used first is strung last, next to the working end.
    module Stringing
      # wire: its words; section: where it is used; share: which repeats its length weaves, in words, empty where it
      # weaves all; runs: [[Kind, how many], ...] as they are strung; length_mm: of all of them on the wire; copies: how
      # many such strings are made, one for each copy of the section.
      BeadString = Struct.new(:wire, :section, :share, :runs, :length_mm, :copies, keyword_init: true) do
        def count = runs.sum(&:last)

        def to_h
          {wire:, section:, share:, length_mm:, copies:,
            runs: runs.map { |kind, times| {bead: kind.id, name: kind.name, times:} }}
        end
      end

      # All placements on one section's weaving wire go on one string for each of its working lengths, in the order the
      # weave comes to them; what is braided in one for each strand; what is crocheted in one for its wires, all kinds
      # of it in the order of the stitches; every other has its own.
      def self.call(rules)
        of = ->(kind) { rules.grep(kind).group_by { |rule| rule.fields[:section] }.values }
        own = rules.reject { |rule| [Woven, Braided, Crocheted].any? { |kind| rule.is_a?(kind) } }
        [*of[Woven].flat_map { |group| lengths(group) }, *rules.grep(Braided).flat_map { |rule| by_strand(rule) },
          *of[Crocheted].flat_map { |group| by_stitch(group) },
          *own.map { |rule| string([rule], rule.lying) }].reject { |one| one.count.zero? }
      end

      # The strings of one section's woven placements, one for each of its working lengths, empty ones with them. In the
      # order of the wire: in that of the work, or, where one length weaves both halves from its middle, from its
      # one end over the first pass of each half to its other end.
      def self.lengths(rules)
        strip = rules.first.site.strip
        lengths = strip.account.lengths
        used = rules.flat_map(&:lying).group_by { |one| woven_in(strip, one.pass) }
        lengths.map do |length|
          halves = length.half ? [length.half] : (0...strip.layout.sides)
          repeats = (length.first..length.last).select { |repeat| turn?(strip, length, repeat) }
          lying = halves.to_a.product(repeats).flat_map { |half, repeat| used.fetch([half, repeat], []) }
          lying = lying.sort_by { |one| length.half ? one.pass : along_the_wire(strip, one.pass) }
          string(rules, lying, wire: strip.section.strands[length.strands.first].words,
            share: share(strip, length, lengths))
        end
      end

      # Which half a pass belongs to and which repeat of it, what comes before the first and after the last with them.
      def self.woven_in(strip, pass)
        layout = strip.layout
        half, number = layout.half_of(pass, strip.repeats)
        [half, ((number + layout.skipped(half) - layout.weave.passes_before) / layout.pattern.passes.size).clamp(0,
          (strip.repeats / layout.sides) - 1) + 1]
      end

      # A pass counted outwards from the middle of the wire, the second half below 0.
      def self.along_the_wire(strip, pass)
        half, number = strip.layout.half_of(pass, strip.repeats)
        half.zero? ? number : -1 - number
      end

      # Two wires that take turns have each their own repeats.
      def self.turn?(strip, length, repeat) = !strip.section.in_turn? || length.strands == [(repeat - 1) % 2]

      def self.share(strip, length, lengths)
        return "" if lengths.size == 1

        half = {0 => " of the first half", 1 => " of the second half"}[length.half] if strip.layout.sides == 2
        "repeats #{length.first} to #{length.last}#{half}"
      end

      # One string for each strand that carries some.
      def self.by_strand(rule)
        rule.shares.map do |strand, count|
          string([rule], Array.new(count, rule.lying.first), share: "strand #{strand + 1}")
        end
      end

      # One string for all wires that are held together, or for each that takes turns.
      def self.by_stitch(rules)
        all = rules.reject { |rule| rule.lying.empty? }.flat_map { |rule|
          rule.strung.map { |who, at|
            [who, at, rule]
          }
        }
        all.group_by(&:first).sort.map do |who, own|
          string(rules, own.sort_by { |_, at, _| at }.map { |_, _, rule| rule.lying.first }, share: who)
        end
      end

      def self.string(rules, lying, wire: rules.first.thread.words, share: "")
        runs = lying.reverse.slice_when { |one, other| one.kind.id != other.kind.id }.map do |run|
          [run.first.kind, run.size]
        end
        BeadString.new(wire:, section: rules.first.fields[:section], share:, runs:,
          length_mm: lying.sum { |one| one.kind.along_mm }, copies: rules.first.site.copies).freeze
      end
      private_class_method :along_the_wire, :woven_in, :turn?, :share, :string, :by_strand, :by_stitch
    end
  end
end
