# frozen_string_literal: true

module Meander
  module Planner
    # Where beads lie in the finished piece.
    class BeadPlaces
      # plan: Plan.
      def initialize(plan)
        @plan = plan
      end

      # Every bead, in each copy of its section: [[rule, its number there, Beads::Rule::Lying, place [x, y], a place
      # further along its hole], ...].
      def lying
        @plan.beads.flat_map do |rule|
          rule.lying.each_with_index.flat_map { |one, i|
            copies(rule, one).map { |copy, *places|
              [rule, [i, copy], one, *places]
            }
          }
        end
      end

      # Where a place on a placement's ground lies, in each copy of its section: [[x, y, z], ...].
      def at(rule, place)
        return [[*place, 0.0]] if rule.is_a?(Beads::StitchedWhereMet)

        section = @plan.placed.section(rule.fields[:section])
        section.lying(*place).map { |point| @plan.pose(section).at(point) }
      end

      # The upright box round each bead, in all its copies: [[[x, x], [y, y]], ...].
      def boxes
        @plan.beads.flat_map { |rule| rule.lying.map { |one| box(rule, one) } }
      end

      private

      # One bead in each copy: [[which copy, place [x, y], a place further along its hole], ...].
      def copies(rule, one)
        far = [Math.hypot(*one.dir), 1e-9].max
        onward = one.at.zip(one.dir).map { |at, step| at + (Beads::Drawing::NEAR_MM * step / far) }
        places = at(rule, one.at).zip(at(rule, onward))
        places.each_with_index.map { |(place, next_one), copy| [copy, place.first(2), next_one.first(2)] }
      end

      def box(rule, one)
        reach = one.kind.across_mm / 2
        sides = at(rule, one.at).transpose.first(2).map(&:minmax)
        sides.map { |low, high| [low - reach, high + reach] }
      end
    end
  end
end
