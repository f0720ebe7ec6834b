# frozen_string_literal: true

module Meander
  module Planner
    # How working wire is led from one section to the next: along a base wire that runs from the one to the other, at
    # its back; straight across where none does.
    class LedWay
      # A way that is led to a section: its id, of which wire, its points in the finished piece, how long it is, and
      # whether it goes straight across, along nothing.
      Led = Struct.new(:section, :wire, :points, :mm, :across)

      # placed: Placed; wire: Document::Wire.
      def initialize(placed, wire)
        @placed = placed
        @wire = wire
        freeze
      end

      # from, to: the sections, Crafts::Worked; leaves: the side of the first that it is led from, start or end.
      # @return [Led]
      def call(from, to, leaves: "end")
        bare = [from, to].sum { |one| one.strip&.bare_mm || 0.0 }
        along = along(from, to, leaves).min_by { |points, _| Form::Trace.polyline_mm(points) }
        return across(from, to, leaves, bare) unless along

        points, base = along
        deep = (base.mm + @wire.mm) / 2
        Led.new(to.id, @wire, points.map { |x, y, z| [x, y, z - deep] }, Form::Trace.polyline_mm(points) + bare, false)
          .freeze
      end

      private

      # [[points, base wire], ...], from that side of the one to the beginning of the other.
      def along(from, to, leaves)
        @placed.ways.flat.keys.filter_map do |way|
          next unless way.sections.sort == [from.id, to.id].sort

          here, there = way.at(from.id), way.at(to.id)
          sides = [here, there].map { |visit| visit.equal?(way.from) ? visit.leaves : visit.enters }
          next unless sides[1] == "start"

          bare = @placed.ways.to(way.to)
          bare = bare.reverse if way.from.equal?(there)
          [((sides[0] == leaves) ? [] : through(from, here, leaves)) + bare, from.base[here.number - 1]]
        end
      end

      # A base wire of a section from a side of it to the other.
      def through(section, visit, leaves)
        points = section.trace(visit.number - 1).map { |point| @placed.pose(section).at(point) }
        (leaves == "end") ? points.reverse : points
      end

      # What joins others lies on them, so it is reached along them.
      def across(from, to, leaves, bare)
        points = [(leaves == "end") ? ends(from).last : ends(from).first, ends(to).first]
        deep = ([*from.base, *to.base].map(&:mm).max.to_f + @wire.mm) / 2
        Led.new(to.id, @wire, points.map { |x, y, z| [x, y, z - deep] }, Form::Trace.polyline_mm(points) + bare,
          [from, to].all?(&:strip)).freeze
      end

      # Where the working wire of a section begins and ends.
      def ends(section)
        return section.wire_ends if section.strip.nil?

        pose = @placed.pose(section)
        [pose.at([0.0, 0.0, 0.0]), pose.at(section.out[0])]
      end
    end
  end
end
