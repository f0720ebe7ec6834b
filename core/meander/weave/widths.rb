# frozen_string_literal: true

module Meander
  module Weave
    # Passes over gaps that change, told at the same stations whatever the gap: where these lie across the strip at
    # every width, and which of them may touch there. Stations that lie together at every width are one place.
    class Widths
      # Stations on a quarter turn, those on the way across a gap by how far before the turn they lie, in weaving wires,
      # those before them as shares of what is left to the middle of the gap, and those on a straight from base wire to
      # base wire.
      TURN, CROSSING, MIDDLE, STRAIGHT = 6, [3.0, 2.4, 1.8, 1.2, 0.6].freeze, [0.25, 0.5, 0.75].freeze, 2
      # Stations this near to each other at a width may touch there, as each lies at a gap of its own; in weaving wires.
      REACH = 1.4
      ROUND = [-1, 0, 1].product([-1, 0, 1]).freeze
      # Widths are told so far apart, in weaving wires, and where gaps are wide as a share of themselves; none is wider
      # than this, in mm.
      FINE, SHARE, WIDEST_MM = 0.4, 0.15, 65.0
      # Of so many pairs of wires and walks the widths are kept, the latest used of them; what is kept changes no
      # answer.
      KEPT = Kept.new(60)

      # A kind of pass: its place among them, the places of its stations, and one such Pass.
      Kind = Struct.new(:number, :places, :pass, :crosses) do
        # Which station lies over the first base wire it goes over.
        def crown = TURN + (crosses[0] ? MIDDLE.size + CROSSING.size + 1 : 0)
      end

      # sizes: of the base wires and the weaving wire, as Frame takes them; walks: every list of gaps that is walked,
      # [[gap, ...], ...].
      def self.for(sizes, walks) = KEPT.fetch([sizes, walks]) { new(sizes, walks) }

      def initialize(sizes, walks)
        @d = sizes[:wire_mm]
        @sizes = sizes
        @all = [@d]
        @all << (@all.last + [FINE * @d, SHARE * @all.last].max) while @all.last < WIDEST_MM
        # For every gap in steps of FINE where to look for it.
        @starts = (0..(WIDEST_MM / @d / FINE)).map do |step|
          @all.index { |width| width >= step * FINE * @d } || (@all.size - 1)
        end
        @tables = []
        @kinds = {}
        @by_number = []
        @places = {}
        @first = []
        @told = Array.new(@all.size) { [] }
        @near = Array.new(@all.size) { {} }
        @squares = []
        walks.each { |gaps| know(gaps) }
      end

      # The kind of pass that leads the way [gap before, from, to, gap after] on a face.
      def kind(way, face)
        @kinds[[way, face]] ||= begin
          number = @kinds.size
          crosses = way.each_cons(3).map do |before, from, to|
            !before.nil? && !to.nil? && (from > before) == (to > from)
          end
          ends = [0, @all.size / 2].map { |at| stations(table(at).between(way, face), crosses) }
          places = ends[0].each_index.map { |k| place(ends.flat_map { |told| told[k].first(2) }, number, k) }
          Kind.new(number, places.freeze, table(0).between(way, face), crosses).freeze.tap do
            @by_number << [way, face, crosses]
          end
        end
      end

      # Between which widths a gap lies: the number of the first that is no narrower, or of the last there is, and how
      # far from it towards the one before, as a share.
      def between(clear)
        high = high(clear)
        return [high, 0.0] if high.zero? || clear >= @all[high]

        [high, (@all[high] - clear) / (@all[high] - @all[high - 1])]
      end

      # [x, z, what the pass has run there] of a kind's station between two widths, in mm.
      def at(kind, station, high, share)
        one = told(kind.number, high)[station]
        return one if share.zero?

        x, z, run = one
        other_x, other_z, other_run = told(kind.number, high - 1)[station]
        [x + ((other_x - x) * share), z + ((other_z - z) * share), run + ((other_run - run) * share)]
      end

      # The way of a kind at a width, station by station: [[x, z, run], ...].
      def told(number, width)
        @told[width][number] ||= @by_number[number].then do |way, face, crosses|
          stations(table(width).between(way, face), crosses).freeze
        end
      end

      # What a station at a place may come to lie on near a width: [place, how far off it is there in weaving wires,
      # another place, ...]. Every kind must be known by then.
      def near(place, width)
        @near[width][place] ||= begin
          lying = (@squares[width] ||= squares(width))
          x, z = lying[0][place]
          reach = REACH * @d
          around = ROUND.flat_map do |right, up|
            lying[1].fetch([(x / reach).floor + right, (z / reach).floor + up], [])
          end
          around.map { |other| [other, lying[0][other].then { |ox, oz| Math.hypot(x - ox, z - oz) / @d }] }
            .select { |_, off| off < REACH }.flatten(1).freeze
        end
      end

      private

      # The first width that is no narrower than a gap, or the last there is.
      def high(clear)
        at = @starts[[clear / @d / FINE, @starts.size - 1].min]
        at += 1 while at < @all.size - 1 && @all[at] < clear
        at
      end

      # Every kind of pass of a walk.
      def know(gaps)
        way = [nil, *gaps, nil]
        (gaps.size - 1).times { |i| kind(way[i, 4], i.even? ? 1 : -1) }
      end

      def table(width)
        @tables[width] ||= begin
          gaps = Array.new(@sizes[:base_mm].size - 1, @all[width])
          PassTable.new(Frame.new(**@sizes, clear_mm: gaps, origin: -@all[width] * gaps.size / 2), half_turn: 2)
        end
      end

      # A pass told at as many stations at every width: from the plane of the base wires to its first crown, over its
      # straight, and back. crosses: whether it crosses a gap at its beginning, and at its end.
      def stations(pass, crosses)
        whole, straights = pass.run_mm, STRAIGHT * (pass.wires.size - 1)
        straight = (1...straights).map { |i| pass.lead_mm + (pass.straight_mm * i / straights) }
        back = turn(pass.chain.pieces.reverse, whole - pass.lead_mm - pass.straight_mm, crosses[1])
          .map { |run| whole - run }.reverse
        back.shift if straights.zero?
        runs = [*turn(pass.chain.pieces, pass.lead_mm, crosses[0]), *straight, *back]
        pieces, past = pass.chain.pieces, 0.0
        at = 0
        runs.map do |run|
          (past += pieces[at].length) && at += 1 while at < pieces.size - 1 && run > past + pieces[at].length + 1e-12
          [*pieces[at].point(((run - past) / pieces[at].length).clamp(0.0, 1.0)), run]
        end
      end

      # What a wire has run at its stations from the plane of the base wires to a crown.
      def turn(pieces, whole, crosses)
        return (0..TURN).map { |i| whole * i / TURN } unless crosses

        across = pieces.first.is_a?(Curve::Line) ? pieces.first.length : 0.0
        wide = [across - (CROSSING[0] * @d), 0.0].max
        [0.0, *MIDDLE.map { |share| wide * share }, *CROSSING.map { |before| [across - (before * @d), 0.0].max },
          *(0..TURN).map { |i| across + ((whole - across) * i / TURN) }]
      end

      # The place that stations lie at that lie there at two widths.
      def place(coordinates, kind, station)
        @places[coordinates.map { |mm| (mm / @d / Outline::SAME).round }] ||= begin
          @first << [kind, station]
          @first.size - 1
        end
      end

      # Where every place lies at a width, and the places by squares of a wire.
      def squares(width)
        lying = @first.map { |kind, station| told(kind, width)[station].first(2) }
        [lying, lying.each_index.group_by { |at| lying[at].map { |mm| (mm / REACH / @d).floor } }]
      end
    end
  end
end
