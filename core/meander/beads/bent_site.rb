# frozen_string_literal: true

module Meander
  module Beads
    # What beads are placed on where it is a single bent wire (see Site): places on it are those of the section itself.
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

      # So many turns of a wire side by side round this one, about a place along it: their fronts, [[x, y], [x, y]]
      # each.
      def turns(about, count, wire_mm)
        Array.new(count) do |i|
          place, dir = at((about + ((i - ((count - 1) / 2.0)) * wire_mm)).clamp(0.0, length_mm))
          Form::Turns.about(place, dir, 1, wire_mm, wire.mm + wire_mm).first.map { |point| point.first(2) }
        end
      end
    end
  end
end
