# frozen_string_literal: true

module Meander
  module Work
    # The steps of weaving one strip: anchor, weave, join on, turn over, secure.
    class Weaving
      # plan: of the strip; where: the place the weave begins at, in words; section: its id, nil on a band; copies: how often it is
      # woven; weaves: of the piece, by which the maker's own are called.
      def initialize(plan, where:, weaves:, section: nil, copies: 1)
        @plan = plan
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

      def weave
        repeats, layout = @plan.fit.repeats, @plan.layout
        each = (@copies > 1) ? "In each of the #{@copies} frames weave" : "Weave"
        wraps = @copies * layout.passes(repeats) / 2
        step("weave", "#{each} #{Units::Text.count(repeats, "repeat")} of #{Weave::Samples.words(@plan.piece.pattern, layout.frame.count, @weaves)}, " \
                      "#{strands}pushing each wrap up; count aloud.", wraps / layout.calibration.pace.to_f)
      end

      # A length of weaving wire that is used up.
      def joined
        joins = @plan.joins
        return [] if joins.empty?

        repeats = joins.map { |join| join[:repeat] }.uniq
        [step("join", "Join on a new length at #{(repeats.size == 1) ? "repeat" : "repeats"} #{Units::Text.list(repeats.map(&:to_s))}, #{joins.first[:on]}.")]
      end

      # From the middle the second half is woven with the work turned over.
      def turned = (@plan.layout.sides == 2) ? [step("turn", "Turn the work over at the middle and read the second half from there.")] : []
      def secure = step("secure", "Secure with three wraps, ending on one wire.")

      private

      def strands
        return if @plan.piece.strands.size == 1

        @plan.piece.in_turn? ? "the two wires in turn, " : "both wires side by side, "
      end

      def step(kind, words, minutes = 0.0) = Step.of(kind, words, @section, minutes)
    end
  end
end
