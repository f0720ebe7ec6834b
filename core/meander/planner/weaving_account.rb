# frozen_string_literal: true

module Meander
  module Planner
    # The weaving wire of a piece, each reason for it apart: path, slack, tails, waste and margin, split into working
    # lengths of whole repeats that stay within the comfortable one. All in mm.
    class WeavingAccount
      # One working length: from the repeat it starts to the repeat it ends (counted from 1), what it weaves and what
      # to cut.
      Length = Struct.new(:first, :last, :path_mm, :cut_mm, keyword_init: true)

      attr_reader :lengths, :path_mm

      def initialize(layout, repeats)
        @layout = layout
        @strip = layout.strip(repeats)
        @path_mm = @strip.wire_mm
        @lengths = split(repeats).freeze
        freeze
      end

      def slack_mm = path_mm * @layout.calibration.slack
      def tails_mm = lengths.size * 2 * allowance(:tail)
      def waste_mm = lengths.size * allowance(:waste)
      def margin_mm = (path_mm + slack_mm) * @layout.piece.margin
      def total_mm = path_mm + slack_mm + tails_mm + waste_mm + margin_mm
      def comfortable? = lengths.all? { |length| length.cut_mm <= allowance(:working_length) + 1e-9 }

      private

      def allowance(key) = @layout.piece.allowance_mm(key)

      def split(repeats)
        count = fewest(repeats)
        count += 1 until count >= repeats || even(repeats, count).all? { |length| length.cut_mm <= allowance(:working_length) }
        even(repeats, count)
      end

      # No split into fewer lengths can be comfortable.
      def fewest(repeats)
        room = allowance(:working_length) - (2 * allowance(:tail)) - allowance(:waste)
        return repeats unless room.positive?

        (path_mm * stretch / room).ceil.clamp(1, repeats)
      end

      # Repeats shared out as evenly as whole numbers allow.
      def even(repeats, count)
        (0...count).map { |i| length((repeats * i / count) + 1, repeats * (i + 1) / count, repeats) }
      end

      def length(first, last, repeats)
        path = @layout.pattern.wire_mm * (last - first + 1)
        path += edge_wire(:anchor) if first == 1
        path += edge_wire(:closing) if last == repeats
        Length.new(first:, last:, path_mm: path, cut_mm: (path * stretch) + (2 * allowance(:tail)) + allowance(:waste)).freeze
      end

      def edge_wire(key) = @layout.coil.wire_mm * @layout.piece.pattern[key]
      def stretch = (1 + @layout.calibration.slack) * (1 + @layout.piece.margin)
    end
  end
end
