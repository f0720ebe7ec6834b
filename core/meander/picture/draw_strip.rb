# frozen_string_literal: true

module Meander
  module Picture
    # Draws a planned piece as a display list: y runs along the work from the start of the weave, x across it from the
    # first base wire, z towards the maker; mm.
    class DrawStrip
      # How much of a weaving-wire tail is drawn, in mm.
      TAIL_SHOWN_MM = 1.6
      # A half of the strip: what is drawn of it (see Woven), the mirror it is drawn in along y (1 or -1), and where its
      # first pass lies.
      Half = Struct.new(:drawn, :along, :from_mm)

      # How thick the outline of a ribbon end is drawn, in mm.
      RIBBON_MM = 0.6

      # turn_rad: how far a drawn step may turn; ends: what stands at its ends and lies on it, see FlushEnds.
      def self.call(strip, turn_rad: Tolerance::PATH_STEP_RAD, ends: FlushEnds.new) = new(strip, turn_rad, ends).call

      def initialize(strip, turn_rad, ends)
        @drawn = strip
        @ends = ends
        @layout = strip.layout
        @shapes = ShapeTable.new(turn_rad:)
        @strip = @layout.strip(strip.repeats)
        @halves = halves
      end

      def call
        strands, woven = bent_rods + @ends.strands(@drawn) + tails, placements
        DisplayList.new(rods: rods, shapes: @shapes.to_a, cells: cells, placements: woven, strands:, marks:,
          colours: colours(rods + strands + woven), wire_mm: @layout.frame.wire_mm,
          centres: @layout.weave.widest.centres, gaps:, counting:, beads: @ends.beads)
      end

      private

      # Of the wires that are drawn, whatever else the piece has.
      def colours(drawn) = @ends.colours(@drawn).slice(*drawn.map { |one| one[:wire] })
      def gaps = (0..@layout.frame.count).map { |gap| @layout.weave.widest.gap_x(gap) }
      def rods = @layout.weave.straight? ? Rods.call(@drawn).map { |rod| rod.except(:number) } : []

      # Base wires whose gaps change along the strip are drawn as they run, from millimetre to millimetre.
      def bent_rods
        return [] if @layout.weave.straight?

        ys = [-@drawn.bare_mm, *(0..@drawn.woven_mm.floor).map(&:to_f), @drawn.woven_mm,
          @drawn.woven_mm + @drawn.bare_mm]
        @drawn.base.each_with_index.map do |wire, i|
          {wire: wire.id, of: nil, d: wire.mm, points: ys.map { |y| [@layout.x_at(i, y, @drawn.woven_mm), y, 0.0] }}
        end
      end

      def halves
        first, second = @layout.halves(@drawn.repeats)
        return [half(first, 1, 0.0, 0)] unless second

        begun, lay = second.woven_mm, @layout.frame.lay_mm / 2
        [half(first, 1, begun + lay, 0), half(second, -1, begun - lay, first.pass_count)]
      end

      def half(strip, along, from_mm, from_pass)
        Half.new(Woven.call(@layout, strip, @shapes, along:, from_pass:), along, from_mm)
      end

      # How the passes of a half are counted: how many the first takes, those before its repeats, how many a repeat
      # takes, how many repeats there are, and how many passes the second half leaves out at its beginning.
      def counting
        {half: @strip.pass_count, before: @layout.weave.passes_before, repeat: @layout.pattern.passes.size,
          repeats: @drawn.repeats / @layout.sides, skipped: @layout.skipped(@layout.sides - 1)}
      end

      def cells = @cells ||= @halves.flat_map { |half| half.drawn.map(&:cell) }.uniq(&:object_id)

      def placements
        place = cells.each_with_index.to_h { |cell, i| [cell.object_id, i] }
        @halves.flat_map do |half|
          half.drawn.flat_map do |drawn|
            drawn.wires.map { |wire, beside|
              {cell: place[drawn.cell.object_id], wire: wire.id, at: half.from_mm + drawn.first_mm + beside,
                step: drawn.step_mm, count: drawn.count, pass: drawn.pass, every: drawn.every}
            }
          end
        end
      end

      # The weaving wire's ends, led out sideways where it begins and stops, unless they are bent to something.
      def tails
        shown = [@layout.section.piece.allowance_mm(:tail), TAIL_SHOWN_MM].min
        return [] if shown.zero?

        ends = @halves.flat_map { |half| half_ends(half) }
        ends.zip(%w[start end]).reject { |_, side| @layout.whole.ended(side) }.map(&:first).flat_map do |point, wires|
          wires.map { |wire, beside| tail(point, wire, beside, shown) }
        end
      end

      # The point where a half ends, and unless it goes on from the other half, where it begins, with the wires drawn
      # there.
      def half_ends(half)
        shapes = @shapes.to_a
        first, last = half.drawn.first, half.drawn.reverse.find { |drawn| drawn.cell.equal?(last_woven(half)) }
        ends = [[last.cell.last_stroke(shapes).points.last,
          half.from_mm + last.first_mm + (last.step_mm * (last.count - 1)), last.wires]]
        ends.unshift([first.cell.first_stroke(shapes).points.first, half.from_mm, first.wires]) if @layout.sides == 1
        ends.map { |(x, y, z), offset, wires| [[x, y + offset, z], wires] }
      end

      # The cell that reaches farthest along.
      def last_woven(half)
        woven = half.drawn.reject { |drawn| drawn.cell.passes.size == 1 }
        reach = ->(drawn) { drawn.cell.passes.last.last + drawn.first_mm + (drawn.step_mm * (drawn.count - 1)) }
        woven.max_by { |drawn| half.along * reach.call(drawn) }.cell
      end

      def tail((x, y, z), wire, beside, shown)
        out = (x <= @layout.frame.centres.first + 1e-9) ? -shown : shown
        {wire: wire.id, of: nil, d: @layout.frame.wire_mm, points: [[x, y + beside, z], [x + out, y + beside, z]]}
      end

      def marks
        ends = [["start", 0.0], ["middle", @drawn.woven_mm / 2], ["end", @drawn.woven_mm]]
        joins = @drawn.account.joins.map { |_, at| ["join", at] }
        (ends + joins).map { |kind, at| {kind:, at:} }
      end
    end
  end
end
