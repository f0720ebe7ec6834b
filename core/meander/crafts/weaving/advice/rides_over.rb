# frozen_string_literal: true

module Meander
  module Crafts
    module Weaving
      module Advice
        # Gaps wide enough for a coil to slip over the one beside it, and not wide enough for both to lie side by side:
        # there how far a repeat rises depends on how hard it is pushed. Told where it does.
        module RidesOver
          # Clear gaps, in weaving wires.
          GAPS = 2.0..3.5
          # Repeats that differ by a smaller share are not worth telling.
          TOLD = 0.05

          # Over gaps that change, so many places along the strip are looked at, and gaps are told in steps of so many
          # weaving wires.
          PLACES, STEP = 24, 0.25

          def self.call(woven)
            return if woven.pitch_mm

            gaps = woven.profile ? changing(woven) : [even(woven)].compact
            return if gaps.count { |gap| GAPS.cover?(gap) } < TOLD * gaps.size || gaps.empty?

            lightly, hard = Calibration::LEANS.values_at("lightly", "hard")
              .map { |lean| woven.repeats * share(woven, gaps, lean) }
            item(woven, lightly.round, hard.round) if hard > lightly * (1 + TOLD) && hard.round > lightly.round
          end

          # The gap that the wire goes through in which coils may ride over each other, in weaving wires; nil where
          # there is none.
          def self.even(woven)
            clear = woven.frame.clear_mm
            woven.repeat.walk.visited
              .filter_map { |gap| told(woven, clear[gap - 1]) if gap.positive? && gap <= clear.size }
                .find { |gap| GAPS.cover?(gap) }
          end

          # The gaps at places along the strip. Wider than those in question a repeat rises as over the widest of them.
          def self.changing(woven)
            mm = woven.strip.woven_mm
            Array.new(PLACES) do |i|
              gap = told(woven, woven.profile.clear_mm(mm * (i + 0.5) / PLACES))
              [(gap / STEP).round * STEP, GAPS.end + STEP].min
            end
          end

          def self.told(woven, mm) = (mm / woven.frame.wire_mm).round(6)

          # How many repeats a maker gets in who pushes so, to one of those that are planned: the strip is made up of so
          # much of each gap.
          def self.share(woven, gaps, lean)
            own, other = [woven.repeat.lean, lean].map do |each|
              gaps.tally.sum { |gap, places| places / rise(woven, gap, GAPS.cover?(gap) ? each : woven.repeat.lean) }
            end
            other / own
          end

          # At a gap of the strip, or as the gaps of an even strip stand.
          def self.rise(woven, gap, lean)
            frame = woven.frame
            clear = woven.profile ? Array.new(frame.count - 1, gap * frame.wire_mm) : frame.clear_mm
            sizes = {base_mm: frame.base_mm, wire_mm: frame.wire_mm, clear_mm: clear, strands: frame.strands}
            Weave::Settled.rise_mm(Weave::Frame.new(**sizes), woven.repeat.walk, lean:)
          end

          def self.item(woven, fewest, most)
            AdviceItem.new(id: "coils-ride-over", severity: "note", place: "/spacing",
              title: "Coils can ride over each other at this gap: #{fewest} to #{most} repeats, as you push",
              why: "Between two and three and a half weaving wires a coil slips over the one beside it when " \
                   "it is pushed hard, and stays beside it when it is not.",
              remedy: "Push every repeat alike, measure the first ten, and pin the repeats you get; or a gap " \
                      "of less than two weaving wires, or of more than three and a half.",
              figures: {fewest:, most:, repeats: woven.repeats})
          end
          private_class_method :even, :changing, :told, :share, :rise, :item
        end
      end
    end
  end
end
