# frozen_string_literal: true

module Meander
  module Curve
    # A chain in a plane that stands upright on that of the strip: its first axis runs from a place [x, y] on a heading
    # [x, y] of length 1, its second is z towards the maker.
    class Upright
      def initialize(chain, from, heading)
        @chain = chain
        @from = from
        @heading = heading
        freeze
      end

      def length = @chain.length

      def points
        @chain.sample.map { |on, z, _run| [@from[0] + (on * @heading[0]), @from[1] + (on * @heading[1]), z] }
      end
    end
  end
end
