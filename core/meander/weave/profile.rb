# frozen_string_literal: true

module Meander
  module Weave
    # How wide the gaps between the base wires stand along the strip: straight from station to station, and on as it was
    # beyond the first and the last. Every gap between neighbours is as wide as the others.
    class Profile
      # Frames are made for gaps in steps of this many mm: far below what a hand can hold.
      STEP_MM = 0.02
      # Slopes are told over so much to either side.
      SLOPE_OVER_MM = 0.25

      # [[mm along the weave, clear gap in mm], ...], in order along the weave.
      attr_reader :stations

      # Places and gaps are told to so many digits of a mm, so that the same frame is the same however it is turned.
      DIGITS = 9

      # stations: as told, in any order; joined: whether the base wires are joined at both ends before they are woven.
      def initialize(stations, joined: false)
        @joined = joined
        @stations = stations.map { |station| station.map { |mm| mm.round(DIGITS) } }.sort_by(&:first).freeze
        freeze
      end

      # The clear gap at a place along the weave, in mm.
      def clear_mm(along)
        return @stations.first[1] if along <= @stations.first[0]
        return @stations.last[1] if along >= @stations.last[0]

        after = @stations.bsearch_index { |place, _| place >= along }
        (from, narrow), (to, wide) = @stations[after - 1], @stations[after]
        narrow + ((wide - narrow) * (along - from) / (to - from))
      end

      # The same, in the steps frames are made in; but as it is where the step would say otherwise whether so much
      # passes.
      def stepped_mm(along, passing_mm)
        clear = clear_mm(along)
        stepped = (clear / STEP_MM).round * STEP_MM
        least = passing_mm - 1e-6
        ((clear >= least) == (stepped >= least)) ? stepped : clear
      end

      # How much wider the gap gets there, in mm to a mm along the weave.
      def slope(along) = (clear_mm(along + SLOPE_OVER_MM) - clear_mm(along - SLOPE_OVER_MM)) / (2 * SLOPE_OVER_MM)

      # [wide, narrow] of every run up to a length in which the gap closes, from where it begins to close to where it
      # opens again.
      def closing(length_mm)
        within = [*@stations.select { |at, _| at < length_mm }, [length_mm, clear_mm(length_mm)]].map(&:last)
        within.slice_when { |one, other| other > one }.map { |run| [run.first, run.last] }.select do |from, to|
          to < from
        end
      end

      # The same as it stands from a place on.
      def from(along) = Profile.new(stations.map { |at, clear| [at - along, clear] }, joined: joined?)

      def joined? = @joined
      def places = @stations.map(&:first)
      def gaps = @stations.map(&:last)
    end
  end
end
