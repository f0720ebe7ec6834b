# frozen_string_literal: true

module Meander
  module Planner
    # One base wire to cut, as a bar: its parts in order from one end and the marks to measure from that end. All in mm.
    class BaseBar
      # A part of the bar: kind is tail, start_ending, bare, woven, end_ending or trim.
      Part = Struct.new(:kind, :mm)

      attr_reader :wire, :parts, :kept_mm

      # kept_mm: what stays in the finished piece; of a wire cut away after weaving only what lies under the weave.
      def initialize(layout, fit, wire)
        @wire = wire
        @parts = lay_out(layout, fit).map(&:freeze).freeze
        @kept_mm = (layout.piece.cut_away?(wire.id) && layout.laid.straight?) ? woven_over_mm(layout, fit) : whole_mm
        freeze
      end

      def total_mm = parts.sum(&:mm)

      # [[words, mm], ...]
      def named_parts = parts.map { |part| [part.kind.tr("_", " "), part.mm] }

      # What to measure off and cut: the sum, rounded up to a whole millimetre.
      def cut_mm = (total_mm - Tolerance::PACKING_MM).ceil

      # Where the weave starts, its middle, and where it ends.
      def start_mark_mm = parts.take_while { |part| part.kind != "woven" }.sum(&:mm)
      def middle_mark_mm = start_mark_mm + (part_mm("woven") / 2)
      def end_mark_mm = start_mark_mm + part_mm("woven")

      private

      def woven_over_mm(layout, fit)
        Picture::Rods.call(layout, fit).select { |rod| rod[:wire] == wire.id }.sum { |rod| rod[:to] - rod[:from] }
      end

      def whole_mm = total_mm - part_mm("tail") - part_mm("trim")

      def part_mm(kind) = parts.select { |part| part.kind == kind }.sum(&:mm)

      def lay_out(layout, fit)
        piece = layout.piece
        [Part.new("tail", piece.base_tail_mm("start")),
          Part.new("start_ending", layout.endings["start"].strands[wire.id].length),
          Part.new("bare", fit.bare_mm), Part.new("woven", layout.run_mm(piece.base_wires.index(wire), fit.woven_mm)), Part.new("bare", fit.bare_mm),
          Part.new("end_ending", layout.endings["end"].strands[wire.id].length),
          *[piece.base_tail_mm("end")].select(&:positive?).map { |mm| Part.new("tail", mm) }, Part.new("trim", piece.allowance_mm(:trim))]
      end
    end
  end
end
