# frozen_string_literal: true

module Meander
  module Endings
    # Endings a freed wire is bent to by itself; each of the wires they name is bent alike.
    class Freed
      attr_reader :strands, :reach_mm

      # Where the middle of its hole lies, [across, outwards]; nil where it has none to lead a wire through.
      def middle_of_hole = nil

      # How many turns lie round that side by side, at most.
      def turns_beside = 1

      # Of some seats, across the strip.
      def self.middle(seats) = seats.map(&:x).minmax.sum / 2

      def initialize(fields, seats)
        @fields = fields
        @seats = seats
        @strands = seats.each_with_index.to_h { |seat, i| [seat.id, Curve::Strand.new(parts(seat, i, seats))] }.freeze
        @reach_mm = seats.map { |seat| reach(seat) }.max
        freeze
      end

      private

      def flat(pieces) = Curve::Flat.new(Curve::Chain.new(pieces))
      def inside_mm = @fields[:inside].mm
      def radius(seat) = (inside_mm + seat.mm) / 2
    end
  end
end
