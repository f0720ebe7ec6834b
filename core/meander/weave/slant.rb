# frozen_string_literal: true

module Meander
  module Weave
    # How much of its climb each pass makes on its straight, in mm from the straight's beginning to its end.
    #
    # A taut wire climbs evenly over its turn and its straight. Where passes of different steepness lie beside each other that
    # would press one into the other; they are then laid flatter, and climb more on their turns, until no two straights on
    # one face come closer than CLOSEST of what a pass takes up.
    class Slant
      CLOSEST = 0.9
      # Every round lays crowding straights flatter by this; what still crowds after so many rounds is laid level.
      FLATTER = 0.92
      ROUNDS = 40

      # passes and heights: one settled period; period_mm: its rise, nil for a strip that does not go on.
      def self.call(frame, passes, heights, period_mm) = new(frame, passes, heights, period_mm).call

      def initialize(frame, passes, heights, period_mm)
        @frame = frame
        @passes = passes
        @heights = heights
        @period_mm = period_mm
        @slants = passes.each_index.map { |i| taut(i) }
        @least_mm = (CLOSEST * frame.lay_mm) - Tolerance::PACKING_MM
      end

      def call
        pairs = neighbours
        touching = pairs.each_with_object(Array.new(@passes.size) { [] }) { |pair, found| pair.passes.each { |i| found[i] << pair } }
        crowding = pairs.select { |pair| crowds?(pair) }
        # From ROUNDS on every round lays level what lies askew, so there are no more than ROUNDS and one for each pass.
        round = 0
        until crowding.empty?
          eased = ease(crowding, ((round += 1) < ROUNDS) ? FLATTER : 0.0)
          crowding = eased.flat_map { |i| touching[i] }.uniq(&:object_id).select { |pair| crowds?(pair) }
        end
        @slants.freeze
      end

      private

      def taut(index)
        pass = @passes[index]
        before = index.zero? ? first_entry : @heights[index - 1]
        (@heights[index] - before) * pass.straight_mm / pass.length_mm
      end

      def first_entry = @period_mm ? @heights.last - @period_mm : @heights.first

      # Lays the passes of these pairs flatter, and answers which they are.
      def ease(pairs, factor) = pairs.flat_map(&:passes).uniq.each { |i| @slants[i] *= factor }

      # Two passes that lie next to each other on a face, at the two ends of what they share. A straight is straight, so they are
      # nearest at one of them. below_drops, above_drops: how far each straight lies from its end's height there, as shares of its
      # slant.
      Pair = Struct.new(:below, :above, :apart_mm, :below_drops, :above_drops) do
        def passes = [below, above]
      end

      def neighbours
        [1, -1].flat_map do |face|
          shared = {}
          lying(face).each_with_index { |here, wire| next_to_each_other(here) { |below, above| (shared[(below * @passes.size) + above] ||= [wire, wire])[1] = wire } }
          shared.map { |key, ends| pair(*key.divmod(@passes.size), ends) }
        end
      end

      def pair(below, above, ends)
        Pair.new(below, above, apart_mm(below, above), ends.map { |wire| drop(@passes[below], wire) }, ends.map { |wire| drop(@passes[above], wire) })
      end

      # The lower pass of the next period lies above the highest of this one.
      def apart_mm(below, above)
        apart = @heights[above] - @heights[below]
        (apart.positive? || @period_mm.nil?) ? apart : apart + @period_mm
      end

      # The passes on each base wire, from the lowest up.
      def lying(face)
        on = Array.new(@frame.count) { [] }
        order = @passes.each_index.select { |i| @passes[i].face == face }.sort_by { |i| @heights[i] }
        order.each { |i| @passes[i].wires.each { |wire| on[wire] << i } }
        on
      end

      def next_to_each_other(here)
        here.each_with_index do |below, k|
          above = here[k + 1] || (@period_mm ? here.first : below)
          yield below, above if below != above && !level?(below, above) && apart_mm(below, above) < reach_mm
        end
      end

      # Round one base wire there is no straight that could lie askew.
      def level?(below, above) = @passes[below].wires.size == 1 && @passes[above].wires.size == 1

      # Passes further apart than this cannot be brought too close by their slants.
      def reach_mm = @reach_mm ||= @frame.lay_mm + (2 * @slants.map(&:abs).max)

      # A straight is straight: what two share is nearest at one end of it. Two that lie level are not crowded by their slants.
      def crowds?(pair)
        below, above = @slants[pair.below], @slants[pair.above]
        nearest = [0, 1].map { |i| (above * pair.above_drops[i]) - (below * pair.below_drops[i]) }.min
        pair.apart_mm + nearest < @least_mm && !(below.zero? && above.zero?)
      end

      # How far before its end a straight crosses a base wire: 0 at its end, -1 at its beginning.
      def drop(pass, wire)
        return 0.0 if pass.wires.size == 1

        centres = pass.frame.centres
        first, last = centres[pass.wires.first], centres[pass.wires.last]
        share = (centres[wire] - first) / (last - first)
        (pass.to < pass.from) ? -share : share - 1
      end
    end
  end
end
