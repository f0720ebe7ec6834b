# frozen_string_literal: true

module Meander
  module Braid
    # Round tubes that go on without end, each in itself or in another one, with beads on them: drawn in and pushed
    # apart by turns. Lengths in tubes. Mutable, as it is relaxed.
    class Tubes
      ROUNDS = 120
      # In the last of these little is drawn in any more, and more pushed apart.
      SETTLING = 40
      # How far a point is drawn towards the middle of its neighbours in a round.
      DRAWN = 0.3
      # What is so many diameters away along a tube is a neighbour: half a turn round another.
      NEIGHBOURS = 1.6
      # Tubes are looked for in squares as wide as the thickest: so many columns of them, the middle of all in one.
      COLUMNS, MIDDLE = 64, 32
      BESIDE = [-1, 0, 1].freeze

      # points: of all tubes, as many of each, one after another; order: in which tube the one at a place goes on from:
      # the tube that ends there; advance: how far they go on.
      def initialize(points, count, order, advance)
        @x, @y, @z = points.transpose
        @count = count
        @steps = @x.size / count
        @order = order
        @advance = advance
        @along, @thread = threaded
        @reach = (@steps / advance * NEIGHBOURS).ceil
        @half = Array.new(@x.size, 0.5)
        @widest = 1.0
        @beads = []
      end

      # How thick each tube is.
      def thick(diameters)
        @half = diameters.flat_map { |mm| Array.new(@steps, mm / 2.0) }
        @widest = diameters.max
      end

      # A bead on a point.
      def bead(point, size) = @beads << [point, size / 2.0, (@steps / @advance * ((size / 2.0) + 1)).ceil]

      def relax
        ROUNDS.times do |round|
          settling = round >= ROUNDS - SETTLING
          draw_in(settling ? DRAWN / 6 : DRAWN)
          (settling ? 2 : 1).times { push_apart }
        end
        12.times { push_apart }
      end

      # From where the tube before joins on to where the next one does.
      def line(place)
        from, to = place * @steps, @order.index(place) * @steps
        points = (from...(from + @steps)).map { |at| [@x[at], @y[at], @z[at]] }
        points << [@x[to], @y[to] + @advance, @z[to]]
      end

      # The nearest that two tubes come to each other, as a share of what they must keep.
      def clearance
        nearest = Float::INFINITY
        (0...@x.size).to_a.combination(2) do |one, other|
          next if apart?(one, other, @reach)

          share = Math.sqrt(square(one, other)) / (@half[one] + @half[other])
          nearest = share if share < nearest
        end
        nearest
      end

      # The same of beads and tubes.
      def bead_clearance
        @beads.flat_map { |at, half, reach|
          @x.each_index.reject { |other| other == at || apart?(at, other, reach) }
            .map { |other| Math.sqrt(square(at, other)) / (half + @half[other]) }
        }.min
      end

      private

      def square(one, other)
        ((@x[one] - @x[other])**2) + (off(one, other)**2) + ((@z[one] - @z[other])**2)
      end

      # How far apart two points are along the tubes, which go on and on.
      def off(one, other)
        apart = @y[one] - @y[other]
        apart - ((apart / @advance).round * @advance)
      end

      # Points are numbered tube by tube. Tubes that go on in each other are one thread: how far along its thread each
      # point is, and how long that is, in points.
      def threaded
        along, long = Array.new(@x.size), Array.new(@x.size)
        seen = Array.new(@count)
        @count.times do |first|
          next if seen[first]

          thread = [first]
          thread << @order.index(thread.last) until @order.index(thread.last) == first
          thread.each_with_index do |tube, k|
            seen[tube] = true
            @steps.times do |i|
              along[(tube * @steps) + i] = [first, (k * @steps) + i]
              long[(tube * @steps) + i] = thread.size * @steps
            end
          end
        end
        [along, long]
      end

      # Points of one thread so near each other along it that they are neighbours.
      def apart?(one, other, reach)
        (thread, at), (own, here) = @along[one], @along[other]
        return false unless thread == own

        apart = (at - here).abs
        [apart, @thread[one] - apart].min <= reach
      end

      # Every point towards the middle of its neighbours, round on round.
      def draw_in(share)
        [@x, @y, @z].each_with_index do |mm, axis|
          round = (axis == 1) ? @advance : 0.0
          before, first = ends(mm, round)
          @count.times do |tube|
            from = tube * @steps
            last = before[tube]
            @steps.times do |i|
              now = mm[from + i]
              after = (i == @steps - 1) ? first[tube] : mm[from + i + 1]
              mm[from + i] = now + (share * (((last + after) / 2) - now))
              last = now
            end
          end
        end
      end

      # What comes before a tube's first point and after its last one.
      def ends(mm, round)
        [Array.new(@count) { |tube| mm[(@order[tube] * @steps) + @steps - 1] - round },
          Array.new(@count) { |tube| mm[@order.index(tube) * @steps] + round }]
      end

      # Each pair that is too near by halves, found by the squares they lie in.
      def push_apart
        rows = [(@advance / @widest).floor, 1].max
        squares = @x.each_index.group_by do |at|
          place((@y[at] * rows / @advance).floor % rows, (@x[at] / @widest).floor)
        end
        squares.each do |key, here|
          row, column = key.divmod(COLUMNS)
          onward = (row + 1) % rows
          beside = [place(row, column + 1 - MIDDLE)]
          beside += BESIDE.map { |by| place(onward, column + by - MIDDLE) } if onward != row
          near = beside.filter_map { |other| squares[other] }
          here.each_with_index do |one, i|
            part(one, here[i += 1]) while i < here.size - 1
            near.each { |others| others.each { |other| part(one, other) } }
          end
        end
        make_room
      end

      def place(row, column) = (row * COLUMNS) + column + MIDDLE

      def part(one, other)
        room = @half[one] + @half[other]
        dx = @x[one] - @x[other]
        return if dx >= room || dx <= -room

        dz, dy = @z[one] - @z[other], off(one, other)
        square = (dx * dx) + (dy * dy) + (dz * dz)
        return if square >= room * room || square < 1e-12 || apart?(one, other, @reach)

        move(one, other, dx, dy, dz, (room / Math.sqrt(square)) - 1)
      end

      # Both by half of what they lie too near.
      def move(one, other, dx, dy, dz, share)
        half = share / 2
        @x[one] += half * dx
        @x[other] -= half * dx
        @y[one] += half * dy
        @y[other] -= half * dy
        @z[one] += half * dz
        @z[other] -= half * dz
      end

      # What lies too near a bead.
      def make_room
        @beads.each do |at, half, reach|
          @x.each_index do |other|
            room = half + @half[other]
            dx = @x[at] - @x[other]
            next if dx >= room || dx <= -room || other == at

            dz, dy = @z[at] - @z[other], off(at, other)
            square = (dx * dx) + (dy * dy) + (dz * dz)
            next if square >= room * room || square < 1e-12 || apart?(at, other, reach)

            move(at, other, dx, dy, dz, (room / Math.sqrt(square)) - 1)
          end
        end
      end
    end
  end
end
