# frozen_string_literal: true

module Meander
  module Weave
    # Weaving as the planner sees it: a piece's section in, settled repeats out.
    class Craft
      # A laid-out section: the frame and its passes, the repeat that fills it, and the stretches ([[Repeat, count], ...]) before
      # and after that.
      Laid = Struct.new(:frame, :table, :repeat, :before, :after, keyword_init: true)

      def self.lay(piece, calibration) = new(piece, calibration).lay

      def initialize(piece, calibration)
        @piece = piece
        @lean = calibration.lean
        @stretches = {before: [], after: []}
        pattern = piece.pattern
        (pattern[:kind] == "coils") ? coils(pattern) : walk(pattern)
        @frame = frame
        @table = PassTable.new(@frame)
      end

      def lay
        rise = @piece.section[:rise]
        pitch_mm = (rise[:kind] == "open") ? [rise[:pitch].mm, packed_mm].max : nil
        Laid.new(frame: @frame, table: @table, repeat: repeat(@walk, pitch_mm:), before: settled(:before), after: settled(:after)).freeze
      end

      private

      def coils(pattern)
        @walk = Walk.coils(pattern[:single], pattern[:both])
        @stretches = {before: [[Walk.new([0, 1]), pattern[:anchor]]], after: [[Walk.new([0, 1]), pattern[:closing]]]}
      end

      def walk(pattern)
        @walk = Walk.new(pattern[:gaps])
        @stretches = %i[before after].to_h { |side| [side, pattern[side].map { |stretch| [Walk.new(stretch[:gaps]), stretch[:times]] }] }
      end

      def visited = [@walk, *@stretches.values.flatten(1).map(&:first)].flat_map(&:visited).uniq

      # An open pitch below the packed one cannot be made: it is planned packed, and an advice says so.
      def packed_mm = repeat(@walk).packed_mm

      def frame
        sizes = {base_mm: @piece.base_wires.map(&:mm), wire_mm: @piece.strands.map(&:mm).max, strands: @piece.strands.size}
        spacing = @piece.section[:spacing]
        return Frame.tight(**sizes, visited:) if spacing[:kind] == "tight"

        Frame.new(**sizes, clear_mm: spacing[:clear].map(&:mm))
      end

      def settled(side) = @stretches[side].map { |walk, times| [repeat(walk), times] }
      def repeat(walk, **options) = Repeat.new(@frame, walk, lean: @lean, table: @table, **options)
    end
  end
end
