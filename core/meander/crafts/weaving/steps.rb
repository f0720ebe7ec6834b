# frozen_string_literal: true

module Meander
  module Crafts
    module Weaving
      # The order of work of a woven section: shape it, or bend it once it is woven; anchor, weave, join on where a
      # length is used up, secure; from the middle outwards one half after the other, the work turned over between them.
      class Steps
        # context: Work::Context.
        def self.call(woven, context) = new(woven, context).call

        def initialize(woven, context)
          @woven = woven
          @strip = woven.strip
          @layout = woven.layout
          @context = context
          @named = context.called(woven)
        end

        # @return [Array<Step>]
        def call
          [*shaped, anchor, *@woven.gaps.map { |gap| Step.of("bead", "#{gap.words}.", @woven.id) }, *weave, *bend,
            *freed]
        end

        private

        def step(kind, words, minutes = 0.0)
          Step.of(kind, words, @woven.id, minutes, wires: @woven.section.strands.map(&:id).uniq)
        end

        def on_base(kind, words) = Step.of(kind, words, @woven.id, wires: @woven.base.map(&:id).uniq)

        def shaped
          return [on_base("shape", "Bend the frame of #{@named} to #{@woven.words}.")] if @woven.opening

          @woven.shaped_first? ? [on_base("shape", "Bend the wires of #{@named} to #{@woven.words}#{stepped}.")] : []
        end

        def bend
          return [] if @woven.opening || @woven.shaped_first? || @woven.straight?

          [on_base("bend", "Bend it to #{@woven.words}#{stepped}.")]
        end

        def stepped
          longer = @woven.longer.select { |_, mm| mm.positive? }
          needs = longer.map { |number, mm| "#{@woven.base[number].words} needs #{Units::Text.length(mm)} more" }
          needs.any? ? "; #{Units::Text.list(needs)}" : ""
        end

        # Base wires cut away once it holds.
        def freed
          gone = @woven.base.each_index.select { |number| @woven.section.cut_away?(number) }
          return [] if gone.empty?

          named = Units::Text.list(gone.map { |number| "wire #{number + 1}" })
          [Step.of("secure", "Cut #{named} away; file the stubs, no end may stand out.", @woven.id,
            wires: gone.map { |number| @woven.base[number].id })]
        end

        def anchor
          first = @strip.account.lengths.first
          tail = first.half.nil? ? "Begin #{Units::Text.length(first.begin_mm)} from one end of the weaving wire" :
            "Leave a tail of #{Units::Text.length(first.begin_mm)}"
          step("anchor", "#{tail} and anchor the weaving wire #{where}.")
        end

        # From the middle it begins at the middle mark, else where the weave starts: at the start mark of the first
        # wire, where that has one section only.
        def where
          return "at the middle mark" if @layout.sides == 2

          mark = @context.start_mark_mm(@woven)
          return "at the start mark, #{Units::Text.length(mark)} from the end" if mark

          from = @woven.marks(0).first[0]
          (from < 0.5) ? "where #{@named} begins" : "#{Units::Text.length(from)} into #{@named}"
        end

        def weave
          first = [*half(0, ""), secure]
          return first if @layout.sides == 1

          [*first, turned, *half(1, "the second half: "), secure]
        end

        def turned
          shared = @layout.skipped(1)
          on = shared.zero? ? "from there" :
            "on from the #{Units::Text.count(shared / 2, "wrap")} in the middle, which belong to both halves"
          step("turn", "Turn the work over at the middle and read the second half #{on}.")
        end

        # Repeats of a half.
        def repeats = @strip.repeats / @layout.sides

        # A half's stretches, each woven with the lengths that are on, and the joins between them. what: the half in
        # words.
        def half(number, what)
          begun = @strip.joins.select { |join| join[:half] == number }
          places = [1, *begun.map { |join| join[:repeat] }.uniq.sort]
          places.each_with_index.flat_map do |from, i|
            to = places[i + 1] ? places[i + 1] - 1 : repeats
            [(joined(begun, from) if i.positive?),
              stretch(from, to, what, whole: places.size == 1, on: i.positive?, half: number)].compact
          end
        end

        def stretch(from, to, what, whole:, on:, half:)
          told = whole ? Units::Text.count(repeats, "repeat") : named(from, to)
          words = on ? "Weave on: #{told}." :
            "#{each} #{what}#{told} of #{@strip.words}, #{strands}pushing each wrap up; count aloud."
          step("weave", words, wraps(from, to, half) / @layout.calibration.pace.to_f)
        end

        def named(from, to) = (from == to) ? "repeat #{from}" : "repeats #{from} to #{to}"
        def each = (@woven.copies > 1) ? "In each of the #{@woven.copies} frames weave" : "Weave"

        # Of some repeats, what comes before the first and after the last with them.
        def wraps(from, to, half)
          each, all = @layout.pattern.passes.size, @layout.strip(@strip.repeats).pass_count
          before = @layout.weave.passes_before
          passes = (to - from + 1) * each
          passes += before - @layout.skipped(half) if from == 1
          passes += all - before - (repeats * each) if to == repeats
          @woven.copies * passes / 2.0
        end

        # A length of weaving wire that is used up.
        def joined(begun, from)
          join = begun.find { |one| one[:repeat] == from }
          wires = begun.count { |one| one[:repeat] == from }
          step("join",
            "Join on #{(wires == 1) ? "a new length" : "new lengths of both wires"} with repeat #{from}, #{join[:on]}.")
        end

        def secure = step("secure", "Secure with three wraps, ending on one wire.")

        def strands
          return if @woven.section.strands.size == 1

          @woven.section.in_turn? ? "the two wires in turn, " : "both wires side by side, "
        end
      end
    end
  end
end
