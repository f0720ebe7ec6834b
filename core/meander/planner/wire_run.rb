# frozen_string_literal: true

module Meander
  module Planner
    # One base wire of a piece from end to end: its parts in order and what happens where on it. All in mm.
    class WireRun
      # kind: tail, ending, section, bare, between, cut_away or trim; section: the id of the section it lies in, nil elsewhere.
      Part = Struct.new(:kind, :mm, :section, :words)
      # at_mm from the end that is begun with; place: where that is in the finished piece, [x, y, z].
      Mark = Struct.new(:at_mm, :words, :place) do
        def moved(to_mm) = self.class.new(to_mm, words, place).freeze
        def to_h = {at_mm:, words:}
      end

      # Parts that are cut off in the end.
      OFF = %w[tail trim].freeze
      # What is shorter needs no mark, in mm.
      LEAST_MM = 0.5

      attr_reader :wire, :visits, :parts, :marks, :ways

      # visits: [[Crafts::Worked, the wire's number there], ...] in order; placed: Placed; endings: { "start" => EndedAt or nil, "end" => ... };
      # tails_mm: at its start and at its end.
      def initialize(wire, visits, placed, endings, tails_mm:, trim_mm:)
        @wire = wire
        @visits = visits
        @placed = placed
        @endings = endings
        @ways = visits.each_cons(2).map { |from, to| WayOn.call(left(*from), entered(*to)) }.freeze
        first, *last = tails_mm.map { |mm| Part.new("tail", mm, nil, "tail") }
        parts = [first, ending("start"), *inside, ending("end"), *last.reject { |part| part.mm.zero? }, Part.new("trim", trim_mm, nil, "trim")]
        @parts = parts.map(&:freeze).freeze
        @marks = marked.freeze
        freeze
      end

      def total_mm = parts.sum(&:mm)

      # What stays in the finished piece; of a wire that is cut away from a section only what lies under it.
      def kept_mm
        return visits.sum { |section, number| section.kept_mm(number) } if visits.any? { |section, number| section.section.cut_away?(number) }

        parts.reject { |part| OFF.include?(part.kind) || part.kind == "cut_away" }.sum(&:mm)
      end

      # The ways between sections that stay: [[[x, y, z], ...], ...].
      def kept_ways = ways.reject.with_index { |way, i| way.empty? || cut_away?(i) }

      # How far from its end its weave begins, where it begins in this section and nothing but an ending lies before it; nil elsewhere.
      def start_mark_mm(section)
        first, number = visits.first
        return unless first == section && (mark = section.marks(number).first)

        parts.take_while { |part| part.section.nil? }.sum(&:mm) + mark.first
      end

      private

      # Is it cut away in the end before the section that follows?
      def cut_away?(index) = (@placed.places.fetch(visits[index + 1].first.id)[:cut_away] || []).include?(wire.id)

      def left(section, number)
        pose = @placed.pose(section)
        [pose.at(section.trace(number).last), pose.on(*section.out).turn]
      end

      def entered(section, number)
        pose = @placed.pose(section)
        [pose.at(section.trace(number).first), pose.turn]
      end

      def inside
        visits.each_with_index.flat_map do |(section, number), i|
          run = section.parts(number).map { |kind, mm, words| Part.new(kind, mm, section.id, words) }
          (i.zero? || ways[i - 1].empty?) ? run : [between(i - 1), *run]
        end
      end

      def between(index)
        away = cut_away?(index)
        Part.new(away ? "cut_away" : "between", Form::Trace.smooth_mm(ways[index]), nil, away ? "cut away between sections" : "between sections")
      end

      def ending(side)
        found = @endings[side]
        Part.new("ending", found ? found.length_mm(wire.id) : 0.0, nil, found ? found.words : "cut flush")
      end

      def marked
        at, open, ahead = 0.0, ways.reject(&:empty?).each, visits.each
        parts.chunk_while { |one, other| one.section && one.section == other.section }.flat_map do |run|
          here, part = at, run.first
          at += run.sum(&:mm)
          next in_section(*ahead.next, here) if part.section

          case part.kind
          when "between", "cut_away" then in_between(part, open.next, here)
          when "ending" then in_ending(part, here)
          else []
          end
        end
      end

      def in_section(section, number, here)
        pose = @placed.pose(section)
        own = section.marks(number).map { |mm, words, place| [mm, words, pose.at(place)] }
        (own + @placed.sections.flat_map { |one| one.marks_on(section, number) }).sort_by.with_index { |(mm, _, _), i| [mm, i] }.map { |mm, words, place| mark(here + mm, words, place) }
      end

      def in_between(part, way, here)
        return [] if part.mm < LEAST_MM
        return [mark(here, "cut away from here", way.first), mark(here + part.mm, "cut away to here", way.last)] if part.kind == "cut_away"

        [mark(here + (part.mm / 2), "middle between sections", way[way.size / 2])]
      end

      def in_ending(part, here)
        side = part.equal?(parts[1]) ? "start" : "end"
        found = @endings[side]
        return [] if part.mm < LEAST_MM || found.fields[:kind] == "plain"

        points = found.points(wire.id)
        return [mark(here + (part.mm / 2), "fold", points[points.size / 2])] if found.fields[:kind] == "fold"

        points = points.reverse if side == "start"
        [mark(here, "start of the #{part.words}", points.first), mark(here + part.mm, "end of the #{part.words}", points.last)]
      end

      def mark(at_mm, words, place) = Mark.new(at_mm, words, place).freeze
    end
  end
end
