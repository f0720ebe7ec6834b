# frozen_string_literal: true

module Meander
  module Weave
    # One settled repeat of a walk on a frame: its passes, their heights, its rise along the strip and its wire (wire_mm: each
    # leg from pass to pass, lengthened by what it climbs).
    class Repeat
      # Repeats tried before a rise that does not settle exactly is taken as its mean.
      LONGEST_SEARCH = 60
      START_UP = 3

      attr_reader :frame, :walk, :passes, :heights, :advance_mm, :repeats, :wire_mm

      # lean: see Packing.
      # @example
      #   frame = Frame.tight(base_mm: [0.8, 0.8], wire_mm: 0.315, visited: [0, 1, 2])
      #   Repeat.new(frame, Walk.coils(3, 3), lean: 0.3).advance_mm.round(3) #=> 1.89
      def initialize(frame, walk, lean:)
        @frame = frame
        @walk = walk
        @passes = Pass.all(frame, walk).freeze
        settle(lean)
        @wire_mm = legs.sum { |length, climb| Math.hypot(length, climb) } / repeats
        freeze
      end

      # [length, climb] of every leg, in mm, over the settled period: see Pass.
      def legs
        climbs = heights.each_index.map { |i| heights[i] - (i.zero? ? heights.last - period_mm : heights[i - 1]) }
        period_passes.map(&:leg_mm).zip(climbs)
      end

      # How many repeats the settled rise takes to come round (seldom more than one), and its rise in mm.
      def period_mm = advance_mm * repeats

      # The passes of the whole period, in step with heights.
      def period_passes = passes * repeats

      private

      def settle(lean)
        packing = Packing.new(frame, lean:)
        seen = []
        (START_UP + LONGEST_SEARCH).times do
          ys = passes.map { |pass| packing.place(pass) }
          seen << [ys, packing.shape]
          @repeats = period(seen) and break
        end
        read_off(seen)
      end

      # How many repeats back the packing last had the same shape; nil when it never had.
      def period(seen)
        now = seen.last[1]
        (START_UP...seen.size - 1).reverse_each.find { |i| same?(seen[i][1], now) }&.then { |i| seen.size - 1 - i }
      end

      def same?(one, other)
        one.zip(other).all? do |a, b|
          a.size == b.size && a.all? { |key, y| (b[key] - y).abs < Tolerance::PACKING_MM * 10 }
        end
      end

      def read_off(seen)
        @repeats ||= seen.size - 1 - START_UP
        rise = seen.last[0].last - seen[-1 - repeats][0].last
        @advance_mm = rise / repeats
        start = seen[-repeats][0].first
        @heights = seen.last(repeats).flat_map(&:first).map { |y| y - start }.freeze
      end
    end
  end
end
