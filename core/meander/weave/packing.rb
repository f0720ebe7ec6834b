# frozen_string_literal: true

module Meander
  module Weave
    # Where every pass comes to rest when it is pushed tight against the work: one height y per pass, in mm.
    #
    # A pass settles on what lies under it on its own face; a narrow gap lets one wire through at a time; and since
    # the passes are one wire, each may lean back from the last by at most `lean` times its own length.
    #
    # The state is mutable and private to one run; Repeat reads the settled rise off it.
    class Packing
      # lean: mm back per mm of wire (0 for a wire that cannot lean).
      def initialize(frame, lean:)
        @frame = frame
        @lean = lean
        @step = frame.lay_mm
        @front = Array.new(frame.count, -@step)
        # A fresh wire: the back starts half a step behind, so that a plain coil is an exact helix.
        @back = Array.new(frame.count, -@step / 2)
        @slots = Array.new(frame.count + 1, -@step)
        @crossings = Array.new(frame.count + 1, -@step)
        @last = nil
      end

      # The same base wires with nothing on them yet.
      def fresh = Packing.new(@frame, lean: @lean)

      # Settles the next pass and answers its height y.
      def place(pass)
        heights = pass.face.positive? ? @front : @back
        y = heights[pass.wires.first, pass.wires.size].max + @step
        y = [y, @last - (@lean * pass.length_mm)].max if @last
        y = through_gap(pass, y)
        heights.fill(y, pass.wires.first, pass.wires.size)
        @last = y
      end

      # Every height relative to the last pass, for finding out when the rise repeats; what was never touched stays out.
      def shape
        [[@front, -@step], [@back, -@step / 2], [@slots, -@step], [@crossings, -@step]].flat_map do |heights, fresh|
          heights.map { |y| (y == fresh) ? 0.0 : y - @last } # rubocop:disable Lint/FloatComparison -- untouched is exactly fresh
        end
      end

      private

      def through_gap(pass, open_y)
        narrow = pass.narrowness
        y = narrow.positive? ? narrow_y(pass, open_y, narrow) : open_y
        return y if pass.coils || narrow >= 1.0

        @crossings[pass.from] = [y, @crossings[pass.from] + @step].max
      end

      # In the narrowest gap every passage takes a whole step of it, near twice the width two share one.
      def narrow_y(pass, open_y, narrow)
        gap = pass.from
        taken = @step * (1 + narrow) / 2
        lowest = [@last || open_y, open_y].min
        @slots[gap] = [@slots[gap] + taken, lowest].max
        [open_y, @slots[gap] - (@lean * pass.length_mm)].max
      end
    end
  end
end
