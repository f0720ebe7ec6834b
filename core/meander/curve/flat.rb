# frozen_string_literal: true

module Meander
  module Curve
    # A chain that lies in the plane of the strip (axes x across, y along), at one height z.
    class Flat
      attr_reader :chain, :height

      def initialize(chain, height: 0.0)
        @chain = chain
        @height = height
        freeze
      end

      def length = chain.length
      def points = chain.sample.map { |x, y, _run| [x, y, height] }
    end
  end
end
