# frozen_string_literal: true

module Meander
  module Planner
    # The weaving wire of a piece, each reason for it apart: path, slack, tails, waste and margin, split into working
    # lengths of whole repeats that stay within the comfortable one. All in mm; the figures count every strand, a working
    # length is that of one.
    #
    # Where the work goes outwards from the middle, one length serves both halves if it is short enough (its middle at the
    # middle of the work); otherwise each half has lengths of its own.
    class WeavingAccount
      # One working length: from the repeat it starts to the repeat it ends (counted from 1 in the order they are woven), what
      # it weaves, what to cut, how many strands of it, and on which half (0, or 1 for the second from the middle; nil for both).
      Length = Struct.new(:first, :last, :path_mm, :cut_mm, :half, keyword_init: true)

      attr_reader :repeats, :count

      # count: how many working lengths there are.
      def initialize(layout, repeats)
        @layout = layout
        @repeats = repeats
        @whole = layout.sides == 2 && comfortable_mm?(path_of(1, per_half) * 2)
        @each = @whole ? 1 : fewest
        @count = @whole ? 1 : @each * layout.sides
        freeze
      end

      # In the order they are woven; the repeats shared out as evenly as whole numbers allow.
      def lengths
        return [length(1, repeats, strand_path_mm, nil)] if @whole

        @layout.sides.times.flat_map { |half| half_lengths(half) }
      end

      def strands = @layout.frame.strands
      def path_mm = strand_path_mm * strands
      def slack_mm = path_mm * @layout.calibration.slack
      def tails_mm = strands * count * 2 * allowance(:tail)
      def waste_mm = strands * count * allowance(:waste)
      def margin_mm = (path_mm + slack_mm) * @layout.piece.margin
      def total_mm = path_mm + slack_mm + tails_mm + waste_mm + margin_mm
      def comfortable? = @whole || longest_mm(@each) <= room_mm + Tolerance::PACKING_MM

      # Where one length ends and the next is joined on: [Length, mm from the start of the weave].
      def joins
        lengths.reject { |length| length.first == 1 || length.half.nil? }.map { |length| [length, join_mm(length)] }
      end

      private

      def per_half = repeats / @layout.sides
      def strand_path_mm = path_of(1, per_half) * @layout.sides
      def allowance(key) = @layout.piece.allowance_mm(key)

      def half_lengths(half)
        (0...@each).map do |i|
          first, last = (per_half * i / @each) + 1, per_half * (i + 1) / @each
          length(first, last, path_of(first, last), half)
        end
      end

      def join_mm(length)
        along = @layout.laid.repeat_from_mm(length.first)
        return along if @layout.sides == 1

        (@layout.woven_mm(repeats) / 2) + (length.half.zero? ? along : -along)
      end

      # The fewest lengths that all stay comfortable; a repeat each where none would.
      def fewest
        return per_half unless longest_mm(per_half) <= room_mm

        tried = (path_of(1, per_half) * stretch / room_mm).ceil.clamp(1, per_half)
        tried += 1 until longest_mm(tried) <= room_mm + Tolerance::PACKING_MM
        tried
      end

      def comfortable_mm?(path_mm) = path_mm * stretch <= room_mm + Tolerance::PACKING_MM

      # What a comfortable length can weave, its tails and waste taken off.
      def room_mm = allowance(:working_length) - (2 * allowance(:tail)) - allowance(:waste)

      def longest_mm(count) = @layout.laid.longest_mm(per_half, count) * stretch

      def length(first, last, path, half)
        Length.new(first:, last:, path_mm: path, half:, cut_mm: (path * stretch) + (2 * allowance(:tail)) + allowance(:waste)).freeze
      end

      def path_of(first, last) = @layout.laid.path_mm(first, last, per_half)
      def stretch = (1 + @layout.calibration.slack) * (1 + @layout.piece.margin)
    end
  end
end
