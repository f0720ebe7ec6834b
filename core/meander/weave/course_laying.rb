# frozen_string_literal: true

module Meander
  module Weave
    # Passes laid one after another over gaps that change, by the rule of Placing: every station on what lies below it
    # at its own gap. Heights in mm. The state is one course's own.
    class CourseLaying
      # How it stands before a pass: what is needed to go on from there once more.
      Standing = Struct.new(:passes, :stations, :tops, :waiting, :run, :pairs, :end_mm)
      # Where a gap opens or closes steeply, a straight between stations far apart is no guide: they give way by 1 / (1
      # + (STEEP slope)^2).
      STEEP = 3.0
      # Stations nearer to each other along the wire, in mm, are at one place.
      SAME = 1e-9
      # What cannot be seen, in weaving wires.
      SEEN = 0.002

      attr_reader :kinds, :heights

      # widths: Widths; leaning: Leaning; lean: see Placing; sizes: of the base wires and the weaving wire.
      def initialize(widths, leaning, lean, sizes)
        @widths = widths
        @leaning = leaning
        @lean = lean
        @d = sizes[:wire_mm]
        @more = ((sizes[:strands] || 1) - 1) * @d
        @kinds, @heights, @runs, @across, @giving = [], [0.0], [0.0], [], [1.0]
        # By place: the station that lies highest there; stations laid too lately to be touched: [place, station].
        @tops, @waiting = [], []
        # Stations that may touch: the upper, the lower, how much higher it must lie.
        @upper, @lower, @least = [], [], []
      end

      def passes = kinds.size
      def end_mm = heights.last
      def standing = Standing.new(passes, heights.size, @tops.dup, @waiting.dup, @runs.last, @least.size, end_mm)

      # Lays a pass of a kind on what is there.
      def lay(kind)
        first(kind) if passes.zero?
        kinds << kind
        (1...kind.places.size).each { |k| lay_station(kind, k) }
      end

      # How it stood once, with the heights it has now.
      def back_at(standing) = dup.tap { |copy| copy.take(standing, heights.first(standing.stations)) }

      # Heights of all stations, those from one up to another pulled taut.
      def taut(heights, from, to = heights.size)
        span = station_pairs(from)...station_pairs(to)
        pairs = [@upper, @lower, @least].map { |all| all[span] }
        CourseTaut.new(heights, pairs, @runs, @giving, SEEN * @d).call(from, to)
      end

      # Heights pass by pass, from one of them on: each has its own first and last station.
      def by_pass(heights, first = 0)
        from = kinds.first(first).sum { |kind| kind.places.size - 1 }
        kinds.drop(first).map { |kind| heights[from, kind.places.size].tap { from += kind.places.size - 1 } }
      end

      protected

      def take(standing, heights)
        @kinds, @heights = kinds.first(standing.passes), heights
        @runs, @across, @giving = [@runs, @across, @giving].map { |all| all.first(standing.stations) }
        @tops, @waiting = standing.tops.dup, standing.waiting.dup
        @upper, @lower, @least = [@upper, @lower, @least].map { |all| all.first(standing.pairs) }
      end

      private

      def first(kind)
        @waiting << [kind.places[0], 0]
        clear, slope = @leaning.at(0.0)
        @across << place(kind, 0, @widths.between(clear), clear, slope)
      end

      def lay_station(kind, station)
        before = heights.last
        clear, slope = @leaning.at(before)
        between = @widths.between(clear)
        width = nearest(*between)
        told = @widths.told(kind.number, width)
        step = told[station][2] - told[station - 1][2]
        return lay_again if step < SAME

        settle(@runs.last + step - (Outline::APART * @d))
        leant = before - (@lean * step)
        heights << resting(@widths.near(kind.places[station], width), place(kind, station, between, clear, slope),
          leant, @leaning.apart(slope))
        @runs << (@runs.last + step)
        lies(kind, station)
      end

      # Where a station lies that was laid just now.
      def lies(kind, station)
        clear, slope = @leaning.at(heights.last)
        @giving << (1 / (1 + ((STEEP * slope)**2)))
        draw_up
        @across << place(kind, station, @widths.between(clear), clear, slope)
        @waiting << [kind.places[station], heights.size - 1]
      end

      # Which of the widths is nearest to a gap between two of them.
      def nearest(high, share) = (share > 0.5) ? high - 1 : high

      # A station at the very place of the one before it, as where a gap is too narrow for all there are.
      def lay_again = [heights, @runs, @giving, @across].each { |all| all << all.last }

      # Where a station lies across the strip where a gap is so wide, between two widths, and gets wider so: [x, z].
      def place(kind, station, between, clear, slope)
        x, z, = @widths.at(kind, station, *between)
        [@leaning.across(x, clear, slope), z]
      end

      # What lies far enough back along the wire can be touched.
      def settle(run)
        while @waiting.any? && @runs[@waiting.first[1]] <= run
          place, station = @waiting.shift
          @tops[place] = station if @tops[place].nil? || heights[station] > heights[@tops[place]]
        end
      end

      # As low as what lies there lets it, and as leaning does. Gaps differ a little from one to the other: they touch
      # where they would at the gap of the one, or where they lie. near: what may be touched, see Widths; apart: see
      # Leaning.
      def resting(near, (x, z), leant, apart)
        y, here, most, tops = leant, heights.size, (@d * apart) + @more, @tops
        lowest, i = leant - @d, -2
        while (i += 2) < near.size
          below = tops[near[i]]
          next if below.nil? || heights[below] + most < lowest

          ox, oz = @across[below]
          off = [near[i + 1], Math.hypot(x - ox, z - oz) / @d].min
          next if off >= 1.0

          least = (Math.sqrt(1 - (off**2)) * @d * apart) + @more
          at = heights[below] + least
          next if at < lowest

          @upper << here
          @lower << below
          @least << least
          y = at if at > y
        end
        y
      end

      def draw_up
        i = heights.size - 1
        while i.positive?
          least = heights[i] - (Placing::CLIMB * (@runs[i] - @runs[i - 1]))
          break if heights[i - 1] >= least

          heights[i - 1] = least
          i -= 1
        end
      end

      # Which pair is the first whose upper station is this one or a later one.
      def station_pairs(station) = @upper.bsearch_index { |upper| upper >= station } || @upper.size
    end
  end
end
