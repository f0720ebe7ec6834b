# frozen_string_literal: true

module Meander
  module Advice
    module Weave
      # Gaps wide enough for a coil to slip over the one beside it, and not wide enough for both to lie side by side: there how far a
      # repeat rises depends on how hard it is pushed. Told where it does.
      module RidesOver
        # Clear gaps, in weaving wires.
        GAPS = 2.0..3.5
        # Repeats that differ by a smaller share are not worth telling.
        TOLD = 0.05

        def self.call(woven)
          return if woven.profile || woven.pitch_mm || gaps(woven).empty?

          hard, lightly = Planner::Calibration::LEANS.values_at("hard", "lightly").map { |lean| Meander::Weave::Repeat.new(woven.frame, woven.repeat.walk, lean:).advance_mm }
          return if lightly < hard * (1 + TOLD)

          item(woven, *[lightly, hard].map { |rise| [(woven_mm(woven) / rise).round, 1].max * woven.sides })
        end

        # Gaps between base wires that the wire goes through and in which coils may ride over each other.
        def self.gaps(woven)
          clear = woven.frame.clear_mm
          woven.repeat.walk.visited.select { |gap| gap.positive? && gap <= clear.size && GAPS.cover?((clear[gap - 1] / woven.frame.wire_mm).round(6)) }
        end

        # How far the repeats of a strip, or of a half of it, reach.
        def self.woven_mm(woven) = woven.strip.runs.find { |run| run.repeat.equal?(woven.repeat) }.woven_mm

        def self.item(woven, fewest, most)
          Item.new(id: "coils-ride-over", severity: "note", place: "/sections/0/spacing",
                   title: "Coils can ride over each other at this gap: #{fewest} to #{most} repeats, as you push",
                   why: "Between two and three and a half weaving wires a coil slips over the one beside it when it is pushed hard, and stays beside it when it is not.",
                   remedy: "Push every repeat alike, measure the first ten, and pin the repeats you get; or a gap of less than two weaving wires, or of more than three and a half.",
                   figures: {fewest:, most:, repeats: woven.sides * (woven_mm(woven) / woven.repeat.advance_mm).round})
        end
        private_class_method :gaps, :woven_mm, :item
      end
    end
  end
end
