# frozen_string_literal: true

module Meander
  module Built
    # The order a maker works in: cut, shape, anchor, weave, bend, add, join, secure, end; what is done, in words.
    class OrderOfWork
      # kind: cut, shape, add, anchor, weave, turn, bend, join, secure, end or pair; section: its id or nil; minutes: of weaving.
      # Endings that are no step of their own.
      QUIET = %w[plain fold].freeze
      Step = Struct.new(:kind, :words, :section, :minutes, keyword_init: true)

      def self.call(plan) = new(plan).call

      def initialize(plan)
        @plan = plan
        @laid = []
      end

      def call
        steps = [step("cut", "Cut #{Units::Text.list(@plan.cuts.map { |cut| "#{cut.cut_mm} mm of #{cut.words}" })}; straighten and mark them.")]
        @plan.sections.each { |section| steps.concat(section.woven? ? woven(section) : bent(section)) }
        steps.concat(endings)
        steps << step("pair", "Make the second one as its mirror image: same counts, same marks, what turns to the left now turns to the right.") if @plan.pair?
        steps << step("end", "Feel for sharp ends, check the size and both faces against the printed template.")
      end

      private

      def step(kind, words, section = nil, minutes = 0.0) = Step.new(kind:, words:, section:, minutes:).freeze
      def called(section) = "section #{@plan.sections.index(section) + 1}"

      def added(section)
        fresh = section.base - @laid
        @laid |= section.base
        return [] if fresh.empty? || section == @plan.sections.first

        [step("add", "Add #{Units::Text.list(fresh.map { |id| @plan.piece.wire(id).words })} for #{called(section)}.", section.id)]
      end

      def bent(section) = [*added(section), step("shape", "Bend #{section.words} for #{called(section)}: #{Units::Text.length(section.length_mm)} of wire from mark to mark.", section.id)]

      def woven(section)
        shape = section.opening ? [step("shape", "Bend the frame of #{called(section)} to #{section.words}.", section.id)] : []
        bend = (section.opening || section.words == "a straight strip") ? [] : [step("bend", "Bend it to #{section.words}#{stepped(section)}.", section.id)]
        [*added(section), *shape, anchor(section), weave(section), *turned(section), *bend, secure(section)]
      end

      def anchor(section)
        from = section.marks(section.base.first).first[0]
        where = (from < 0.5) ? "where #{called(section)} begins" : "#{Units::Text.length(from)} into #{called(section)}"
        step("anchor", "Leave a tail of #{Units::Text.length(@plan.piece.allowance_mm(:tail))} and anchor the weaving wire #{where}.", section.id)
      end

      def weave(section)
        repeats, frames = section.plan.fit.repeats, section.copies
        each = (frames > 1) ? "In each of the #{frames} frames weave" : "Weave"
        step("weave", "#{each} #{Units::Text.count(repeats, "repeat")} of #{Weave::Samples.words(section.plan.piece.pattern, section.plan.layout.frame.count, @plan.piece.document[:weaves])}, " \
                      "pushing each wrap up; count aloud.", section.id, section.wraps / @plan.calibration.pace.to_f)
      end

      # From the middle the second half is woven with the work turned over.
      def turned(section)
        (section.plan.layout.sides == 2) ? [step("turn", "Turn the work over at the middle and read the second half from there.", section.id)] : []
      end

      def secure(section) = step("secure", "Secure with three wraps, ending on one wire.", section.id)

      def stepped(section)
        longer = section.steps.select { |_, mm| mm.positive? }
        longer.any? ? "; #{Units::Text.list(longer.map { |id, mm| "#{@plan.piece.wire(id).words} needs #{Units::Text.length(mm)} more" })}" : ""
      end

      def endings
        @plan.piece.document[:endings].reject { |one| QUIET.include?(one[:kind]) }.map { |ending| step("end", "#{Units::Text.sentence(@plan.built_ending(ending).words)} at the #{ending[:side]}.") }
      end
    end
  end
end
