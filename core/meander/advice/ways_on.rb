# frozen_string_literal: true

module Meander
  module Advice
    # Base wires on their bare ways from section to section: bent too tight, led over woven work, crossing each other.
    module WaysOn
      # A binding no further from a crossing than this holds it. Our choice, no source.
      NEAR_MM = 2.0

      def self.call(plan) = [*tight(plan), *over_work(plan), *crossing(plan)]

      # A way bent tighter than its wire is thick, the worst of those into a section.
      def self.tight(plan)
        plan.ways.flat.keys.group_by { |way| later(plan, way) }.filter_map do |index, ways|
          bends = ways.map { |way| [inside_mm(plan, way), wire(plan, way).mm] }
          least, mm = bends.min_by { |inside, wide| inside - wide }
          next if least >= mm - Tolerance::PACKING_MM

          AdviceItem.of("way-bent-tight", "warn", "/sections/#{index}/at",
            "A wire is bent tighter than it is thick on its way here",
            "Its tightest inside radius is #{Units::Text.length([least, 0.0].max)}, the wire " \
            "#{Units::Text.wire(mm)}: it may crack or kink.",
            "More bare wire before it, another turn, or another seat for that wire.", inside_radius_mm: least,
            wire_mm: mm)
        end
      end

      # Ways that cross base wires of a section that they do not come from or go to by that seat.
      def self.over_work(plan)
        ways = plan.ways.flat.map { |way, points| [way, Form::Polyline.new(points)] }
        plan.sections.each_with_index.filter_map do |section, i|
          next unless section.base.any? && section.flat?

          times = crossed(section, plan.placed.lines(section), ways)
          next if times.zero?

          AdviceItem.of("way-over-section", "warn", "/sections/#{i}/at",
            "Bare wire is led over #{plan.called(section)}", "It crosses its base wires at " \
            "#{Units::Text.count(times, "place")}.", "Another seat for that wire, or more room between the sections.",
            crossings: times)
        end
      end

      # lines: of its base wires; ways: [[way, Form::Polyline], ...].
      def self.crossed(section, lines, ways)
        ways.sum do |way, line|
          seats = [way.from, way.to].select { |visit| visit.section == section.id }.map { |visit| visit.number - 1 }
          lines.each_with_index.sum { |other, number| seats.include?(number) ? 0 : line.crossings(other) }
        end
      end

      def self.crossing(plan)
        loose = plan.ways.crossings.reject { |crossing| bound?(plan, crossing.place) }
        times = loose.size
        return [] if times.zero?

        index = loose.flat_map { |crossing| crossing.ways.map { |way| later(plan, way) } }.max
        [AdviceItem.of("ways-cross", "note", "/sections/#{index}/at",
          "Wires cross on their bare way at #{Units::Text.count(times, "place")}",
          "Where nothing holds a crossing it shifts.", "Secure each with three wraps at least.", crossings: times)]
      end

      # Is there a binding at a place?
      def self.bound?(plan, (x, y))
        plan.sections.flat_map(&:binds).any? { |bx, by| Math.hypot(bx - x, by - y) < NEAR_MM }
      end

      # The number of the later of the sections that a way joins.
      def self.later(plan, way) = way.sections.map { |id| plan.sections.index { |one| one.id == id } }.max
      def self.wire(plan, way) = plan.piece.wire(way.wire[:id])

      # The smallest radius of the circle through three places that follow each other (a b c / 4 K, any geometry), on
      # its inside.
      def self.inside_mm(plan, way)
        radii = plan.ways.flat.fetch(way).each_cons(3).map do |a, b, c|
          area = (((b[0] - a[0]) * (c[1] - a[1])) - ((b[1] - a[1]) * (c[0] - a[0]))).abs / 2
          sides = [[a, b], [b, c], [c, a]].map { |one, other| Math.hypot(other[0] - one[0], other[1] - one[1]) }
          (area < 1e-12) ? Float::INFINITY : sides.reduce(:*) / (4 * area)
        end
        radii.min - (wire(plan, way).mm / 2)
      end
      private_class_method :tight, :over_work, :crossed, :crossing, :bound?, :later, :wire, :inside_mm
    end
  end
end
