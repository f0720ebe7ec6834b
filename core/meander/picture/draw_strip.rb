# frozen_string_literal: true

module Meander
  module Picture
    # Draws a planned piece as a display list: y runs along the work from the start of the weave, x across it from the
    # first base wire, z towards the maker; mm.
    class DrawStrip
      # How much of a weaving-wire tail is drawn, in mm.
      TAIL_SHOWN_MM = 1.6

      def self.call(layout, fit, account) = new(layout, fit, account).call

      def initialize(layout, fit, account)
        @layout = layout
        @fit = fit
        @account = account
        @shapes = ShapeTable.new
      end

      def call
        strip = @layout.strip(@fit.repeats)
        cells = strip.runs.map(&:repeat).uniq(&:object_id)
        drawn = cells.map { |repeat| Cell.build(repeat, @shapes) }
        placements = strip.runs.map do |run|
          {cell: cells.index { |repeat| repeat.equal?(run.repeat) }, at: run.from_mm,
            step: run.repeat.period_mm, count: run.count / run.repeat.repeats}
        end
        DisplayList.new(rods: rods, shapes: @shapes.to_a, cells: drawn, placements:, strands: strands(drawn), marks: marks,
                        colours: colours, weaving: @layout.piece.weaving_wire.id,
                        wire_mm: @layout.frame.wire_mm)
      end

      private

      def colours = @layout.piece.wires.to_h { |wire| [wire.id, wire.material.colour] }

      def rods
        @layout.piece.base_wires.zip(@layout.frame.centres).map do |wire, x|
          {wire: wire.id, d: wire.mm, x:, from: -@fit.bare_mm, to: @fit.woven_mm + @fit.bare_mm}
        end
      end

      def strands(cells)
        @layout.endings.flat_map { |side, ending| ending.strands.map { |id, strand| ending_strand(side, id, strand) } } +
          tails(cells)
      end

      def ending_strand(side, id, strand)
        edge = @fit.bare_mm + ((side == "end") ? @fit.woven_mm : 0.0)
        sign = (side == "end") ? 1.0 : -1.0
        {wire: id, d: @layout.piece.wire(id).mm, points: strand.points.map { |x, y, z| [x, sign * (edge + y), z] }}
      end

      # The weaving wire's two ends, led out sideways where it begins and stops.
      def tails(cells)
        first = cells.first.first_stroke(@shapes.to_a).points.first
        last = cells.last.last_stroke(@shapes.to_a).points.last
        shown = [@layout.piece.allowance_mm(:tail), TAIL_SHOWN_MM].min
        offset = @fit.woven_mm - cells.last.period_mm
        [tail(first, shown, 0.0), tail(last, shown, offset)].compact
      end

      def tail(point, shown, offset)
        return if shown.zero?

        x, y, z = point
        {wire: @layout.piece.weaving_wire.id, d: @layout.frame.wire_mm, points: [[x, y + offset, z], [x - shown, y + offset, z]]}
      end

      def marks
        ends = [["start", 0.0], ["middle", @fit.woven_mm / 2], ["end", @fit.woven_mm]]
        edge = @layout.coil.advance_mm * @layout.piece.pattern[:anchor]
        joins = @account.lengths.drop(1).map { |length| ["join", edge + (@layout.pattern.advance_mm * (length.first - 1))] }
        (ends + joins).map { |kind, at| {kind:, at:} }
      end
    end
  end
end
