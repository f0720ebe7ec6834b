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
        steps.concat(strung)
        @plan.sections.reject(&:laced?).each { |section| steps.concat(section.woven? ? woven(section) : bent(section)) }
        steps.concat(@plan.lacings.map { |lacing| lace(lacing) })
        steps.concat(beads)
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
        [*added(section), *shaped(section), anchor(section), weave(section), *joined(section), *turned(section), *bend(section), secure(section), *freed(section)]
      end

      def shaped(section)
        return [step("shape", "Bend the frame of #{called(section)} to #{section.words}.", section.id)] if section.opening

        section.shaped_first? ? [step("shape", "Bend the wires of #{called(section)} to #{section.words}#{stepped(section)}.", section.id)] : []
      end

      def bend(section)
        return [] if section.opening || section.shaped_first? || section.words == "a straight strip"

        [step("bend", "Bend it to #{section.words}#{stepped(section)}.", section.id)]
      end

      # A length of weaving wire that is used up.
      def joined(section)
        joins = section.plan.joins
        return [] if joins.empty?

        repeats = joins.map { |join| join[:repeat] }.uniq
        [step("join", "Join on a new length at #{(repeats.size == 1) ? "repeat" : "repeats"} #{Units::Text.list(repeats.map(&:to_s))}, #{joins.first[:on]}.", section.id)]
      end

      # Base wires that only led on to here are cut away once the section holds.
      def freed(section)
        cut = @plan.places.fetch(section.id)[:cut_away] || []
        return [] if cut.empty?

        gone = Units::Text.list(cut.map { |id| "wire #{section.base.index(id) + 1}" })
        [step("secure", "Cut #{gone} away between #{called(section)} and the one before it; file the stubs, no end may stand out.", section.id)]
      end

      # Beads woven in are strung before the weave begins; beads on the bent wire before it is bent past them.
      def strung
        @plan.beads.select { |rule| rule.is_a?(Beads::Woven) || rule.is_a?(Beads::Strung) || rule.is_a?(Beads::Framed) }.reject { |rule| rule.count.zero? }.map do |rule|
          behind = rule.is_a?(Beads::Woven) ? "the weaving wire before it is anchored, behind a stop bend, and slide one up at each place" : "the wire before its end is bent"
          step("bead", "String #{rule.count} of #{rule.kind.words} on #{behind}.", rule.fields[:section])
        end
      end

      def beads
        @plan.beads.reject { |rule| rule.own_mm.nil? || rule.count.zero? }.map do |rule|
          own = Beads::Own.call(@plan.piece, [rule], @plan.calibration).first
          step("bead", "With #{own.cut_mm} mm of #{own.wire.words} set #{rule.words}; try the row dry first, every one of a pair takes the same number.", rule.fields[:section],
own.wraps / @plan.calibration.pace.to_f)
        end
      end

      # Rows are laced once both lie ready.
      def lace(lacing)
        rows = Units::Text.list(lacing.rows.map { |row| called(row) })
        how = lacing.tied? ? "Tie #{rows} where they meet" : "Lace #{rows} together"
        where = (lacing.places.size == 1) ? "at one place" : "at #{lacing.places.size} places"
        each = "#{Units::Text.count(lacing.section[:wraps], "wrap")} round #{lacing.tied? ? "both" : "each"}"
        step("join", "#{how} with #{lacing.own_length.cut_mm} mm of #{lacing.wire.words}, #{where}, #{each}; tuck both ends in at the back.", lacing.id, lacing.wraps / @plan.calibration.pace.to_f)
      end

      def anchor(section)
        from = section.marks(section.base.first).first[0]
        where = (from < 0.5) ? "where #{called(section)} begins" : "#{Units::Text.length(from)} into #{called(section)}"
        first = section.plan.account.lengths.first
        tail = first.half.nil? ? "Begin #{Units::Text.length(first.begin_mm)} from one end of the weaving wire" : "Leave a tail of #{Units::Text.length(first.begin_mm)}"
        step("anchor", "#{tail} and anchor the weaving wire #{where}.", section.id)
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
        slid = @plan.own_lengths.select { |own| own.kind == "cover" }.map do |own|
          step("end", "Wind #{own.cut_mm} mm of #{own.wire.words} on a mandrel as thick as the base wire and slide it over: it #{own.use}.", nil, own.wraps / @plan.calibration.pace.to_f)
        end
        bent = @plan.piece.document[:endings].reject { |one| QUIET.include?(one[:kind]) }
        slid + bent.map { |ending| step("end", "#{Units::Text.sentence(@plan.built_ending(ending).words)} at the #{ending[:side]}.") } + hung
      end

      def hung
        @plan.piece.findings.map do |finding|
          article = finding.words.match?(/\A[aeiou]/) ? "an" : "a"
          made = finding.wire_mm ? "Make #{finding.words} from #{finding.wire_mm.ceil} mm of wire and hang them" : "Hang #{article} #{finding.words}"
          step("end", "#{made} at the #{finding.side}.")
        end
      end
    end
  end
end
