# frozen_string_literal: true

module Meander
  module Knot
    # Crown knots: each cord of a bundle folded over the next, all the way round, the last through the bight of the
    # first. One on the other they make a round cord, which turns as it grows while all go the same way round.
    module Crown
      # In cords, of each knot: how far it advances, what it takes of each cord, how wide it is by how many cords there
      # are. Relaxed as tubes (CrownTable: 6.20 at an advance of 2 for any number of cords; one by one both ways round
      # 6.23 at the 2.0 they settle at, all one way 6.02 at 1.78); a knot of hands is not as tight.
      ADVANCE, LENGTH = 2.0, 6.2
      WIDE = {3 => 4.6, 4 => 5.05, 5 => 5.5, 6 => 5.9}.freeze
      # How far it turns the bundle, in degrees (relaxed 166.4, 130.9, 108.8 and 93.7; parts of a few full turns, so
      # that few are drawn).
      TURN = {3 => 168, 4 => 135, 5 => 108, 6 => 90}.freeze

      # Where it begins about the axis, in half turns of that: of the first one, and of one after another.
      # hand: right where it goes clockwise, looked at from where it ends; before: [hand, turns] of the one before.
      # @return [Integer]
      def self.turns(hand, before = nil)
        own = (hand == "right") ? 1 : -1
        return own unless before

        (before.first == hand) ? before.last + (2 * own) : before.last
      end

      # Those that look alike have the same, in degrees.
      def self.phase(cords, turns) = (turns * TURN.fetch(cords) / 2.0) % 360

      # The ways of all its cords as CellTable has them, in mm: cords from the left, of the hung work.
      # @return [Array<Array>] a line for each
      def self.lines(cords, hand, turns, cord_mm:, advance_mm:)
        cell = CrownTable::POINTS.fetch(cords).map { |x, y, z|
          [(hand == "right") ? x * cord_mm : -x * cord_mm, y * advance_mm / ADVANCE, z * cord_mm]
        }
        (0...cords).map do |place|
          angle = (((360.0 * (place + 0.5)) / cords) - phase(cords, turns)) * Math::PI / 180
          cos, sin = Math.cos(angle), Math.sin(angle)
          cell.map { |x, y, z| [(x * cos) + (z * sin), y, (z * cos) - (x * sin)] }
        end
      end
    end
  end
end
