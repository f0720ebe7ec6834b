# frozen_string_literal: true

module Meander
  module Weave
    # What lies at the top of a strip as it is woven, by place across it: where a different walk goes on, or the wire
    # leads elsewhere, its passes are laid on this one by one, by the same rule as Placing. Heights in mm.
    class Skyline
      # A station: across in d, its height and how much wire lies before it.
      Top = Struct.new(:x, :z, :y, :run)
      # Rounds in which placed passes are drawn taut between what they lie on.
      ROUNDS = 12

      def initialize(frame, lean)
        @d = frame.wire_mm
        @lay = frame.strands
        @lean = lean
        @tops = {}
        @squares = Hash.new { |squares, at| squares[at] = [] }
        @fresh = []
        @run = 0.0
      end

      # Takes passes that lie already, with the heights of their stations.
      def take(passes, heights)
        passes.each_with_index { |pass, i| follow(pass, heights[i]) }
      end

      # Lays passes on what is there, from a height the wire comes from.
      # @return [Array] the heights of their stations
      def lay(passes, from_mm)
        passes.map do |pass|
          heights = taut(pass, *rest(pass, from_mm))
          from_mm = heights.last
          follow(pass, heights)
          heights
        end
      end

      # The least by which passes of these heights must be raised to lie on what is there.
      def lift_mm(passes, heights)
        passes.each_with_index.flat_map { |pass, i|
          pass.stations.points.each_with_index.filter_map { |(x, z), k| floor(x / @d, z / @d)&.-(heights[i][k]) }
        }.max || -Float::INFINITY
      end

      private

      # Each station, and as low as it may lie there (nil: nothing is below).
      def rest(pass, from_mm)
        points = pass.stations.points
        floors = points.map { |x, z, run| laid_before(@run + (run / @d)) { floor(x / @d, z / @d) } }
        floors[0] = nil
        heights = [from_mm]
        (1...points.size).each do |i|
          step = points[i][2] - points[i - 1][2]
          heights << [heights.last - (@lean * step), floors[i] || -Float::INFINITY].max
          draw_up(heights, points, i)
        end
        [heights, floors]
      end

      def draw_up(heights, points, station)
        station.downto(2) do |i|
          least = heights[i] - (Placing::CLIMB * (points[i][2] - points[i - 1][2]))
          break if heights[i - 1] >= least

          heights[i - 1] = least
        end
      end

      # Every station drawn to the straight between its neighbours, as far as what it lies on lets it; its beginning
      # stays.
      def taut(pass, heights, floors)
        runs = pass.stations.points.map(&:last)
        ROUNDS.times do
          (1...heights.size - 1).each do |i|
            before, after = runs[i] - runs[i - 1], runs[i + 1] - runs[i]
            line = ((heights[i - 1] * after) + (heights[i + 1] * before)) / (before + after)
            heights[i] = [line, floors[i] || line].max
          end
        end
        heights
      end

      # What was laid long enough ago to be touched counts.
      def laid_before(run)
        settle(run - Outline::APART)
        yield
      end

      def follow(pass, heights)
        pass.stations.points[0..-2].each_with_index do |(x, z, run), i|
          @fresh << Top.new(x / @d, z / @d, heights[i], @run + (run / @d))
        end
        @run += pass.run_mm / @d
        settle(@run - Outline::APART)
      end

      def settle(run) = (top(@fresh.shift) while @fresh.any? && @fresh.first.run <= run)

      # At one place only the highest counts.
      def top(one)
        key = [(one.x / Outline::SAME).round, (one.z / Outline::SAME).round]
        there = @tops[key]
        return there.y = [there.y, one.y].max if there

        @tops[key] = one
        @squares[[one.x.floor, one.z.floor]] << one
      end

      # How low a wire may lie at a place, in mm; nil where nothing is near.
      def floor(x, z)
        least = nil
        (x.floor - 1..x.floor + 1).each do |column|
          (z.floor - 1..z.floor + 1).each do |row|
            @squares.fetch([column, row], []).each do |one|
              across = ((x - one.x)**2) + ((z - one.z)**2)
              next unless across < 1 - 1e-9

              y = one.y + ((Math.sqrt(1 - across) + @lay - 1) * @d)
              least = y if least.nil? || y > least
            end
          end
        end
        least
      end
    end
  end
end
