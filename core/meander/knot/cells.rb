# frozen_string_literal: true

module Meander
  module Knot
    # The way of every cord through a knot, as it is drawn: [[x, y, z], ...] for each of its places from the left, from
    # its middle line and where it begins; x as Course has it, z towards the maker; mm. Knots relaxed as tubes
    # (CellTable), brought to other cords by moving their sides apart and out; what was not relaxed is laid. The tables
    # look at the work from where it begins, up along it; hung, it is turned round, and so the other way across.
    class Cells
      # How far a spiral turns with each half knot, by fillers, in degrees (relaxed 35.8, 30.1 and 19.1; parts of a
      # full turn, so that few are drawn).
      TURN = {1 => 36, 2 => 30, 3 => 30, 4 => 20}.freeze
      ALONG = %w[2.1 2.5 3].to_h { |text| [text.to_f, text] }.freeze

      # Knots of one kind and size that turn what they are tied in look alike at the same of these.
      def self.phase(knot)
        case knot.kind
        when "half" then knot.twist % (360 / turn(knot.cords.size - 2))
        when "crown" then Crown.phase(knot.cords.size, knot.twist)
        else 0
        end
      end

      # thick: how thick the cords are, from the left.
      # @return [Array<Array>] a line for each place
      def self.of(knot, course, thick) = new(knot, course, thick).lines

      # How far a spiral turns with each half knot round so many fillers, in degrees.
      def self.turn(fillers) = TURN.fetch(fillers, 20)

      # A double half hitch round what lies across, its middle at the origin: [[x, y, z], ...] from above down. held,
      # own: how thick that and the cord are; along: from hitch to hitch; row: how high, with what runs straight where
      # that is higher than both its turns.
      def self.hitch(held, own, along, row)
        thick = ((held / own) < 1.25) ? 1.0 : 1.5
        # Farther apart they lie as they do by themselves.
        wires = [along / own, ALONG.keys.max].min
        from = ALONG.keys.min_by { |key| (key - wires).abs }
        points = CellTable::POINTS.fetch("hitch #{Units::Text.number(thick, 1)} #{ALONG.fetch(from)}")[1..-2]
        high = [row, Gauge.row_mm(held, own)].min
        wide, deep, tall = [wires / from, 1.0].max * own, (held - (thick * own)) / 2, high / (thick + 2)
        straight_on(points.map { |x, y, z|
          [x * wide, y * tall, (z * own) + (deep * (2 * z).clamp(-1.0, 1.0))]
        }, (row - high) / 2)
      end

      # So far further straight up and down.
      def self.straight_on(line, more)
        return line if more < 1e-9

        (ax, ay, az), (bx, by, bz) = line.first, line.last
        [[ax, ay - more, az], *line, [bx, by + more, bz]]
      end
      private_class_method :straight_on

      def initialize(knot, course, thick)
        @knot = knot
        @spacing_mm = course.spacing_mm
        @thick = knot.cords.map { |cord| thick[cord] }
        @ways = Ways.of(knot, @spacing_mm, thick)
      end

      def lines = made.map { |line| line.map { |x, y, z| [-x, y, z] } }

      private

      def made
        case @knot.kind
        when "square", "half" then around
        when "bar", "diagonal" then barred
        when "vertical" then verticals
        when "overhand" then overhand
        when "wrap" then wrapped
        when "crown" then crowned
        else exchanged
        end
      end

      # A place of the work as the tables look at it.
      def here((x, y)) = [-x, y]

      def size = @knot.size
      def cord = (@thick.first + @thick.last) / 2

      # Two cords round the others: as the table has it where the right one is in front first, mirrored where the left.
      def around
        hull = Hull.new(@thick.size - 2, @thick[1..-2].sum / (@thick.size - 2))
        front, behind = %w[A B].map { |name| tied(name, hull) }
        far = @ways.first.leaves[1] - @ways.first.enters[1]
        lines = [behind, *fillers(hull, far), front]
        lines = lines.map { |line| line.map { |x, y, z| [-x, y, z] } }.reverse if @knot.hand == "left"
        beaded(lines)
      end

      def half? = @knot.kind == "half"

      # As many fillers as there is a table for.
      def table(count) = half? ? {1 => 1, 2 => 2, 3 => 2}.fetch(count, 4) : [count, 4].min

      # Straight through; in a spiral as that turns them.
      def fillers(hull, far)
        if half? && table(hull.count) == hull.count
          tall = size.advance_mm / Gauge::HALF
          lines = (0...hull.count).map { |i| CellTable::POINTS.fetch("half #{hull.count} F#{i}") }
          lines = lines.map { |line| line.map { |x, y, z| [x * hull.cord_mm, y * tall, z * hull.cord_mm] } }
          return lines.sort_by { |line| -line[0][0] }.map { |line| turned(line, hull.count) }
        end
        hull.places.reverse.map { |x, z| [[x, 0.0, z], [x, far / 2, z], [x, far, z]] }
      end

      def tied(name, hull)
        fillers = table(hull.count)
        apart = Hull.new(fillers, 1.0)
        tall = size.advance_mm / ((half? ? Gauge::HALF : Gauge::SQUARE) * cord)
        wide = (hull.width_mm - (apart.width_mm * cord)) / 2
        deep = (hull.thick_mm - (apart.thick_mm * cord)) / 2
        line = CellTable::POINTS.fetch("#{half? ? "half" : "square"} #{fillers} #{name}").map do |x, y, z|
          [(x * cord) + (wide * (2 * x).clamp(-1.0, 1.0)), y * cord * tall,
            (z * cord) + (deep * (2 * z).clamp(-1.0, 1.0))]
        end
        half? ? turned(line, hull.count) : line
      end

      # The frame of a half knot turns on about the fillers.
      def turned(line, fillers)
        angle = -@knot.twist * Cells.turn(fillers) * Math::PI / 180
        cos, sin = Math.cos(angle), Math.sin(angle)
        line.map { |x, y, z| [(x * cos) - (z * sin), y, (x * sin) + (z * cos)] }
      end

      # Past a bead the working cords go round it.
      def beaded(lines)
        bead = @knot.bead or return lines
        return lines unless bead.around?

        [lines.first, lines.last].each do |line|
          x, y, z = line.last
          radius = (bead.wide_mm + cord) / 2
          (1..12).each do |i|
            share = i / 12.0
            out = [radius * Math.sin(Math::PI * share), x.abs].max
            line << [x.negative? ? -out : out, y + (bead.along_mm * share), z * (1 - Math.sin(Math::PI * share))]
          end
        end
        lines
      end

      # The holder straight on, all others round it.
      def barred
        last = @knot.cords.size - 1
        holder = (@knot.hand == "right") ? 0 : last
        angle = Math.atan2(@knot.fall, @spacing_mm)
        @ways.each_with_index.map do |way, i|
          from, to = here(way.enters), here(way.leaves)
          next across(from, to) if i == holder

          middle = from.zip(to).map { |a, b| (a + b) / 2 }
          hitch(@thick[holder], @thick[i], middle, angle)
        end
      end

      # A holder comes down beside the work, and goes on down there.
      def across((x, y), (to_x, to_y))
        down = (size.advance_mm / 2) - (0.1 * cord)
        [[x, [y - down, 0.0].max, 0.0], [x, y, 0.0], [(x + to_x) / 2, (y + to_y) / 2, 0.0], [to_x, to_y, 0.0],
          [to_x, to_y + down, 0.0]]
      end

      # A double half hitch round what lies across, its middle there; falling by an angle.
      def hitch(held, own, (mx, my), angle)
        along = Math.hypot(@spacing_mm, @knot.fall)
        line = Cells.hitch(held, own, along, size.advance_mm)
        cos, sin = Math.cos(angle), Math.sin(angle)
        line = line.map { |x, y, z| [(x * cos) + (y * sin), (y * cos) - (x * sin), z] }
        line = line.map { |x, y, z| [-x, y, z] } if @knot.hand == "left"
        line.map { |x, y, z| [mx + x, my + y, z] }
      end

      # As a bar on its side: the cord that goes across takes all others, one by one.
      def verticals
        last = @knot.cords.size - 1
        working = (@knot.hand == "right") ? 0 : last
        others = (0..last).to_a - [working]
        others.reverse! if @knot.hand == "left"
        across = others.flat_map do |i|
          (a, _), (b, _) = here(@ways[i].enters), here(@ways[i].leaves)
          Cells.hitch(@thick[i], @thick[working], size.advance_mm, @spacing_mm).map do |x, y, z|
            [((a + b) / 2) - (y * ((@knot.hand == "right") ? 1 : -1)), (size.advance_mm / 2) + x, z]
          end
        end
        @ways.each_with_index.map do |way, i|
          from, to = here(way.enters), here(way.leaves)
          # The one across stays behind, where it turns to the next row too.
          next [[*from, across.first[2]], *across, [*to, across.last[2]]] if i == working

          [[*from, 0.0], [*to, 0.0]]
        end
      end

      # Drawn as one bundle: the first cord as thick as all of them; the others straight through it.
      def overhand
        scale = size.width_mm / 3
        points = CellTable::POINTS.fetch("overhand").select { |x, _, _| x.abs < 2.2 }
        knot = points.map { |x, y, z| [y * scale, (size.advance_mm / 2) + (x * scale * 0.68), z * scale] }
        @ways.each_with_index.map do |way, i|
          from, to = [*here(way.enters), 0.0], [*here(way.leaves), 0.0]
          i.zero? ? [from, *knot, to] : [from, to]
        end
      end

      # Turns beside each other round all the others.
      def wrapped
        own = @thick.first
        hull = Hull.new([@thick.size - 1, 7].min, @thick.drop(1).sum / (@thick.size - 1))
        wide, deep = (hull.width_mm + own) / 2, (hull.thick_mm + own) / 2
        turns = @knot.turns
        coil = (0..(turns * 16)).map do |i|
          angle = 2 * Math::PI * i / 16
          [wide * Math.cos(angle), size.advance_mm * i / (turns * 16), deep * Math.sin(angle)]
        end
        [coil, *@ways.drop(1).each_with_index.map { |way, i| bundled(way, hull.places.reverse[i]) }]
      end

      # Through the wraps at a place of the bundle; more cords than a bundle is told of go through its middle.
      def bundled(way, (x, z))
        return [[x, 0.0, z], [x, size.advance_mm, z]] if x

        [[*here(way.enters), 0.0], [*here(way.leaves), 0.0]]
      end

      def crowned
        mean = @thick.sum / @thick.size
        Crown.lines(@thick.size, @knot.hand, @knot.twist, cord_mm: mean, advance_mm: size.advance_mm)
      end

      # What comes outside goes over.
      def exchanged
        @ways.each_with_index.map do |way, i|
          from, to = here(way.enters), here(way.leaves)
          high = cord * Gauge::CHANGED[i]
          (0..Gauge::ARCHED).map do |n|
            share = n / Gauge::ARCHED.to_f
            [from[0] + ((to[0] - from[0]) * share), from[1] + ((to[1] - from[1]) * share),
              high * Math.sin(Math::PI * share)]
          end
        end
      end
    end
  end
end
