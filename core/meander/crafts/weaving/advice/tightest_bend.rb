# frozen_string_literal: true

module Meander
  module Crafts
    module Weaving
      module Advice
        # Bent edgewise, the coils on the inside wire close up until they touch; from there on the outside opens by R_o
        # / R_i - 1.
        module TightestBend
          # The bend at which the opening is told, in mm inside.
          TOLD_AT_MM = 25.0

          def self.call(woven)
            frame = woven.frame
            spread = frame.centres.last - frame.centres.first
            near, far = [0, frame.count - 1].map { |wire| woven.cover.share(wire) }
            return if frame.count == 1 || [near, far].min < 0.001

            inside = (far < near) ? "far" : "near"
            radius = inside_radius(spread, [near, far].min)
            opens = spread / TOLD_AT_MM
            AdviceItem.new(id: "tightest-bend", severity: "note", place: "", title: title(radius, inside),
              why: "Coils on the inside wire close up until they touch. Tight ones cannot: round " \
                   "#{Units::Text.length(TOLD_AT_MM)} inside, " \
                   "those outside open by #{Units::Text.percent(opens)}.",
              remedy: (near.round(3) == far.round(3)) ? "Either side may lie inside." :
                "The #{inside} wire inside bends tightest; the other way round its wraps hold the outline.",
              figures: {inside:, inside_radius_mm: radius, opens_at_25_mm: opens})
          end

          # R_i where the inside has shrunk to its covered share of the outside: R_i = c R_o, R_o = R_i + spread. nil:
          # never.
          def self.inside_radius(spread, share) = (share > 0.98) ? nil : share * spread / (1 - share)

          def self.title(radius, inside)
            return "Bent edgewise, the coils outside open at once" unless radius

            "Bent edgewise with the #{inside} wire inside, nothing opens down to #{Units::Text.length(radius)} inside"
          end
          private_class_method :inside_radius, :title
        end
      end
    end
  end
end
