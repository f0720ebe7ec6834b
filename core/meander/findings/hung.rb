# frozen_string_literal: true

module Meander
  module Findings
    # Findings as they are drawn hanging from a place: circles in a row, every other one seen from its edge.
    module Hung
      STEPS = 72

      # findings: of one side, in order; the block turns a place [across, outwards] from where they hang into one of the
      # picture.
      # @return [Array] [[finding, wire mm, points], ...]
      def self.call(findings)
        at = 0.0
        findings.flat_map do |finding|
          lines = finding.way ? [[finding.d, finding.way.sample.map { |across, out, _| [across, at + out] }]] :
            ringed(finding, at)
          at += finding.reach_mm
          lines.map { |d, points| [finding, d, points.map { |point| yield point }] }
        end
      end

      def self.ringed(finding, from)
        finding.rings.each_with_index.map do |(inside, d), i|
          at = from
          from += inside
          [d, i.even? ? circle(at, inside, d) : edge(at, inside, d)]
        end
      end

      def self.circle(from, inside, d)
        r = (inside + d) / 2
        (0..STEPS).map do |k|
          (2 * Math::PI * k / STEPS).then { |t| [r * Math.sin(t), from + (inside / 2) - (r * Math.cos(t))] }
        end
      end

      def self.edge(from, inside, d) = [[0.0, from - (d / 2)], [0.0, from + inside + (d / 2)]]
      private_class_method :ringed, :circle, :edge
    end
  end
end
