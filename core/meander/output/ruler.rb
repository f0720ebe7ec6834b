# frozen_string_literal: true

module Meander
  module Output
    # A ruler as SVG at true size (1 user unit = 1 mm), in mm or in inches.
    module Ruler
      # every: from figure to figure, in mm; parts: ticks to each of these; figure: how far apart figures count.
      Scale = Struct.new(:every, :parts, :figure)
      SCALES = {"mm" => Scale.new(10.0, 10, 10).freeze, "in" => Scale.new(25.4, 16, 1).freeze}.freeze
      # Tick heights of a figure, half-way to the next, and between.
      HEIGHTS = [2.6, 2.0, 1.2].freeze

      # from, to: places along x, in mm from its zero at zero_mm; top: y of the ticks; along: -1 where it counts to the
      # left.
      def self.call(from, to, top, units: "mm", zero_mm: 0.0, along: 1)
        scale = SCALES.fetch(units)
        step = scale.every / scale.parts
        ticks = ((from / step) - 1e-9).ceil..((to / step) + 1e-9).floor
        path = ticks.map { |k| "M#{n(zero_mm + (k * step))} #{n(top)}v#{height(k, scale)}" }.join
        figures = ticks.select { |k| (k % scale.parts).zero? }.map do |k|
          %(<text x="#{n(zero_mm + (k * step))}" y="#{n(top + 5)}">#{along * k / scale.parts * scale.figure}</text>)
        end
        %(<path d="#{path}" stroke="#333" stroke-width="0.1" fill="none"/>) +
          %(<g font-family="sans-serif" font-size="2.2" text-anchor="middle" fill="#333">#{figures.join}</g>)
      end

      def self.height(number, scale)
        return HEIGHTS[0] if (number % scale.parts).zero?

        HEIGHTS[(number % (scale.parts / 2)).zero? ? 1 : 2]
      end

      def self.n(number) = Units::Text.number(number, 3)
      private_class_method :height, :n
    end
  end
end
