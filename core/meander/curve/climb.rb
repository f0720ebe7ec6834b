# frozen_string_literal: true

module Meander
  module Curve
    # A chain in the cross-section of the strip (axes x across, z towards the maker) that climbs evenly along it, as a
    # coil does. Unrolled, chain and climb are the two short sides of a right-angled triangle, so the length is the
    # root of the sum of their squares: the length of a helix where the chain is a circle.
    class Climb
      attr_reader :chain, :from, :to

      # from, to: y in mm at the chain's two ends.
      def initialize(chain, from:, to:)
        @chain = chain
        @from = from
        @to = to
        freeze
      end

      def length = Math.hypot(chain.length, to - from)

      def points
        whole = chain.length
        chain.sample.map { |x, z, run| [x, from + ((to - from) * run / whole), z] }
      end
    end
  end
end
