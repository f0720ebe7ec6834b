# frozen_string_literal: true

module Meander
  module Planner
    # One base wire of a piece, cut in one, from end to end along its route: its parts in order and what happens where
    # on it. All in mm.
    class WireRun
      # kind: tail, ending, section, bare, between, cut_away, fold or trim; section: the id of the section it lies in,
      # nil elsewhere.
      Part = Struct.new(:kind, :mm, :section, :words)
      # at_mm from the end that is begun with; place: where that is in the finished piece, [x, y, z]; section: the id of
      # the one it lies in, nil elsewhere.
      Mark = Struct.new(:at_mm, :words, :place, :section) do
        def to_h = {at_mm:, words:}
      end
      # A stop on it: section: Crafts::Worked; number: its seat there; visit: Document::Routes::Visit.
      Stop = Struct.new(:section, :number, :visit) do
        def back = visit.back
      end

      # Parts that are cut off in the end.
      OFF = %w[tail trim cut_away].freeze
      # What is shorter needs no mark, in mm.
      LEAST_MM = 0.5

      attr_reader :wire, :stops, :parts, :marks, :ways

      # ended: { id => EndedAt }; ways: Ways.
      def initialize(wire, piece, placed, ended, ways)
        @wire = wire
        @piece = piece
        @placed = placed
        @ended = ended
        @stops = piece.routes.of(wire.id)
          .map { |visit| Stop.new(placed.section(visit.section), visit.number - 1, visit).freeze }.freeze
        @folds = piece.routes.folds.select { |fold| fold.wire[:id] == wire.id }.to_h do |fold|
          [fold.to, ended.fetch(fold.id)]
        end
        @ways = stops.drop(1).map { |to| ways.to(to.visit) }.freeze
        laid = [*off("start"), *ending("start"), *inside, *ending("end"), *off("end")]
        @parts = laid.map(&:first).freeze
        @marks = marked(laid).freeze
        freeze
      end

      def total_mm = parts.sum(&:mm)
      def folded? = @folds.any?
      def words = folded? ? "#{wire.words}, folded in one piece" : wire.words

      # [[words, mm], ...]
      def named_parts = parts.map { |part| [part.words, part.mm] }

      # What to measure off and cut: the sum, rounded up to a whole millimetre.
      def cut_mm = (total_mm - Tolerance::PACKING_MM).ceil

      # The stops before its first fold.
      def onward = stops.take_while { |stop| stop.equal?(stops.first) || !@folds.key?(stop.visit) }

      # What stays in the finished piece; of a wire that is cut away from a section only what lies under it.
      def kept_mm
        return stops.sum { |stop| stop.section.kept_mm(stop.number) } if stops.any? { |stop| stop.visit.cut_away }

        parts.reject { |part| OFF.include?(part.kind) }.sum(&:mm)
      end

      # The ways between sections that stay: [[[x, y, z], ...], ...].
      def kept_ways = ways.reject.with_index { |way, i| way.empty? || away?(i) }

      # How far from its first end its weave begins at a seat of a section, where it begins there and nothing but an
      # ending lies before it; nil elsewhere.
      def start_mark_mm(section, number)
        first = stops.first
        return unless first.section == section && first.number == number && !first.back &&
          (mark = section.marks(number).first)

        parts.take_while { |part| part.section.nil? }.sum(&:mm) + mark.first
      end

      # Where a section begins and ends on it, as that is worked; nil where it lies in no other.
      def within_mm(section)
        return if stops.one?

        before = parts.take_while { |part| part.section != section.id }.sum(&:mm)
        ends = [before, before + parts.select { |part| part.section == section.id }.sum(&:mm)]
        stops.find { |stop| stop.section == section }.back ? ends.reverse : ends
      end

      def to_h
        {wires: [wire.id], words:, colour: wire.material.colour, cut_mm:, total_mm:, parts: parts.map(&:to_h),
          marks: marks.map(&:to_h)}
      end

      private

      # Is it cut away in the end on its way to the stop that follows?
      def away?(index) = @piece.routes.away?(stops[index + 1].visit)

      # What is cut off at an end: held by before the work, held by and trimmed after it. The block that comes with a
      # part answers its marks, told from where it begins: [[mm, words, place], ...].
      def off(end_of_wire)
        stop = (end_of_wire == "start") ? stops.first : stops.last
        side = (end_of_wire == "start") ? stop.visit.enters : stop.visit.leaves
        parts = [Part.new("tail", tail_mm(end_of_wire, stop, side), nil, "tail"),
          *([Part.new("trim", @piece.allowance_mm(:trim), nil, "trim")] if side == "end")]
        parts = parts.reject { |part| part.kind == "tail" && side == "end" && part.mm.zero? }
        ((end_of_wire == "start") ? parts.reverse : parts).map { |part| [part.freeze, -> { [] }] }
      end

      # What is held by; where nothing is bent of an end that a craft fastens off, what it leaves for that.
      def tail_mm(end_of_wire, stop, side)
        usual, own = @piece.base_tail_mm(side), stop.section.tail_mm
        return usual if own.nil? || @piece.routes.end_of(wire.id, end_of_wire)

        own
      end

      def ending(end_of_wire)
        found = @piece.routes.end_of(wire.id, end_of_wire)
        return [[Part.new("ending", 0.0, nil, "cut flush").freeze, -> { [] }]] unless found

        stop = (end_of_wire == "start") ? stops.first : stops.last
        ended = @ended.fetch(found.ending)
        part = Part.new("ending", ended.length_mm(stop.number), nil, ended.words).freeze
        [[part, -> { in_ending(part, ended, stop.number, end_of_wire) }]]
      end

      def inside
        stops.each_with_index.flat_map do |stop, i|
          before = fold(@folds[stop.visit], stops[i - 1]) if @folds[stop.visit]
          before ||= between(i - 1) if i.positive? && ways[i - 1].any?
          [*([before] if before), *visited(stop)]
        end
      end

      # The parts of a section with its marks, from the end it is entered at.
      def visited(stop)
        parts = stop.section.parts(stop.number).map do |kind, mm, words|
          Part.new(kind, mm, stop.section.id, words).freeze
        end
        parts.reverse! if stop.back
        # A margin that comes before what is worked is passed first.
        worked = parts.index { |part| !OFF.include?(part.kind) }
        parts.each_with_index.map { |part, i| [part, -> { (i == worked) ? in_section(stop) : [] }] }
      end

      def fold(ended, from)
        part = Part.new("fold", ended.bent.strands.values.sum(&:length), nil, ended.words).freeze
        number = ended.bent.strands.keys.first
        points = ended.points(number)
        points = points.reverse if number != from.number
        [part, -> { (part.mm < LEAST_MM) ? [] : [[part.mm / 2, "fold", points[points.size / 2]]] }]
      end

      def between(index)
        away = away?(index)
        part = Part.new(away ? "cut_away" : "between", Form::Trace.smooth_mm(ways[index]), nil,
          away ? "cut away between sections" : "between sections").freeze
        [part, -> { in_between(part, ways[index]) }]
      end

      def marked(laid)
        return [] if stops.all? { |stop| stop.section.off_spool? }

        at = 0.0
        laid.flat_map do |part, marks|
          here = at
          at += part.mm
          marks.call.map { |mm, words, place| Mark.new(here + mm, words, place, part.section).freeze }
        end
      end

      def in_section(stop)
        pose, run = @placed.pose(stop.section), stop.section.run_mm(stop.number)
        own = stop.section.marks(stop.number).map { |mm, words, place| [mm, words, pose.at(place)] }
        all = own + @placed.sections.flat_map { |one| one.marks_on(stop.section, stop.number, pose) }
        sorted = all.sort_by.with_index { |(mm, _, _), i| [mm, i] }
        stop.back ? sorted.reverse.map { |mm, words, place| [run - mm, words, place] } : sorted
      end

      def in_between(part, way)
        return [] if part.mm < LEAST_MM
        if part.kind == "cut_away"
          return [[0.0, "cut away from here", way.first], [part.mm, "cut away to here", way.last]]
        end

        [[part.mm / 2, "middle between sections", way[way.size / 2]]]
      end

      def in_ending(part, ended, number, end_of_wire)
        return [] if part.mm < LEAST_MM || ended.ending.kind == "plain"

        places = ended.ends(number)
        places = places.reverse if end_of_wire == "start"
        noun = ended.ending.noun
        [[0.0, "start of the #{noun}", places.first], [part.mm, "end of the #{noun}", places.last]]
      end
    end
  end
end
