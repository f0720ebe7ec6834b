# frozen_string_literal: true

module Meander
  module Work
    # The order of work of a piece put together from sections: cut, shape, anchor, weave, bend, add, join, secure, end.
    class OfSections
      # plan: Built::Plan.
      def self.call(plan) = new(plan).call

      def initialize(plan)
        @plan = plan
        @laid = []
      end

      def call
        steps = [Cutting.call(@plan, "straighten the base wires and mark them")]
        steps.concat(Beading.strung(@plan))
        @plan.sections.reject(&:laced?).each { |section| steps.concat(section.woven? ? woven(section) : bent(section)) }
        steps.concat(@plan.lacings.map { |lacing| lace(lacing) })
        steps.concat(Beading.set(@plan, @plan.calibration))
        steps.concat(covers)
        steps.concat(Finishing.call(@plan.piece) { |one| @plan.built_ending(one) })
        steps << step("pair", "Make the second one as its mirror image: same counts, same marks, what turns to the left now turns to the right.") if @plan.pair?
        steps << Finishing.look("the printed template")
      end

      private

      def step(kind, words, section = nil, minutes = 0.0, wires: []) = Step.of(kind, words, section, minutes, wires:)
      def called(section) = "section #{@plan.sections.index(section) + 1}"

      def added(section)
        fresh = section.base - @laid
        @laid |= section.base
        return [] if fresh.empty? || section == @plan.sections.first

        [step("add", "Add #{Units::Text.list(fresh.map { |id| @plan.piece.wire(id).words })} for #{called(section)}.", section.id, wires: fresh)]
      end

      def bent(section)
        [*added(section), step("shape", "Bend #{section.words} for #{called(section)}: #{Units::Text.length(section.length_mm)} of wire from mark to mark.", section.id, wires: section.base)]
      end

      def woven(section)
        weaving = weaving(section)
        [*added(section), *shaped(section), weaving.anchor, *Beading.held(Beads::Spacer.gaps(section.plan.layout, section.id)), *weaving.weave, *bend(section), *freed(section)]
      end

      def shaped(section)
        return [step("shape", "Bend the frame of #{called(section)} to #{section.words}.", section.id, wires: section.base)] if section.opening

        section.shaped_first? ? [step("shape", "Bend the wires of #{called(section)} to #{section.words}#{stepped(section)}.", section.id, wires: section.base)] : []
      end

      def bend(section)
        return [] if section.opening || section.shaped_first? || section.words == "a straight strip"

        [step("bend", "Bend it to #{section.words}#{stepped(section)}.", section.id, wires: section.base)]
      end

      # Base wires that only led on to here are cut away once the section holds.
      def freed(section)
        cut = @plan.places.fetch(section.id)[:cut_away] || []
        return [] if cut.empty?

        gone = Units::Text.list(cut.map { |id| "wire #{section.base.index(id) + 1}" })
        [step("secure", "Cut #{gone} away between #{called(section)} and the one before it; file the stubs, no end may stand out.", section.id, wires: cut)]
      end

      # Rows are laced once both lie ready.
      def lace(lacing)
        rows = Units::Text.list(lacing.rows.map { |row| called(row) })
        how = lacing.tied? ? "Tie #{rows} where they meet" : "Lace #{rows} together"
        where = (lacing.places.size == 1) ? "at one place" : "at #{lacing.places.size} places"
        each = "#{Units::Text.count(lacing.section[:wraps], "wrap")} round #{lacing.tied? ? "both" : "each"}"
        step("join", "#{how} with #{lacing.own_length.cut_mm} mm of #{lacing.wire.words}, #{where}, #{each}; tuck both ends in at the back.", lacing.id, lacing.wraps / @plan.calibration.pace.to_f,
wires: [lacing.wire.id])
      end

      def weaving(section)
        from = section.marks(section.base.first).first[0]
        where = (from < 0.5) ? "where #{called(section)} begins" : "#{Units::Text.length(from)} into #{called(section)}"
        Weaving.new(section.plan, where:, weaves: @plan.piece.document[:weaves], section: section.id, copies: section.copies)
      end

      def stepped(section)
        longer = section.steps.select { |_, mm| mm.positive? }
        longer.any? ? "; #{Units::Text.list(longer.map { |id, mm| "#{@plan.piece.wire(id).words} needs #{Units::Text.length(mm)} more" })}" : ""
      end

      def covers
        @plan.own_lengths.select { |own| own.kind == "cover" }.map do |own|
          step("end", "Wind #{own.cut_mm} mm of #{own.wire.words} on a mandrel as thick as the base wire and slide it over: it #{own.use}.", nil, own.wraps / @plan.calibration.pace.to_f,
wires: [own.wire.id])
        end
      end
    end
  end
end
