# frozen_string_literal: true

module Meander
  module Units
    # Wire gauges. Numbers 0, -1, -2, -3 stand for 0 (1/0), 00, 000, 0000.
    module Gauge
      # AWG: ASTM B258, d = 0.127 mm * 92^((36 - n) / 39).
      AWG_RANGE = (-3..40)
      # SWG in thousandths of an inch by number: BS 3737.
      SWG_MIL = {
        -3 => 400, -2 => 372, -1 => 348, 0 => 324, 1 => 300, 2 => 276, 3 => 252, 4 => 232, 5 => 212, 6 => 192,
        7 => 176, 8 => 160, 9 => 144, 10 => 128, 11 => 116, 12 => 104, 13 => 92, 14 => 80, 15 => 72, 16 => 64,
        17 => 56, 18 => 48, 19 => 40, 20 => 36, 21 => 32, 22 => 28, 23 => 24, 24 => 22, 25 => 20, 26 => 18,
        27 => 16.4, 28 => 14.8, 29 => 13.6, 30 => 12.4, 31 => 11.6, 32 => 10.8, 33 => 10.0, 34 => 9.2, 35 => 8.4,
        36 => 7.6, 37 => 6.8, 38 => 6.0, 39 => 5.2, 40 => 4.8
      }.freeze
      # Metric wire sizes sold: the R10 preferred numbers of ISO 3, rounded as sold, in mm.
      METRIC = [0.2, 0.25, 0.315, 0.4, 0.5, 0.63, 0.8, 1.0, 1.25, 1.6, 2.0, 2.5].freeze

      # Diameter in mm, nil for a number the system does not have.
      # @example
      #   Gauge.mm("awg", 36) #=> 0.127
      def self.mm(system, number)
        return SWG_MIL[number]&.then { |mil| mil * 0.0254 } if system == "swg"

        0.127 * (92**((36 - number) / 39.0)) if AWG_RANGE.cover?(number)
      end

      # The nearest gauge of a system with how far the wire is from it: { number:, mm:, off_mm: } (off = wire - gauge).
      def self.nearest(system, wire_mm)
        number = AWG_RANGE.min_by { |n| (mm(system, n) - wire_mm).abs }
        {number:, mm: mm(system, number), off_mm: wire_mm - mm(system, number)}
      end

      # What a wire is called in every system: { awg:, swg:, metric: }, each as `nearest` answers it.
      def self.names(wire_mm)
        metric = METRIC.min_by { |size| (size - wire_mm).abs }
        {awg: nearest("awg", wire_mm), swg: nearest("swg", wire_mm),
          metric: {number: metric, mm: metric, off_mm: wire_mm - metric}}
      end
    end
  end
end
