# frozen_string_literal: true

module Meander
  module Planner
    # The weaving wire of a piece, each reason for it apart: path, slack, tails, waste and margin, split into working
    # lengths of whole repeats that stay within the comfortable one. All in mm.
    class WeavingAccount
      # One working length: from the repeat it starts to the repeat it ends (counted from 1), what it weaves and what
      # to cut.
      Length = Struct.new(:first, :last, :path_mm, :cut_mm, keyword_init: true)

      attr_reader :repeats, :path_mm, :count

      # count: how many working lengths there are.
      def initialize(layout, repeats)
        @layout = layout
        @repeats = repeats
        @path_mm = path_of(1, repeats)
        @count = fewest
        freeze
      end

      # The repeats shared out as evenly as whole numbers allow.
      def lengths
        (0...count).map { |i| length((repeats * i / count) + 1, repeats * (i + 1) / count) }
      end

      def slack_mm = path_mm * @layout.calibration.slack
      def tails_mm = count * 2 * allowance(:tail)
      def waste_mm = count * allowance(:waste)
      def margin_mm = (path_mm + slack_mm) * @layout.piece.margin
      def total_mm = path_mm + slack_mm + tails_mm + waste_mm + margin_mm
      def comfortable? = longest_mm(count) <= room_mm + Tolerance::PACKING_MM

      private

      def allowance(key) = @layout.piece.allowance_mm(key)

      # The fewest lengths that all stay comfortable; a repeat each where none would.
      def fewest
        return repeats unless longest_mm(repeats) <= room_mm

        tried = (path_mm * stretch / room_mm).ceil.clamp(1, repeats)
        tried += 1 until longest_mm(tried) <= room_mm + Tolerance::PACKING_MM
        tried
      end

      # What a comfortable length can weave, its tails and waste taken off.
      def room_mm = allowance(:working_length) - (2 * allowance(:tail)) - allowance(:waste)

      # The wire woven from the longest of so many lengths: the first, the last, or one between them.
      def longest_mm(count)
        first = path_of(1, [repeats / count, 1].max)
        last = path_of((repeats * (count - 1) / count) + 1, repeats)
        between = (count > 2) ? @layout.pattern.wire_mm * (repeats / count.to_f).ceil : 0.0
        [first, last, between].max * stretch
      end

      def length(first, last)
        path = path_of(first, last)
        Length.new(first:, last:, path_mm: path, cut_mm: (path * stretch) + (2 * allowance(:tail)) + allowance(:waste)).freeze
      end

      # The path of some repeats, with the single coils before the first and after the last.
      def path_of(first, last)
        path = @layout.pattern.wire_mm * (last - first + 1)
        path += edge_wire(:anchor) if first == 1
        path += edge_wire(:closing) if last == repeats
        path
      end

      def edge_wire(key) = @layout.coil.wire_mm * @layout.piece.pattern[key]
      def stretch = (1 + @layout.calibration.slack) * (1 + @layout.piece.margin)
    end
  end
end
