# frozen_string_literal: true

module Meander
  module Built
    # One base wire of a built piece from end to end: its parts in order and what happens where on it. All in mm.
    class WireRun
      # kind: tail, ending, section, between or trim; section: the id of the section it lies in, nil elsewhere.
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

      attr_reader :wire, :sections, :parts, :marks, :ways

      # sections: those the wire lies in, in order; poses: Standing; endings: { "start" => EndedAt or nil, "end" => ... }; lacings: of
      # the piece; cut_away: ids of the sections before which it is cut away in the end; tails_mm: at its start and at its end.
      def initialize(wire, sections, poses, endings, lacings, cut_away:, tails_mm:, trim_mm:)
        @wire = wire
        @sections = sections
        @poses = poses
        @endings = endings
        @lacings = lacings
        @cut_away = cut_away
        @ways = sections.each_cons(2).map { |from, to| WayOn.call(left(from), entered(to)) }.freeze
        first, *last = tails_mm.map { |mm| Part.new("tail", mm, nil, "tail") }
        parts = [first, ending("start"), *inside, ending("end"), *last.reject { |part| part.mm.zero? }, Part.new("trim", trim_mm, nil, "trim")]
        @parts = parts.map(&:freeze).freeze
        @marks = marked.freeze
        freeze
      end

      def total_mm = parts.sum(&:mm)

      # What stays in the finished piece.
      def kept_mm = parts.reject { |part| OFF.include?(part.kind) || (part.kind == "between" && part.words != BETWEEN) }.sum(&:mm)

      # The ways between sections that stay: [[[x, y, z], ...], ...].
      def kept_ways = ways.reject.with_index { |way, i| way.empty? || cut_away?(i) }

      private

      BETWEEN = "between sections"
      CUT_AWAY = "cut away between sections"
      private_constant :BETWEEN, :CUT_AWAY

      def cut_away?(index) = @cut_away.include?(sections[index + 1].id)

      def left(section)
        pose = @poses.fetch(section.id)
        [pose.at(section.trace(wire.id).last), pose.on(*section.out).turn]
      end

      def entered(section)
        pose = @poses.fetch(section.id)
        [pose.at(section.trace(wire.id).first), pose.turn]
      end

      def inside
        sections.each_with_index.flat_map do |section, i|
          run = Part.new("section", section.run_mm(wire.id), section.id, section.words)
          (i.zero? || ways[i - 1].empty?) ? [run] : [between(i - 1), run]
        end
      end

      def between(index) = Part.new("between", Form::Trace.smooth_mm(ways[index]), nil, cut_away?(index) ? CUT_AWAY : BETWEEN)

      def ending(side)
        found = @endings[side]
        Part.new("ending", found ? found.length_mm(wire.id) : 0.0, nil, found ? found.words : "cut flush")
      end

      def marked
        at, open = 0.0, ways.reject(&:empty?).each
        parts.flat_map do |part|
          here = at
          at += part.mm
          case part.kind
          when "section" then in_section(sections.find { |section| section.id == part.section }, here)
          when "between" then in_between(part, open.next, here)
          when "ending" then in_ending(part, here)
          else []
          end
        end
      end

      def in_section(section, here)
        pose = @poses.fetch(section.id)
        own = section.marks(wire.id).zip(section.mark_places(wire.id)).map { |(mm, words), place| [mm, words, pose.at(place)] }
        (own + @lacings.flat_map { |lacing| lacing.marks(section, wire.id) }).sort_by.with_index { |(mm, _, _), i| [mm, i] }.map { |mm, words, place| mark(here + mm, words, place) }
      end

      def in_between(part, way, here)
        return [] if part.mm < LEAST_MM
        return [mark(here, "cut away from here", way.first), mark(here + part.mm, "cut away to here", way.last)] if part.words == CUT_AWAY

        [mark(here + (part.mm / 2), "middle between sections", way[way.size / 2])]
      end

      def in_ending(part, here)
        return [] if part.mm < LEAST_MM

        side = part.equal?(parts[1]) ? "start" : "end"
        points = @endings[side].points(wire.id)
        return [mark(here + (part.mm / 2), "fold", points[points.size / 2])] if part.words.start_with?("folded")

        points = points.reverse if side == "start"
        [mark(here, "start of the #{part.words}", points.first), mark(here + part.mm, "end of the #{part.words}", points.last)]
      end

      def mark(at_mm, words, place) = Mark.new(at_mm, words, place).freeze
    end
  end
end
