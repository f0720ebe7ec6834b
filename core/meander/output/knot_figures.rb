# frozen_string_literal: true

module Meander
  module Output
    # The figures of knots on their own, as plain values and as lines of text. Lengths in mm; wire_mm: each working
    # cord, then filler_mm, path only; planned_mm: of each working cord as it would be cut for them.
    module KnotFigures
      # knots: Crafts::Knotting::KnotOptions.
      def self.call(knots)
        {wire_mm: knots.working_mm, filler_mm: knots.filler_mm, planned_mm: knots.planned_mm, slack: knots.slack,
          knots: knots.knots, advance_mm: knots.advance_mm, length_mm: knots.reach_mm(knots.knots),
          width_mm: knots.width_mm, thickness_mm: knots.thickness_mm, beads: knots.beads, assumed: knots.assumed?}
      end

      def self.words(figures)
        mm = ->(value) { Units::Text.number(value, 2) }
        ["#{Units::Text.count(figures[:knots], "knot")}: #{(figures[:wire_mm].size == 1) ? "the" : "each"} " \
          "working cord " \
         "#{mm[figures[:wire_mm].first]} mm, a filler #{mm[figures[:filler_mm]]} mm (path, no tails)",
          "a knot #{mm[figures[:advance_mm]]} mm, width #{mm[figures[:width_mm]]} mm, " \
          "thickness #{mm[figures[:thickness_mm]]} mm",
          *("beads: #{figures[:beads]}" if figures[:beads].positive?),
          "its cord is assumed: tie a swatch"]
      end

      # A cord that the patterns to choose from are tried in.
      TRIED = Document::Shape::Record.new(
        {cord: Document::Shape::Size.new("cord", accept: 0.1..6.0, plausible: 0.3..3.0)}
      )

      # Every pattern to choose from, with its figures in a cord.
      # @param json [Hash] { "cord" => a size as a document has it }
      # @raise [InvalidInput]
      def self.collection(json)
        mm = Document::Reading.whole(TRIED, json)[:cord].mm
        Knot::Samples::ALL.map { |sample| tried(sample, mm) }
      end

      def self.tried(sample, cord_mm)
        rows, gauge = Crafts::Knotting::Layout.plain(sample.pattern), Knot::Gauge.new
        cords = [cord_mm] * sample.cords
        apart = Knot::Spacing.call(cords, rows, gauge)
        course = Knot::Course.new(cords, rows, gauge, spacing_mm: apart).lay(sample.count)
        long = course.length_mm(sample.count)
        runs = cords.each_index.map { |cord| run_mm(course.passes_of(cord, sample.count), long) }
        {**sample.to_h, pattern: Document::Plain.call(sample.pattern), chart: chart(course),
          figures: {longest_per_cm_mm: runs.max * 10 / long, shortest_per_cm_mm: runs.min * 10 / long,
            cord_per_cm_mm: runs.sum * 10 / long, width_mm: wide(course, cord_mm), length_mm: long,
            repeat_mm: long / sample.count, thickness_mm: course.placed.map { |knot| knot.size.thick_mm }.max,
            moves_per_cm: moves(course) * 10 / long}}
      end

      def self.moves(course)
        ties = course.placed.sum { |knot| Knot::Kinds.fetch(knot.kind).ties.call(knot.cords.size) }
        Crafts::Worked::MOVES_A_TIE * ties
      end

      # Of a cord, down to where the longest ends.
      def self.run_mm(passes, long)
        passes.sum { |one| one.mm + one.gap_mm } + long - (passes.last ? passes.last.leaves[1] : 0.0)
      end

      # Its first knots: [kind, hand, cords, first place, row].
      def self.chart(course)
        course.placed.first(24).map { |knot| [knot.kind, knot.hand, knot.cords.size, knot.from, knot.row] }
      end

      def self.wide(course, cord_mm)
        reach = course.placed.map { |knot| knot.x.abs + (knot.size.width_mm / 2) }.max
        [2 * reach, (2 * course.home(0).abs) + cord_mm].max
      end
      private_class_method :tried, :moves, :run_mm, :chart, :wide
    end
  end
end
