# frozen_string_literal: true

module Meander
  module Work
    # What a section's steps are told with: what sections and wires are called, where on its first base wire a weave
    # begins, and what is strung on the lengths it is woven with.
    class Context
      def initialize(plan)
        @plan = plan
        @begun = plan.runs.to_h { |run| [run.wire.id, run] }
        @strung = strung.freeze
      end

      # "section 2", or what the only one is called.
      def called(section) = @plan.called(section) || "the piece"

      # The same of one by its id.
      def called_by(id) = called(worked(id))

      # A section as it is worked (Crafts::Worked), by its id.
      def worked(id) = @plan.placed.section(id)

      # The same where it is bent or begun.
      def part(section) = @plan.called(section) || (section.straight? ? "the strip" : "the piece")

      # What a sentence about one of several sections begins with.
      def prefix(section) = @plan.called(section)&.then { |called| "in #{called} " } || ""

      # How far from the end of a base wire a section's weave begins on it; nil where other sections, or a fold, come
      # before it on that wire.
      def start_mark_mm(section, number) = @begun.fetch(section.base[number].id).start_mark_mm(section, number)

      # Where a section of one wire lies on it, in mm; nil where that wire lies in no other.
      def within_mm(section) = @begun.fetch(section.base.first.id).within_mm(section)

      # How much of a base wire that a section folds lies on either side of its fold, that of a seat first, in mm.
      def legs_mm(section, number)
        run = @begun.fetch(section.base[number].id)
        before = run.parts.take_while { |part| part.kind != "fold" }.sum(&:mm)
        before += run.parts.find { |part| part.kind == "fold" }.mm / 2
        legs = [before, run.total_mm - before]
        (run.stops.first.then { |stop| stop.section == section && stop.number == number }) ? legs : legs.reverse
      end

      # Does a base wire come on from a section before this one?
      def worked_before?(wire, section)
        @plan.sections.take_while { |one| one.id != section.id }.any? { |one| one.base.include?(wire) }
      end

      # What is strung on a length it is woven with (Crafts::Weaving::Account::Length), in words; nil where nothing is.
      def beads(section, length) = @strung[[section.id, length]]

      # Where the beads that are woven into a section belong, in words.
      def places(section) = woven.fetch(section.id).map(&:words).join("; ")

      private

      def woven = @plan.beads.grep(Beads::Woven).group_by { |rule| rule.fields[:section] }

      def strung
        woven.flat_map { |id, rules|
          lengths = rules.first.site.strip.account.lengths
          lengths.zip(Beads::Stringing.lengths(rules)).map { |length, string| [[id, length], Beading.told(string)] }
        }.to_h
      end
    end
  end
end
