# frozen_string_literal: true

module Meander
  module Braid
    # One round of any scheme of crossings as round tubes that were laid down by the crossings and then relaxed: every
    # strand draws in as far as the others let it. The round goes on without end, each strand where another one began it
    # a round before. Strands all of one diameter, lengths in diameters. Bounded: so many points, so many rounds of
    # relaxing. Searches are local, so its lengths are assumed until a swatch says what a strand really takes.
    class RelaxedFigure
      # A strand has so many points for each layer of crossings.
      POINTS = 6
      ROUNDS = 120
      # In the last of these little is drawn in any more, and more pushed apart.
      SETTLING = 40
      # How far a point is drawn towards the middle of its neighbours in a round.
      DRAWN = 0.3
      # Tubes keep so far apart, in diameters.
      APART = 1.0
      # The advance of a layer of crossings, in diameters: as the flat braids of 3 to 7 strands, carried on.
      USUAL = ->(strands) { 1.75 + (0.25 * (strands - 3)) }
      TIGHT = ->(strands) { 1.25 + (0.17 * (strands - 3)) }
      # How far apart strands are laid to begin with, and how far over each other.
      LAID = [1.15, 0.55].freeze

      # Braided by hand strands go further out of their way than drawn tight: by so much more than the flat braids of 3
      # to 7 strands take beyond their length (the ratio of PlainFigure's to this), of 8 and 9 carried on; assumed.
      FORMED = {3 => 1.14, 4 => 1.36, 5 => 1.51, 6 => 1.87, 7 => 2.2, 8 => 2.5, 9 => 2.8}.freeze

      # How much more than this relaxed path a strand takes, of a braid where that takes `ratio` mm a mm.
      def self.formed(strands, ratio) = (1 + (FORMED.fetch(strands) * (ratio - 1))) / ratio

      # What is so many diameters away along a strand is a neighbour: half a turn round another.
      NEIGHBOURS = 1.6
      # Tubes are looked for in squares one diameter wide: so many columns of them, the braid in the middle.
      COLUMNS, MIDDLE = 64, 32
      BESIDE = [-1, 0, 1].freeze

      KEPT = Kept.new(64)

      # lines: by place, [[x, y, z], ...] from y = 0 to the end of the round; clear: the least distance of two tubes, in
      # diameters.
      attr_reader :lines, :advance

      # The same scheme at the same advance is relaxed once.
      def self.of(scheme, advance)
        KEPT.fetch([scheme.strands, scheme.to_s, advance.round(4)]) { new(scheme, advance) }
      end

      # advance: of the round, in diameters.
      def initialize(scheme, advance)
        @scheme = scheme
        @advance = advance
        @layers = scheme.layers
        @steps = POINTS * @layers.size
        @x, @y, @z = laid.flatten(1).transpose
        @along, @thread = threaded
        @reach = (@steps / advance * NEIGHBOURS).ceil
        relax
        @lines = Array.new(scheme.strands) { |place| line(place).freeze }.freeze
        freeze
      end

      # The nearest that two strands come to each other, in diameters.
      def clearance
        nearest = Float::INFINITY
        (0...@x.size).to_a.combination(2) do |one, other|
          next if neighbours?(one, other)

          square = ((@x[one] - @x[other])**2) + (off(one, other)**2) + ((@z[one] - @z[other])**2)
          nearest = square if square < nearest
        end
        Math.sqrt(nearest)
      end

      private

      def strands = @scheme.strands

      # How far apart two points are along the braid, which goes on round and round.
      def off(one, other)
        apart = @y[one] - @y[other]
        apart - ((apart / @advance).round * @advance)
      end

      # Points are numbered strand by strand. Strands that go on in each other, round after round, are one thread: how
      # far along its thread each point is, and how long that is, in points.
      def threaded
        along, long = Array.new(@x.size), Array.new(@x.size)
        seen = Array.new(strands)
        strands.times do |first|
          next if seen[first]

          thread = [first]
          thread << @scheme.to(thread.last) until @scheme.to(thread.last) == first
          thread.each_with_index do |strand, k|
            seen[strand] = true
            @steps.times do |i|
              along[(strand * @steps) + i] = [first, (k * @steps) + i]
              long[(strand * @steps) + i] = thread.size * @steps
            end
          end
        end
        [along, long]
      end

      # Points of one thread so near each other along it that they are neighbours.
      def neighbours?(one, other)
        (thread, at), (own, here) = @along[one], @along[other]
        return false unless thread == own

        apart = (at - here).abs
        [apart, @thread[one] - apart].min <= @reach
      end

      # Layer by layer each strand goes straight to its next place, over or under.
      def laid
        wide, high = LAID
        lying = [*0...strands]
        lines = Array.new(strands) { [] }
        @layers.each_with_index do |layer, at|
          goes = Array.new(strands) { |place| [place, 0] }
          layer.each do |crossing|
            left = crossing.gap - 1
            goes[left] = [left + 1, crossing.right? ? 1 : -1]
            goes[left + 1] = [left, crossing.right? ? -1 : 1]
          end
          lying.each_with_index do |strand, place|
            to, over = goes[place]
            POINTS.times do |step|
              share = step / POINTS.to_f
              x = place + ((to - place) * (1 - Math.cos(Math::PI * share)) / 2)
              lines[strand] << [(x - ((strands - 1) / 2.0)) * wide, advance * (at + share) / @layers.size,
                over * high * Math.sin(Math::PI * share)]
            end
          end
          lying = lying.each_with_index.sort_by { |_, place| goes[place][0] }.map(&:first)
        end
        lines
      end

      def relax
        ROUNDS.times do |round|
          settling = round >= ROUNDS - SETTLING
          draw_in(settling ? DRAWN / 6 : DRAWN)
          (settling ? 2 : 1).times { push_apart }
        end
        12.times { push_apart }
      end

      # Every point towards the middle of its neighbours, round on round.
      def draw_in(share)
        [@x, @y, @z].each_with_index do |mm, axis|
          round = (axis == 1) ? advance : 0.0
          before, first = ends(mm, round)
          strands.times do |strand|
            from = strand * @steps
            last = before[strand]
            @steps.times do |i|
              now = mm[from + i]
              after = (i == @steps - 1) ? first[strand] : mm[from + i + 1]
              mm[from + i] = now + (share * (((last + after) / 2) - now))
              last = now
            end
          end
        end
      end

      # What comes before a strand's first point and after its last one.
      def ends(mm, round)
        [Array.new(strands) { |strand| mm[(@scheme.order[strand] * @steps) + @steps - 1] - round },
          Array.new(strands) { |strand| mm[@scheme.to(strand) * @steps] + round }]
      end

      # Each pair that is too near by halves, found by the squares they lie in.
      def push_apart
        rows = [advance.floor, 1].max
        squares = @x.each_index.group_by { |at| square((@y[at] * rows / advance).floor % rows, @x[at].floor) }
        squares.each do |key, here|
          row, column = key.divmod(COLUMNS)
          onward = (row + 1) % rows
          beside = [square(row, column + 1 - MIDDLE)]
          beside += BESIDE.map { |by| square(onward, column + by - MIDDLE) } if onward != row
          near = beside.filter_map { |other| squares[other] }
          here.each_with_index do |one, i|
            part(one, here[i += 1]) while i < here.size - 1
            near.each { |others| others.each { |other| part(one, other) } }
          end
        end
      end

      def square(row, column) = (row * COLUMNS) + column + MIDDLE

      def part(one, other)
        dx = @x[one] - @x[other]
        return if dx >= APART || dx <= -APART

        dz, dy = @z[one] - @z[other], off(one, other)
        square = (dx * dx) + (dy * dy) + (dz * dz)
        return if square >= APART || square < 1e-12 || neighbours?(one, other)

        apart = Math.sqrt(square)
        half = (APART - apart) / apart / 2
        @x[one] += half * dx
        @x[other] -= half * dx
        @y[one] += half * dy
        @y[other] -= half * dy
        @z[one] += half * dz
        @z[other] -= half * dz
      end

      # From where the round before joins on to where the next one does.
      def line(place)
        from, to = place * @steps, @scheme.to(place) * @steps
        points = (from...(from + @steps)).map { |at| [@x[at], @y[at], @z[at]] }
        points << [@x[to], @y[to] + advance, @z[to]]
      end
    end
  end
end
