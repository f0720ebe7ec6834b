# frozen_string_literal: true

module Meander
  module Planner
    # How the base wires of a piece end, before it is known where: every ending by its id, and which section it stands at.
    class Ends
      # laid: the sections as their crafts lay them, in the order of the document.
      def initialize(piece, laid)
        @piece = piece
        @laid = laid
        @endings = piece.endings.to_h { |fields| [fields[:id], ending(fields)] }.freeze
        freeze
      end

      # The ending (Endings::Registry) of its fields in the document.
      def ending_of(fields) = @endings.fetch(fields[:id])
      def all = @endings.values

      # The one at a side of a piece that has one there.
      def at(side) = @endings.fetch(@piece.endings.find { |fields| fields[:side] == side }[:id])

      # The section, as it was laid, whose end or beginning it stands at.
      def laid_of(fields)
        own = @laid.select { |one| one.section.base.any? { |wire| wire.id == fields[:wires].first } }
        (fields[:side] == "end") ? own.last : own.first
      end

      # What all of them, and all that hangs on them, add to the wearing length, in mm.
      def reach_mm = all.sum(&:reach_mm) + @piece.findings.sum(&:reach_mm)

      private

      def ending(fields)
        laid = laid_of(fields)
        base, across = laid.section.base, laid.across(fields[:side])
        given = {**fields, rounded: laid.rounded?(fields[:side]), cover: fields[:cover] && @piece.wire(fields[:cover])}
        Endings::Registry.build(given, wires: base, centres: across, weaving_mm: laid.worked_round_mm, lap: lap(laid))
      end

      def lap(laid) = Wearing.new(@piece, thickness_mm: laid.thickness_mm, width_mm: laid.width_mm).then { |wearing| {lift_mm: wearing.lift_mm, slide_mm: wearing.slide_mm} }
    end
  end
end
