# frozen_string_literal: true

module Meander
  module Curve
    # A straight piece of wire in a plane, from one point [a, b] to another, in mm.
    class Line
      attr_reader :from, :to

      def initialize(from, to)
        @from = from
        @to = to
        freeze
      end

      def length = Math.hypot(to[0] - from[0], to[1] - from[1])

      # How many straight steps draw it well enough.
      def steps(_max_turn) = 1

      # The point at the share t (0..1) of the length.
      def point(share) = [from[0] + ((to[0] - from[0]) * share), from[1] + ((to[1] - from[1]) * share)]
    end
  end
end
