# frozen_string_literal: true

module Meander
  module Weave
    # Where every pass comes to rest when it is pushed tight against the work: one height y per pass, in mm.
    #
    # A pass settles on what lies under it on its own face; a narrow gap lets one wire through at a time; and since
    # the passes are one wire, each may lean back from the last by at most `lean` times its own length. Between the
    # narrowest gap (one weaving wire) and a wide one (two) the rise is interpolated, as real wire does not jump.
    #
    # The state is mutable and private to one run; RepeatRise reads the settled rise off it.
    class Packing
      # lean: mm back per mm of wire (0 for a wire that cannot lean).
      def initialize(frame, lean:)
        @frame = frame
        @lean = lean
        @step = frame.wire_mm
        @heights = {}
        @slots = Hash.new(-@step)
        @crossings = Hash.new(-@step)
        @last = nil
      end

      # Settles the next pass and answers its height y.
      def place(pass)
        y = pass.wires.map { |wire| height(wire, pass.face) }.max + @step
        y = [y, @last - (@lean * pass.length_mm)].max if @last
        y = through_gap(pass, y)
        pass.wires.each { |wire| @heights[[wire, pass.face]] = y }
        @last = y
      end

      # Every height relative to the last pass, for finding out when the rise repeats.
      def shape = [@heights, @slots, @crossings].map { |table| table.transform_values { |y| y - @last } }

      private

      # A fresh wire: the back starts half a step behind, so that a plain coil is an exact helix.
      def height(wire, face) = @heights.fetch([wire, face], face.positive? ? -@step : -@step / 2)

      def through_gap(pass, open_y)
        narrow = narrowness(pass.from)
        y = narrow.positive? ? narrow_y(pass, open_y, narrow) : open_y
        return y if pass.coils || narrow >= 1.0

        @crossings[pass.from] = [y, @crossings[pass.from] + @step].max
      end

      # 1 where one wire passes at a time, 0 from twice the wire upwards and at the outsides.
      def narrowness(gap)
        clear = @frame.clear(gap)
        return 0.0 unless clear && clear < (2 * @step) - Tolerance::PACKING_MM

        ((2 * @step) - clear).clamp(0.0, @step) / @step
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
