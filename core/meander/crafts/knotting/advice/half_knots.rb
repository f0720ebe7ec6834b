# frozen_string_literal: true

module Meander
  module Crafts
    module Knotting
      module Advice
        # Half knots below each other that begin from one side.
        module HalfKnots
          # How many there are in each such run.
          def self.runs(knotted)
            runs = []
            knotted.placed.select { |knot| knot.kind == "half" }.group_by { |knot| [knot.from, knot.cords.size] }
              .each_value { |own| own.each { |knot| knot.twist.zero? ? runs << 1 : runs[-1] += 1 } }
            runs
          end

          # How far one turns, in degrees.
          def self.turn(knotted)
            Knot::Cells.turn(knotted.placed.find { |knot| knot.kind == "half" }.cords.size - 2)
          end
        end
      end
    end
  end
end
