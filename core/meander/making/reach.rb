# frozen_string_literal: true

module Meander
  module Making
    # Whether the lengths of a making still reach, as they were really cut, used and joined; and where one that does not
    # is used up.
    class Reach
      # Less than this is not told, in mm.
      LEAST_MM = 0.5

      # steps: as planned (see Steps); states: of each what happened (see Account); counts: how many of what is counted
      # each comes to.
      # @return [Array<Hash>] of:, cut_mm:, left_mm: what is left to hold by, below 0 where it is short, words:; only of
      #   lengths that are other than planned
      def self.call(steps, states, counts) = new(steps, states, counts).call

      def initialize(steps, states, counts)
        @steps = steps
        @states = states
        @counts = counts
      end

      def call
        @steps.each_with_index.flat_map do |step, at|
          step[:cuts].each_with_index.filter_map { |cut, i| told(cut, @states[at]["cuts"][i.to_s]) }
        end
      end

      private

      def say(mm) = Units::Text.length(mm)

      def told(cut, really)
        left = (really || cut[:mm]) - cut[:mm] + cut[:spare_mm] + joined(cut) - longer(cut)
        return if (left - cut[:spare_mm]).abs < LEAST_MM

        name = Units::Text.sentence(cut[:words])
        {of: cut[:of], cut_mm: really || cut[:mm], left_mm: left, words: words(cut, name, left)}
      end

      # What is joined on is held by at three ends more: where the length before ends, and at both of its own.
      def joined(cut)
        joins = @states.flat_map { |state| state["joins"] || [] }.select { |join| join["of"] == cut[:of] }
        joins.sum { |join| join["mm"] - (2 * cut[:tail_mm]) }
      end

      def users(cut)
        @steps.each_index.filter_map do |i|
          take = @steps[i][:takes].find { |one| one[:of] == cut[:of] }
          [i, take[:mm]] if take
        end
      end

      def longer(cut) = users(cut).sum { |i, mm| (@counts[i] - @steps[i][:count]) * mm }

      def words(cut, name, left)
        return short(cut, name, -left) if left.negative?
        enough = left >= 2 * cut[:tail_mm]
        return "#{name}: it reaches, #{say(left)} are left to hold by and to trim." if enough

        "#{name}: it just reaches, only #{say(left)} are left to hold by instead of #{say(cut[:spare_mm])}. " \
          "Trim nothing before all is done."
      end

      def short(cut, name, mm)
        at, each = users(cut).last
        said = "#{name}: it is #{say(mm)} too short."
        return "#{said} Cut it anew, or make its ends as much shorter." unless at && joins?(cut, at)

        unit = @steps[at][:units].last
        past = ((@counts[at] - (mm / each)) / unit[:each]).floor.clamp(0, nil)
        "#{said} It is used up after #{Units::Text.count(past, unit[:name], unit[:many])} of this: join on there " \
          "with #{say((mm + (3 * cut[:tail_mm])).ceil)} of the same, where it is seen least."
      end

      # A wire that is woven round is not joined in the middle.
      def joins?(cut, at) = cut[:of].include?("/") || @steps[at][:craft] != "weave"
    end
  end
end
