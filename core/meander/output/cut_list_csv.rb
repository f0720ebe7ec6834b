# frozen_string_literal: true

require "csv"

module Meander
  module Output
    # The cut list as CSV: one row a length to cut, marks measured from the tail end. Lengths in mm.
    module CutListCsv
      COLUMNS = %w[cut wire role metal temper diameter_mm diameter_typed cut_mm start_mark_mm middle_mark_mm end_mark_mm use].freeze

      def self.call(plan)
        rows = base_rows(plan) + weaving_rows(plan) + plan.own_lengths.map { |own| [*wire_columns(own.wire), own.cut_mm, nil, nil, nil, own.use] } + finding_rows(plan)
        CSV.generate do |csv|
          csv << COLUMNS
          rows.each_with_index { |row, i| csv << [i + 1, *row] }
        end
      end

      # Made ones, each kind a length of wire.
      def self.finding_rows(plan)
        plan.piece.findings.grep(Findings::JumpRings).map { |rings| [rings.id, "finding", rings.material.name, nil, rings.d.round(4), rings.fields[:wire].typed, rings.wire_mm.ceil, nil, nil, nil, rings.words] }
      end

      def self.base_rows(plan)
        plan.bars.map do |bar|
          marks = [bar.start_mark_mm, bar.middle_mark_mm, bar.end_mark_mm].map { |mm| mm.round(1) }
          [*wire_columns(bar.wire), bar.cut_mm, *marks, "base wire"]
        end
      end

      def self.weaving_rows(plan)
        plan.to_h[:weaving][:lengths].flat_map { |length| length[:strands].map { |strand| [length, plan.piece.strands[strand]] } }.map do |length, wire|
          [*wire_columns(wire), length[:cut_mm], nil, nil, nil, "weaves repeats #{length[:first]} to #{length[:last]}"]
        end
      end

      def self.wire_columns(wire)
        [wire.id, wire.role, wire.material.name, Materials::TEMPERS.fetch(wire.temper), wire.mm.round(4), wire.size.typed]
      end
      private_class_method :finding_rows, :base_rows, :weaving_rows, :wire_columns
    end
  end
end
