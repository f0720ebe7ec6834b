# frozen_string_literal: true

module Meander
  module Beads
    # The same where it is a single bent wire: places on it are those of the section itself.
    class BentSite
      attr_reader :points, :length_mm, :wire, :centre

      def initialize(points, length_mm, wire, centre)
        @points = points
        @length_mm = length_mm
        @wire = wire
        @centre = centre
        @ruler = Form::Trace::Ruler.new(points, length_mm)
        freeze
      end

      def woven? = false
      def copies = 1
      def base = [wire]

      # The place so far along the wire, and which way it leads there.
      def at(along)
        here, onward = [along, [along + 0.05, length_mm].min].sort.map { |mm| @ruler.at(mm) }
        here, onward = [along - 0.05, along].map { |mm| @ruler.at(mm) } if here == onward
        [here, Form::Turns.direction(here, onward)]
      end
    end
  end
end
