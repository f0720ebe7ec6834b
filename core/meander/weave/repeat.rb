# frozen_string_literal: true

module Meander
  module Weave
    # One settled repeat of a walk on a frame: its passes, their heights, its rise along the strip and its wire (wire_mm: the
    # turns and straights, each lengthened by what it climbs).
    class Repeat
      # A rise that does not come round within so many repeats is taken as its mean over them, once that mean stays as it is. How the
      # wire lay at its start may show for long where passes are long: so many passes are laid at the most.
      LONGEST_SEARCH = 60
      MOST_PASSES = 40_000
      STEADY_MM = 1e-6
      # How many repeats it takes to catch up with a wire of lean: seldom more than one, taken as four.
      DRIFT = 4

      attr_reader :frame, :walk, :passes, :heights, :places, :slants, :packed_mm, :advance_mm, :repeats, :wire_mm

      # table: the PassTable of the frame; lean: see Packing; pitch_mm: the rise of an open weave, nil for a tight one.
      # @raise [Error] when the pitch is below the packed rise
      # @example
      #   frame = Frame.tight(base_mm: [0.8, 0.8], wire_mm: 0.315, visited: [0, 1, 2])
      #   Repeat.new(frame, Walk.coils(3, 3), lean: 0.3).advance_mm.round(3) #=> 1.89
      def initialize(frame, walk, lean:, table: PassTable.new(frame), pitch_mm: nil)
        @frame = frame
        @walk = walk
        @lean = lean
        @passes = table.closed(walk.closed_gaps).freeze
        settle
        open_up(pitch_mm || packed_mm)
        @places = by_wire.freeze
        @slants = Slant.call(frame, period_passes, heights, period_mm)
        @wire_mm = length_mm / repeats
        freeze
      end

      # How many repeats the settled rise takes to come round (seldom more than one), and its rise in mm.
      def period_mm = advance_mm * repeats

      # The passes of the whole period, in step with heights and slants.
      def period_passes = passes * repeats

      # How far the repeat can be pulled out, in mm: until every pass leans as far as it may. It cannot be pushed below packed_mm.
      def loosest_mm = [packed_mm, @lean * passes.sum(&:length_mm)].max

      private

      # The places of all passes by base wire: [front, back], each a list a wire, in mm from the repeat's first pass.
      def by_wire
        front, back = [1, -1].map { Array.new(frame.count) { [] } }
        period_passes.each_with_index do |pass, i|
          here = pass.face.positive? ? front : back
          pass.wires.each { |wire| here[wire] << heights[i] }
        end
        [front, back]
      end

      def settle
        packing = Packing.new(frame, lean: @lean)
        seen = []
        (MOST_PASSES / passes.size).clamp(LONGEST_SEARCH + 2, nil).times do
          ys = passes.map { |pass| packing.place(pass) }
          seen << [ys, packing.shape]
          @repeats = period(seen)
          break if repeats || steady?(seen)
        end
        read_off(seen)
      end

      # How many repeats back the packing last had the same shape, after which it must go on in the same way; nil when it never had.
      def period(seen)
        now = seen.last[1]
        (2..[LONGEST_SEARCH, seen.size].min).find { |back| same?(seen[-back][1], now) }&.then { |back| back - 1 }
      end

      # Do the last repeats rise as those before them did? Not before the wire has caught up with how far it leaned back at its start.
      def steady?(seen)
        caught_up = DRIFT * @lean * passes.map(&:length_mm).max / frame.wire_mm
        return false unless seen.size > (2 * LONGEST_SEARCH) + caught_up && (seen.size % LONGEST_SEARCH).zero?

        now, before, first = [-1, -1 - LONGEST_SEARCH, -1 - (2 * LONGEST_SEARCH)].map { |at| seen[at][0].last }
        ((now - before) - (before - first)).abs < STEADY_MM
      end

      def same?(one, other) = one.zip(other).all? { |a, b| (b - a).abs < Tolerance::PACKING_MM * 10 }

      def read_off(seen)
        @repeats ||= LONGEST_SEARCH
        rise = seen.last[0].last - seen[-1 - repeats][0].last
        @packed_mm = rise / repeats
        start = seen[-repeats][0].first
        @heights = seen.last(repeats).flat_map(&:first).map { |y| y - start }
      end

      # An open weave spreads what it has over the packed rise evenly over its passes.
      def open_up(pitch_mm)
        if pitch_mm < packed_mm - 1e-6
          raise Error, "a pitch of #{Units::Text.number(pitch_mm, 3)} mm is below the packed #{Units::Text.number(packed_mm, 3)} mm"
        end

        @advance_mm = [pitch_mm, packed_mm].max
        each_mm = (advance_mm - packed_mm) / passes.size
        @heights = heights.each_with_index.map { |y, i| y + (each_mm * i) }.freeze
      end

      def length_mm
        last = heights.last - period_mm
        period_passes.each_with_index.sum do |pass, i|
          climb = heights[i] - last
          last = heights[i]
          Math.hypot(pass.straight_mm, slants[i]) + Math.hypot(pass.turn_mm, climb - slants[i])
        end
      end
    end
  end
end
