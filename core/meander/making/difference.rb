# frozen_string_literal: true

module Meander
  module Making
    # What it comes to that another count was made than planned: how much longer, whether it can be hidden, what the
    # other half or the partner must do.
    class Difference
      # A share of its length that a pin hides, pushing neighbours over, and over how many repeats at the most (common
      # practice, no source).
      HIDDEN, OVER = 0.03, 12

      # step: see Steps; made, wanted: so many of the finest that is counted; other: whether it is done once more, like
      # this one; as_first: whether it should have been as another one was.
      def initialize(step, made, wanted, other:, as_first:)
        @step = step
        @made = made
        @wanted = wanted
        @other = other
        @as_first = as_first
      end

      def longer_mm = (@made - @wanted) * @step[:mm].to_f

      def words = ["#{counted}#{by}.", hidden, partner].compact.join(" ")

      # "33 repeats instead of 34"
      def counted = "#{figure(@made)} #{unit[:many]} instead of #{figure(@wanted)}"

      private

      def unit = @step[:units].last

      # In whole ones, or with what is over.
      def figure(count) = Units::Text.number(count / unit[:each].to_f, 2)

      def by
        mm = longer_mm
        return "" if mm.zero?

        ": #{Units::Text.length(mm.abs)} #{mm.negative? ? "shorter" : "longer"} than planned"
      end

      def hidden
        mm = longer_mm.abs
        return if mm.zero? || @wanted.zero?

        whole = @wanted * @step[:mm]
        return "That shows: unpick to there, or let it be seen on purpose." if mm > HIDDEN * whole

        over = [@wanted / unit[:each], OVER].min.clamp(1, nil)
        spread(Units::Text.count(over, unit[:name], unit[:many]), longer_mm.positive?, Units::Text.length(mm / over))
      end

      # Coils can be pushed over afterwards, all else is worked a little otherwise from there on.
      def spread(some, longer, each)
        return "A pin hides it: push the #{some} beside it #{longer ? "together" : "apart"}, #{each} each." if woven?

        "Work the next #{some} a little #{longer ? "closer" : "looser"}, #{each} each: nobody sees it."
      end

      def woven? = @step[:craft] == "weave"

      def partner
        return "It parts from the first here: undo it, or change the first." if @as_first

        "Make the other one the same: it is counted so." if @other
      end
    end
  end
end
