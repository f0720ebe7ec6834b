# frozen_string_literal: true

module Meander
  module Knot
    # How far apart the cords of a pattern must hang, so that its widest knots have room beside each other.
    module Spacing
      # cords: how thick each is; rows: as Notation reads them; gauge: Gauge; mounted: whether every two hang from a
      # head on a bar. mm.
      def self.call(cords, rows, gauge, mounted: false)
        thick = cords.max
        wide = rows.flat_map { |row| row[:knots] }.uniq { |one| one.values_at(:kind, :cords, :turns) }
          .map { |one| own(one, thick, gauge) }
        [*wide, (Gauge::MOUNT_WIDE * thick / 2 if mounted), thick].compact.max
      end

      # How thick its thickest knots are.
      def self.thick_mm(cords, rows, gauge)
        thick = cords.max
        apart_mm = call(cords, rows, gauge)
        rows.flat_map { |row| row[:knots] }.reject { |one| one[:kind] == "pass" }
          .map { |one| gauge.size(one[:kind], [thick] * one[:cords], turns: one[:turns], apart_mm:).thick_mm }.max
      end

      def self.own(one, thick, gauge)
        return thick if one[:kind] == "pass"
        return Gauge::HITCH * thick if %w[bar diagonal].include?(one[:kind])
        return Gauge.row_mm(thick, thick) if one[:kind] == "vertical"

        gauge.size(one[:kind], [thick] * one[:cords], turns: one[:turns]).width_mm / one[:cords]
      end
      private_class_method :own
    end
  end
end
