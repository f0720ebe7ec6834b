# frozen_string_literal: true

module Meander
  module Built
    # One base wire of a built piece from end to end: its parts in order and what happens where on it. All in mm.
    class WireRun
      # kind: tail, ending, section, between or trim; section: the id of the section it lies in, nil elsewhere.
      Part = Struct.new(:kind, :mm, :section, :words)
      # at_mm from the end that is begun with.
      Mark = Struct.new(:at_mm, :words)

      # What is shorter needs no mark, in mm.
      LEAST_MM = 0.5

      attr_reader :wire, :sections, :parts, :ways

      # sections: those the wire lies in, in order; poses: Standing; endings: { "start" => ending or nil, "end" => ... }; allowance: of
      # tail and trim in mm.
      def initialize(wire, sections, poses, endings, tail_mm:, trim_mm:)
        @wire = wire
        @sections = sections
        @poses = poses
        @endings = endings
        @ways = sections.each_cons(2).map { |from, to| WayOn.call(left(from), entered(to)) }.freeze
        @parts = [Part.new("tail", tail_mm, nil, "tail"), ending("start"), *inside, ending("end"), Part.new("trim", trim_mm, nil, "trim")].map(&:freeze).freeze
        freeze
      end

      def total_mm = parts.sum(&:mm)
      def kept_mm = total_mm - parts.first.mm - parts.last.mm

      # The marks in sections with where they lie in the finished piece: [[Mark, [x, y, z]], ...].
      def places
        sections.flat_map do |section|
          from = parts.take_while { |part| part.section != section.id }.sum(&:mm)
          section.marks(wire.id).zip(section.mark_places(wire.id)).map do |(mm, words), place|
            [Mark.new(from + mm, words).freeze, @poses.fetch(section.id).at(place)]
          end
        end
      end

      def marks
        at = 0.0
        parts.flat_map do |part|
          here = at
          at += part.mm
          marks_in(part, here)
        end
      end

      private

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
          (i.zero? || ways[i - 1].empty?) ? [run] : [Part.new("between", Form::Trace.smooth_mm(ways[i - 1]), nil, "between sections"), run]
        end
      end

      def ending(side)
        found = @endings[side]
        Part.new("ending", found ? found.strands.fetch(wire.id).length : 0.0, nil, found ? found.words : "cut flush")
      end

      def marks_in(part, here)
        return sections.find { |section| section.id == part.section }.marks(wire.id).map { |mm, words| Mark.new(here + mm, words) } if part.section
        return [] if part.mm < LEAST_MM

        case part.kind
        when "between" then [Mark.new(here + (part.mm / 2), "middle between sections")]
        when "ending" then ending_marks(part, here)
        else []
        end
      end

      def ending_marks(part, here)
        return [Mark.new(here + (part.mm / 2), "fold")] if part.words == "folded"

        [Mark.new(here, "start of the #{part.words}"), Mark.new(here + part.mm, "end of the #{part.words}")]
      end
    end
  end
end
