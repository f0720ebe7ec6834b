# frozen_string_literal: true

module Meander
  module Curve
    # One wire's way through space: flat and climbing parts in order.
    class Strand
      attr_reader :parts

      def initialize(parts)
        @parts = parts.freeze
      end

      # mm, from the exact length of every part.
      def length = parts.sum(&:length)

      # Points [[x, y, z], ...] of the drawn way.
      def points = @points ||= parts.flat_map(&:points).freeze

      # mm, added up from the drawn points; for checking the drawing against the exact length.
      def self.polyline_length(points)
        points.each_cons(2).sum { |p, q| Math.sqrt(p.zip(q).sum { |a, b| (b - a)**2 }) }
      end
    end
  end
end
