# frozen_string_literal: true

module Meander
  module Weave
    # The way of a wire across the strip through some passes, told at stations, in weaving wires (d): what placing needs
    # of it and nothing else, so that weaves alike but for their size are placed once.
    class Outline
      # Nearer to each other along the wire than this, stretches cannot touch, in d.
      APART = 1.7
      # Places nearer than this, in d, are one.
      SAME = 1e-6

      # xs, zs: of the stations; runs: how much wire lies before each; total: wire of all; firsts: which station each
      # pass begins at. The station a pass ends at is the first of the next one.
      attr_reader :xs, :zs, :runs, :total, :firsts

      # passes: in order, each going on from the one before; wire_mm: d.
      def initialize(passes, wire_mm)
        @xs, @zs, @runs, @firsts, @total = [], [], [], [], 0.0
        passes.each { |pass| add(pass.stations.points, wire_mm) }
        [xs, zs, runs, firsts].each(&:freeze)
        freeze
      end

      def size = xs.size

      # Wire from each station to the next, from the last to the first of the next repeat.
      def steps = Array.new(size) { |i| ((i == size - 1) ? total : runs[i + 1]) - runs[i] }

      # For every station those it may come to lie on, where the passes are repeated: [[station, repeats before,
      # height], ...]. Two round wires e apart across the strip touch at sqrt(1 - e^2) along it; lay: what a pass takes
      # up along the strip. Of stations at one place only the one laid last counts, as those before lie below it.
      def contacts(lay)
        places = Places.new(xs, zs)
        Array.new(size) do |i|
          places.near(i).map { |members, across| [*latest(members, i), Math.sqrt(1 - (across**2)) + lay - 1] }
        end
      end

      private

      def add(points, wire_mm)
        firsts << size
        points[0..-2].each do |x, z, run|
          xs << (x / wire_mm)
          zs << (z / wire_mm)
          runs << (total + (run / wire_mm))
        end
        @total += points.last[2] / wire_mm
      end

      # Which of some stations was laid last before another, at least APART of wire ago, and how many repeats before.
      # members: in the order they are laid.
      def latest(members, station)
        until_run, repeats = runs[station] - APART + 1e-9, 0
        until_run, repeats = until_run + total, repeats + 1 while until_run < runs[members.first]
        later = members.bsearch_index { |other| runs[other] > until_run } || members.size
        [members[later - 1], repeats]
      end

      # Stations by where they lie across the strip: those at one place together, and which places are less than a wire
      # apart.
      class Places
        def initialize(xs, zs)
          @of = {}
          @members, @xs, @zs = [], [], []
          @place = xs.each_index.map { |i| place(xs[i], zs[i]).tap { |at| @members[at] << i } }
          @squares = @xs.each_index.group_by { |at| [@xs[at].floor, @zs[at].floor] }
          @near = {}
        end

        # [[stations at a place, how far it is across the strip], ...] of all places less than a wire from a station's.
        def near(station)
          at = @place[station]
          @near[at] ||= round(@xs[at].floor, @zs[at].floor).filter_map do |other|
            across = Math.hypot(@xs[at] - @xs[other], @zs[at] - @zs[other])
            [@members[other], across] if across < 1 - 1e-9
          end
        end

        private

        def place(x, z)
          @of[[(x / SAME).round, (z / SAME).round]] ||= begin
            @members << []
            @xs << x
            @zs << z
            @xs.size - 1
          end
        end

        def round(column, row)
          (column - 1..column + 1).flat_map { |x| (row - 1..row + 1).flat_map { |z| @squares.fetch([x, z], []) } }
        end
      end
      private_constant :Places
    end
  end
end
