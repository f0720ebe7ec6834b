# frozen_string_literal: true

require "csv"

module Meander
  module Output
    # The cut list of a built piece as CSV: one row a length to cut, with every mark on it, measured from the end it is begun with. A
    # weaving wire has a row a section; of a pair, what one of the two takes. Lengths in mm.
    module BuiltCutListCsv
      COLUMNS = %w[cut count wire metal diameter_mm cut_mm marks use].freeze

      def self.call(plan)
        CSV.generate do |csv|
          csv << COLUMNS
          rows = base_rows(plan) + plan.woven.flat_map { |section| weaving_rows(section) } + plan.own_lengths.map { |own| own_row(own) } + finding_rows(plan)
          rows.each_with_index { |row, i| csv << [i + 1, *row] }
        end
      end

      def self.base_rows(plan)
        plan.cuts.map do |cut|
          marks = cut.marks.map { |mark| "#{mark.at_mm.round(1)} #{mark.words}" }.join("; ")
          [1, cut.wires.join(" + "), cut.wire.material.name, cut.wire.mm.round(4), cut.cut_mm, marks, cut.folded? ? "base wire, folded" : "base wire"]
        end
      end

      def self.weaving_rows(section)
        section.plan.to_h[:weaving][:lengths].flat_map { |length| length[:strands].map { |strand| [length, section.plan.piece.strands[strand]] } }.map do |length, wire|
          [section.copies, wire.id, wire.material.name, wire.mm.round(4), length[:cut_mm], nil, "weaves #{section.id}, repeats #{length[:first]} to #{length[:last]}"]
        end
      end

      def self.finding_rows(plan)
        plan.piece.findings.grep(Findings::JumpRings).map { |rings| [1, rings.id, rings.material.name, rings.d.round(4), rings.wire_mm.ceil, nil, rings.words] }
      end

      def self.own_row(own) = [1, own.wire.id, own.wire.material.name, own.wire.mm.round(4), own.cut_mm, nil, own.use]
      private_class_method :finding_rows, :base_rows, :weaving_rows, :own_row
    end
  end
end
