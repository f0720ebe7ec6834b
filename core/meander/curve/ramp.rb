# frozen_string_literal: true

module Meander
  module Curve
    # A chain in the plane of the strip (axes x across, y along) that rises evenly from one height to another. Unrolled,
    # chain and rise are the two short sides of a right-angled triangle.
    class Ramp
      # from, to: z in mm at the chain's two ends.
      def initialize(chain, from:, to:)
        @chain = chain
        @from = from
        @to = to
        freeze
      end

      def length = Math.hypot(@chain.length, @to - @from)

      def points
        whole = @chain.length
        @chain.sample.map { |x, y, run| [x, y, @from + ((@to - @from) * run / whole)] }
      end
    end
  end
end
