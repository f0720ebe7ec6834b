# frozen_string_literal: true

require "csv"

module Meander
  module Output
    # The cut list as CSV: one row for lengths that are cut alike, with every mark on them, measured from the end they
    # are begun with. Of a pair, what one of the two takes. Lengths in mm.
    module CutListCsv
      COLUMNS = %w[cut count kind wire metal temper diameter_mm diameter_typed cut_mm marks use].freeze

      # plan: Planner::Plan.
      def self.call(plan)
        CSV.generate do |csv|
          csv << COLUMNS
          plan.cut_list.each_with_index { |row, i| csv << [i + 1, *columns(row)] }
        end
      end

      def self.columns(row)
        marks = row.marks.map { |at_mm, words| "#{at_mm.round(1)} #{words}" }.join("; ")
        [row.count, row.kind, row.ids.join(" + "), row.metal, row.wire && Materials::Temper.words(row.wire.temper),
          row.mm.round(4), row.wire&.size&.typed, row.cut_mm, marks, row.use]
      end
      private_class_method :columns
    end
  end
end
