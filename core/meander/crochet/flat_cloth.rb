# frozen_string_literal: true

module Meander
  module Crochet
    # Rows over each other, turned at their ends: x across, y from row to row, z towards the maker. Row 0 is made from
    # left to right, row 1 back from right to left with its face to the maker, row 2 is seen from behind again. All in
    # mm.
    class FlatCloth < Cloth
      # A row as it lies. count: of its places; from: where its first place stands; side: 1 where it faces the maker, -1
      # where it was turned; at: how high its heads lie; wide: how wide its stitches lie, as a share of what they are.
      Row = Struct.new(:count, :from, :side, :at, :step, :wide) do
        def x(place) = from + (place * step)
        def across = count * step.abs
      end

      attr_reader :rows

      # stretch: of what is worked round a bend, by the height of a row, how much longer a row is there than the first:
      # as many stitches more as that have room over it, as many fewer fill it. Nil where nothing bends it.
      def initialize(fabric, cells, first_row = nil, stretch: nil)
        super(fabric, cells, first_row)
        @stretch = stretch
        @rows = lay.freeze
      end

      def height_mm = rows.last.at

      # [[x, x], [y, y]] of what it covers.
      def reach
        half = @gauge.stitch_mm / 2
        xs = rows.flat_map { |row| [row.x(0), row.x(row.count - 1)] }.minmax
        [[xs[0] - half, xs[1] + half], [low, height_mm + (@gauge.bundle_mm / 2)]]
      end

      # The middle line of each row as it is worked: [[[x, y], [x, y]], ...].
      def courses
        rows.drop(fabric.begun.chains.zero? ? 1 : 0).map do |row|
          half = row.step / 2
          [[row.x(0) - half, row.at], [row.x(row.count - 1) + half, row.at]]
        end
      end

      # Where a bead of a stitch lies: [x, y], on which side it is seen (1 before, -1 behind), and which way its hole
      # leads. It comes to lie on the side away from the maker.
      def spot(number, place)
        row = rows[number]
        kind_mm = number.zero? ? 0.0 : row.at - rows[number - 1].at
        [[row.x(place), row.at - (kind_mm / 2)], -row.side, [1.0, 0.0]]
      end

      def each_cell
        return enum_for(:each_cell) unless block_given?

        number = 0
        unless fabric.begun.chains.zero?
          fabric.begun.count.times { |i| yield link(number += 1, i) }
          yield turn(1, number += 1) if fabric.rows.any?
        end
        fabric.rows.each_with_index do |row, i|
          number = worked(row, i + 1, number) { |cell| yield cell }
          yield turn(i + 2, number += fabric.chains_up(i + 2)) if i + 1 < fabric.rows.size
        end
      end

      private

      def low = fabric.begun.chains.zero? ? 0.0 : -@gauge.bundle_mm * 3.5

      def lay
        at = 0.0
        first = Row.new(fabric.begun.heads, -@gauge.stitch_mm * (fabric.begun.heads - 1) / 2, -1, 0.0, @gauge.stitch_mm,
          1.0)
        fabric.rows.each_with_index.each_with_object([first]) do |(row, i), all|
          side = i.even? ? 1 : -1
          at += @cells.height_mm(row.tallest || "single")
          wide = wide(row.heads * @gauge.stitch_mm, all.last.across, at)
          step = -side * @gauge.stitch_mm * wide
          from = middle(row, all.last, side, wide) - (step * (row.heads - 1) / 2)
          all << Row.new(row.heads, from, side, at, step, wide).freeze
        end
      end

      # How wide stitches lie that would take so much by themselves, over a row that takes so much.
      def wide(own_mm, below_mm, height)
        return 1.0 unless @stretch

        (own_mm / @stretch[height]).clamp(*[own_mm, below_mm].minmax).fdiv(own_mm).round(9)
      end

      # Where the middle of a row stands: over that of what it is worked into.
      def middle(row, below, side, wide)
        feet = (row.takes == below.count) ? [0, below.count - 1] : row.each_stitch.flat_map(&:feet).minmax
        feet = [0, below.count - 1] if feet.compact.empty?
        below.x(below.count - 1 - (feet.sum / 2.0)) + (side * wide * @cells.shift(row.tallest || "single").along)
      end

      def link(number, place)
        row = rows.first
        placed([:chain, row.side], [row.x(place), 0.0, 0.0], number, "chain", 0) do
          page(@cells.link(fabric.rows.first&.tallest || "single"), -1, out(0))
        end
      end

      def offs(stitch, number)
        lies, below = rows[number], rows[number - 1]
        x = lies.x(stitch.head)
        stitch.feet.map do |foot|
          base = below.x(below.count - 1 - foot)
          off(stitch, (lies.side * (x - base) / lies.wide) - @cells.shift(stitch.kind).along).round(3)
        end
      end

      def laid(stand, row, place, before, number)
        lies, stitch, offs = rows[row], stand.stitch, stand.offs || []
        kind, side, x = stitch.kind, lies.side, lies.x(place)
        before = nil if before == kind
        height = @cells.height_mm((kind == "picot") ? "chain" : kind)
        key = [kind, side, offs, stand.among, stand.before, stand.after, before, (row == 1 if @first_row), lies.wide]
        placed([*key, (out(row) if side == -1)], [x, lies.at, 0.0], number, kind, row) do
          line = met((kind == "picot") ? picot : @leaning.line(stand), before)
          page(round_wire(line, stitch, row, height), side, out(row), lies.wide)
        end
      end

      # How far out of the cloth the cells of a turned row stand; of the beginning as what is worked into it asks.
      def out(number)
        row = fabric.rows[[number - 1, 0].max]
        @cells.shift(row&.tallest || "single").out
      end

      # From the places of a cell to those of the page; out, wide: of its row.
      def page(line, side, out, wide = 1.0)
        line.map { |x, y, z| (side == 1) ? [-x * wide, y, z] : [x * wide, y, out - z] }
      end

      # The chains from the end of a row up to the next one, round its edge, with half a twist.
      def turn(number, last)
        below, above = rows[number - 1], rows[number]
        count = (number == 1) ? 1 : fabric.chains_up(number)
        count = 1 if count.zero?
        from = below.x(below.count - 1) + below.step
        to = above.x(0)
        tall = above.at - below.at
        outs = (below.side == 1) ? [0.0, out(number)] : [out(number - 1), 0.0]
        rise = [tall.round(3), (to - from).round(3), count, below.side, outs, [below.wide, above.wide]]
        placed([:turn, *rise], [from, below.at, 0.0], last, "chain", number) { turned(*rise) }
      end

      def turned(tall, over, count, side, outs, wides)
        single = @cells.stitch("chain")
        begun, s = single.first[0], @gauge.stitch_mm
        ahead = -side
        start = [ahead * begun * wides[0], 0.0]
        stop = [over + (side * begun * wides[1]), tall]
        way = TurnWay.new(start, stop, ahead, tall / 2, outs)
        (0...count).flat_map do |i|
          single.map { |x, y, z| way.at((x - begun + (i * s)) / (count * s), y, z, s * count) }
        end
      end
    end
  end
end
