# frozen_string_literal: true

module Meander
  module Crafts
    module Knotting
      module Advice
        # Half knots that repeat begin a spiral.
        module Spiral
          def self.call(knotted)
            run = HalfKnots.runs(knotted).max.to_i
            return if run < 3

            turn = HalfKnots.turn(knotted)
            AdviceItem.of("knot-spiral", "note", "/rows", "Half knots from one side turn round",
              "#{run} of them below each other make #{Units::Text.number(run * turn / 360.0, 1)} turns, about " \
              "#{Units::Text.number(turn, 0)} degrees each; the working cords come round with them.",
              "Turn the work with them rather than hold it flat; square knots do not turn.", run:, turn_degrees: turn)
          end
        end
      end
    end
  end
end
