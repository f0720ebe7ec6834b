# frozen_string_literal: true

module Meander
  module Endings
    # A straight from one place to another: where a wire is led over to what it does next.
    class Lead
      attr_reader :points

      def initialize(from, to)
        @points = [from, to].freeze
        freeze
      end

      def length = Math.sqrt(points[0].zip(points[1]).sum { |a, b| (b - a)**2 })
    end
  end
end
