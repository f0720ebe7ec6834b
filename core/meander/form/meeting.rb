# frozen_string_literal: true

module Meander
  module Form
    # Where two rows come nearest to each other, at so many places shared out along them. A row is one or more lines
    # [[x, y, z], ...].
    module Meeting
      # On each row: which of its lines, which of that line's points, and the place.
      On = Struct.new(:line, :point, :place)
      Place = Struct.new(:one, :other) do
        def apart_mm = Math.hypot(other.place[0] - one.place[0], other.place[1] - one.place[1])
      end
      # So many points of a line's part are compared with so many of the other's before the nearest are looked at one by
      # one.
      COARSE = 48
      # What the end of a part counts as beside its middle, in square mm.
      EVEN_MM2 = 1e-4

      # @return [Array<Place>]
      def self.call(one, other, count)
        reversed = reversed?(one.first, other.first)
        (0...count).map { |i| nearest(one, other, [i, reversed ? count - 1 - i : i], count) }
      end

      def self.reversed?(one, other)
        far = ->(p, q) { Math.hypot(p[0] - q[0], p[1] - q[1]) }
        far.call(one.first, other.last) + far.call(one.last, other.first) < far.call(one.first, other.first) +
          far.call(one.last, other.last) - 1e-9
      end

      def self.nearest(one, other, parts, count)
        pairs = one.each_index.to_a.product(other.each_index.to_a)
        pairs.map { |i, j|
          refined(one[i], other[j], i, j,
            parts.zip([one[i], other[j]]).map { |part, line| part(line, part, count) })
        }.min_by(&:apart_mm)
      end

      # The points of a part of a line, first and last.
      def self.part(line, index, count) = [(line.size - 1) * index / count, (line.size - 1) * (index + 1) / count]

      def self.refined(line, other, line_at, other_at, ranges)
        steps = ranges.map { |from, to| [((to - from) / COARSE.to_f).ceil, 1].max }
        found = least(line, other, *ranges.zip(steps).map { |(from, to), step| (from..to).step(step) })
        i, j = least(line, other,
          *found.zip(steps, ranges).map { |at, step, (from, to)| [at - step, from].max..[at + step, to].min })
        Place.new(On.new(line_at, i, line[i]), On.new(other_at, j, other[j])).freeze
      end

      # The nearest two points; of rows that run side by side those in the middle of the part.
      def self.least(line, other, ones, others)
        found, best = nil, Float::INFINITY
        ones.each do |i|
          x, y, = line[i]
          off = EVEN_MM2 * amid(i, ones)
          others.each do |j|
            far = ((other[j][0] - x)**2) + ((other[j][1] - y)**2) + off
            found, best = [i, j], far if far < best - 1e-12
          end
        end
        found
      end

      # How far from the middle of a range, 0 to 1.
      def self.amid(index, range)
        ((2 * index) - range.first - range.last).abs / [range.last - range.first, 1].max.to_f
      end
      private_class_method :reversed?, :nearest, :part, :refined, :least, :amid
    end
  end
end
