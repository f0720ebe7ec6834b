# frozen_string_literal: true

module Meander
  module Crafts
    module Weaving
      # How a woven section grows from step to step: which passes are made with each, where they lie along the strip.
      class Progress
        # woven: Weaving::Woven.
        def initialize(woven)
          @id = woven.id
          @layout = woven.layout
          @all = woven.repeats
          @made = 0
        end

        # The next passes: of some repeats of a half (0, or 1 for the second), with what comes before the first and
        # after the last.
        # @return [Step::Made]
        def made(from, to, half)
          before = @made
          @made += passes(from, to, half)
          Step::Made.new(of: "weave", id: @id, from: before, to: @made, all: @layout.passes(@all),
            along: along(from, to, half)).freeze
        end

        private

        # Repeats of a half.
        def repeats = @all / @layout.sides

        def passes(from, to, half)
          each, all = @layout.pattern.passes.size, @layout.strip(@all).pass_count
          before = @layout.weave.passes_before
          passes = (to - from + 1) * each
          passes += before - @layout.skipped(half) if from == 1
          passes += all - before - (repeats * each) if to == repeats
          passes
        end

        # In mm from where it is woven first, see Account#joins.
        def along(from, to, half)
          ends = [(from == 1) ? 0.0 : @layout.weave.repeat_from_mm(from),
            (to == repeats) ? @layout.strip(@all).woven_mm : @layout.weave.repeat_from_mm(to + 1)]
          return ends if @layout.sides == 1

          begun = @layout.weave.second(repeats).woven_mm
          ends.map { |mm| begun + (half.zero? ? mm : @layout.shared_mm(@all) - mm) }.sort
        end
      end
    end
  end
end
