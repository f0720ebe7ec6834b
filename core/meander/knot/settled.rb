# frozen_string_literal: true

module Meander
  module Knot
    # A repeat of a course after which everything stands as before it, only further down: all that follow are the same
    # again, and need not be laid.
    class Settled
      # How its cords stood before or after it, told from how far down they were then, to compare. at: which cord hangs
      # at which place; where: each cord's place; last: the knot each came through; knots: how many there were.
      def self.state(at, where, last, knots, down)
        [at.dup, where.map { |x, y| [x.round(9), (y - down).round(9)] },
          last.map { |knot| knot && (knot.number - knots) }]
      end

      # placed: its knots; passes: of each cord, in it; down_mm: how far down it reaches.
      def initialize(placed, passes, down_mm)
        @placed = placed
        @passes = passes
        @down_mm = down_mm
        @first = placed.first.number
        freeze
      end

      attr_reader :down_mm

      # So many times further down: its knots, and the passes of each cord.
      def again(times)
        shift = times * @down_mm
        placed = @placed.map do |knot|
          knot.dup.tap { |copy| copy.number, copy.y = knot.number + (times * @placed.size), knot.y + shift }
        end
        [placed, @passes.map { |own| own.map { |pass| copied(pass, placed, shift) } }]
      end

      private

      def copied(pass, placed, shift)
        (in_x, in_y), (out_x, out_y) = pass.enters, pass.leaves
        Course::Pass.new(placed[pass.knot.number - @first], pass.place, [in_x, in_y + shift], [out_x, out_y + shift],
          pass.mm, pass.gap_mm)
      end
    end
  end
end
