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

      # The round before, this one, the one after it.
      ROUND = [-1, 0, 1].freeze

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
        @points = laid
        relax
        @lines = Array.new(scheme.strands) { |place| line(place).freeze }.freeze
        freeze
      end

      # The nearest that two strands come to each other, in diameters.
      def clearance
        every = @points.each_with_index.flat_map { |line, s| line.each_with_index.map { |point, i| [s, i, point] } }
        every.combination(2).filter_map { |(s, i, one), (other, j, point)|
          next if near?(s, i, other, j)

          ROUND.map { |round| far(one, point, round * advance) }.min
        }.min
      end

      private

      def strands = @scheme.strands

      def far(one, other, along)
        Math.sqrt(((one[0] - other[0])**2) + ((one[1] - other[1] - along)**2) + ((one[2] - other[2])**2))
      end

      # Points of one strand so near each other that they are neighbours: closer along it than half a turn round
      # another.
      def near?(strand, index, other, at)
        reach = (@steps / advance * 1.6).ceil
        (strand == other && (index - at).abs <= reach) ||
          (@scheme.to(strand) == other && @steps - index + at <= reach) ||
          (@scheme.to(other) == strand && @steps - at + index <= reach)
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
          draw_in((round < ROUNDS - 40) ? DRAWN : DRAWN / 6)
          2.times { push_apart }
        end
        12.times { push_apart }
      end

      # Towards the middle of the neighbours, round on round.
      def draw_in(share)
        befores = Array.new(strands) { |strand| @points[@scheme.order[strand]].last.dup }
        firsts = @points.map { |line| line.first.dup }
        @points.each_with_index do |line, strand|
          before = befores[strand].then { |x, y, z| [x, y - advance, z] }
          last = @steps - 1
          line.each_with_index do |point, i|
            after = (i == last) ? firsts[@scheme.to(strand)].then { |x, y, z| [x, y + advance, z] } : line[i + 1]
            now = point.dup
            3.times { |axis| point[axis] += share * (((before[axis] + after[axis]) / 2) - point[axis]) }
            before = now
          end
        end
      end

      # Each pair that is too near by halves, found by the slice along the braid they lie in.
      def push_apart
        slices = Hash.new { |all, key| all[key] = [] }
        @points.each_with_index do |line, strand|
          line.each_with_index { |point, i| slices[(point[1] % advance).floor] << [strand, i, point] }
        end
        many = advance.ceil
        slices.each do |at, here|
          here.each_with_index do |one, i|
            here.drop(i + 1).each { |other| part(one, other) }
            following = (at + 1) % many
            slices.fetch(following, []).each { |other| part(one, other) } if following != at
          end
        end
      end

      def part((strand, i, one), (other, j, point))
        return if near?(strand, i, other, j)

        along = ((one[1] - point[1]) / advance).round * advance
        dx, dy, dz = one[0] - point[0], one[1] - point[1] - along, one[2] - point[2]
        square = (dx * dx) + (dy * dy) + (dz * dz)
        return if square >= APART || square < 1e-12

        apart = Math.sqrt(square)
        half = (APART - apart) / apart / 2
        [dx, dy, dz].each_with_index do |mm, axis|
          one[axis] += half * mm
          point[axis] -= half * mm
        end
      end

      # From where the round before joins on to where the next one does.
      def line(place)
        first = @points[place].first
        last = @points[@scheme.to(place)].first.then { |x, y, z| [x, y + advance, z] }
        [first, *@points[place].drop(1), last]
      end
    end
  end
end
