# frozen_string_literal: true

module Meander
  module Planner
    # What a piece's wires, weave and endings come to before anything is counted: repeats, rise, thickness, reach.
    class Layout
      attr_reader :piece, :calibration, :frame, :pattern, :endings, :sides

      def initialize(piece, calibration)
        @piece = piece
        @calibration = calibration
        @craft = Crafts.fetch(piece.section[:craft]).lay(piece, calibration)
        @frame = @craft.frame
        @pattern = @craft.repeat
        @sides = piece.from_middle? ? 2 : 1
        @endings = %w[start end].to_h { |side| [side, ending(side)] }.freeze
        @strips = {}
        @single = strip(sides)
        freeze
      end

      # The woven section with so many repeats; one half of it where the work goes outwards from the middle.
      def strip(repeats)
        @strips[repeats] ||= Weave::Strip.new(frame, @craft.table, [*@craft.before, [pattern, repeats / sides], *@craft.after])
      end

      # So many repeats or the nearest that can be made: from the middle outwards they come in pairs.
      def makeable(repeats) = [(repeats / sides.to_f).round, 1].max * sides

      # Length of what is woven besides the repeats, in mm.
      def edge_mm = (@single.woven_mm - pattern.advance_mm) * sides

      def woven_mm(repeats) = edge_mm + (pattern.advance_mm * repeats)

      # How far along the strip its repeats begin, counted from where the weave begins (the middle, where it goes outwards).
      def repeats_from_mm = @single.runs.find { |run| run.repeat.equal?(pattern) }.from_mm

      # Weaving wire of one strand before and after the repeats of a strip, in mm; together they are all that is not repeats.
      def edge_wire_mm(side)
        before = @single.runs.take_while { |run| !run.repeat.equal?(pattern) }.sum(&:wire_mm)
        (side == :before) ? before : @single.wire_mm - before - pattern.wire_mm
      end

      def cover = Weave::Cover.new(pattern)

      # What both endings add to the wearing length, in mm.
      def reach_mm = endings.values.sum(&:reach_mm)

      private

      def ending(side)
        Endings::Registry.build(piece.ending(side), wires: piece.base_wires, centres: frame.centres)
      end
    end
  end
end
