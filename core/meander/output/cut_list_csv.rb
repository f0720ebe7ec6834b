# frozen_string_literal: true

require "csv"

module Meander
  module Output
    # The cut list as CSV: one row for lengths that are cut alike, with every mark on them, measured from the end they
    # are begun with. Of a pair, what one of the two takes. Lengths in mm, or in inches as makers read them.
    module CutListCsv
      # What of it is a length, and of which kind: see Units::Said.
      COLUMNS = %w[cut count kind wire metal temper diameter diameter_typed cut marks use].freeze
      LENGTHS = {6 => :wire, 8 => :cut}.freeze

      # plan: Planner::Plan; units: mm or in.
      def self.call(plan, units = "mm")
        CSV.generate do |csv|
          csv << COLUMNS.each_with_index.map { |name, i| LENGTHS.key?(i) ? "#{name}_#{units}" : name }
          plan.cut_list.each_with_index { |row, i| csv << [i + 1, *columns(row, units)] }
        end
      end

      def self.columns(row, units)
        marks = row.marks.map { |at_mm, words| "#{number(:length, at_mm.round(1), units)} #{words}" }.join("; ")
        [row.count, row.kind, row.ids.join(" + "), row.metal, row.wire && Materials::Temper.words(row.wire.temper),
          number(:wire, row.mm.round(4), units), row.wire&.size&.typed, number(:cut, row.cut_mm, units), marks, row.use]
      end

      def self.number(kind, mm, units) = (units == "in") ? Units::Said.inches(kind, mm).delete_suffix(" in") : mm
      private_class_method :columns, :number
    end
  end
end
