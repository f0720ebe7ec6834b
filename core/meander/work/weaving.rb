# frozen_string_literal: true

module Meander
  module Work
    # The steps of weaving one strip: anchor, weave, join on where a length is used up, secure; from the middle outwards one half after
    # the other, the work turned over between them.
    class Weaving
      # plan: of the strip; where: the place the weave begins at, in words; section: its id, nil on a band; copies: how often it is
      # woven; weaves: of the piece, by which the maker's own are called.
      def initialize(plan, where:, weaves:, section: nil, copies: 1)
        @plan = plan
        @layout = plan.layout
        @where = where
        @weaves = weaves
        @section = section
        @copies = copies
      end

      def anchor
        first = @plan.account.lengths.first
        tail = first.half.nil? ? "Begin #{Units::Text.length(first.begin_mm)} from one end of the weaving wire" : "Leave a tail of #{Units::Text.length(first.begin_mm)}"
        step("anchor", "#{tail} and anchor the weaving wire #{@where}.")
      end

      # @return [Array<Step>]
      def weave
        first = [*half(0, ""), secure]
        return first if @layout.sides == 1

        [*first, turned, *half(1, "the second half: "), secure]
      end

      private

      def turned
        shared = @layout.skipped(1)
        on = shared.zero? ? "from there" : "on from the #{Units::Text.count(shared / 2, "wrap")} in the middle, which belong to both halves"
        step("turn", "Turn the work over at the middle and read the second half #{on}.")
      end

      # Repeats of a half.
      def repeats = @plan.fit.repeats / @layout.sides

      # A half's stretches, each woven with the lengths that are on, and the joins between them. what: the half in words.
      def half(number, what)
        begun = @plan.joins.select { |join| join[:half] == number }
        places = [1, *begun.map { |join| join[:repeat] }.uniq.sort]
        places.each_with_index.flat_map do |from, i|
          to = places[i + 1] ? places[i + 1] - 1 : repeats
          [(joined(begun, from) if i.positive?), stretch(from, to, what, whole: places.size == 1, on: i.positive?, half: number)].compact
        end
      end

      def stretch(from, to, what, whole:, on:, half:)
        told = whole ? Units::Text.count(repeats, "repeat") : named(from, to)
        words = on ? "Weave on: #{told}." : "#{each} #{what}#{told} of #{pattern}, #{strands}pushing each wrap up; count aloud."
        step("weave", words, wraps(from, to, half) / @layout.calibration.pace.to_f)
      end

      def named(from, to) = (from == to) ? "repeat #{from}" : "repeats #{from} to #{to}"
      def each = (@copies > 1) ? "In each of the #{@copies} frames weave" : "Weave"
      def pattern = Weave::Samples.words(@plan.piece.pattern, @layout.frame.count, @weaves)

      # Of some repeats, what comes before the first and after the last with them.
      def wraps(from, to, half)
        each, all = @layout.pattern.passes.size, @layout.strip(@plan.fit.repeats).pass_count
        before = @layout.laid.passes_before
        passes = (to - from + 1) * each
        passes += before - @layout.skipped(half) if from == 1
        passes += all - before - (repeats * each) if to == repeats
        @copies * passes / 2.0
      end

      # A length of weaving wire that is used up.
      def joined(begun, from)
        join = begun.find { |one| one[:repeat] == from }
        wires = begun.count { |one| one[:repeat] == from }
        step("join", "Join on #{(wires == 1) ? "a new length" : "new lengths of both wires"} with repeat #{from}, #{join[:on]}.")
      end

      def secure = step("secure", "Secure with three wraps, ending on one wire.")

      def strands
        return if @plan.piece.strands.size == 1

        @plan.piece.in_turn? ? "the two wires in turn, " : "both wires side by side, "
      end

      def step(kind, words, minutes = 0.0) = Step.of(kind, words, @section, minutes, wires: @plan.piece.strands.map(&:id).uniq)
    end
  end
end
