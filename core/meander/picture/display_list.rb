# frozen_string_literal: true

require "digest"
require "json"

module Meander
  module Picture
    # A picture as data, the same for screen, SVG and print: rods (base wires), cells of drawn passes with their
    # placements, strands (endings and tails), marks, and the x of every base wire and gap. Coordinates in mm, see
    # DrawStrip. x_range: outermost x of weave and base wires; y_range: from the outermost point of one ending to that
    # of the other.
    #
    # Drawn from the front: what lies behind the base wires (z < 0), the rods, then what lies before them.
    class DisplayList
      # Shapes and cells are written as whole numbers of this many mm (and the shapes' u in the same parts of one).
      FINEST_MM = 10.0**-Tolerance::WRITTEN_DIGITS
      PARTS = 10.0**Tolerance::WRITTEN_DIGITS
      attr_reader :rods, :shapes, :cells, :placements, :strands, :marks, :colours, :wire_mm, :centres, :gaps, :counting,
        :beads, :x_range, :y_range

      def initialize(rods:, shapes:, cells:, placements:, strands:, marks:, colours:, wire_mm:, centres:, gaps:,
        counting:, beads:)
        @rods = rods.freeze
        @shapes = shapes.freeze
        @cells = cells.freeze
        @placements = placements.freeze
        @strands = strands.freeze
        @marks = marks.freeze
        @colours = colours.freeze
        @wire_mm = wire_mm
        @centres = centres.freeze
        @gaps = gaps.freeze
        @counting = counting.freeze
        @beads = beads.freeze
        @x_range = across.freeze
        @y_range = along.freeze
        @told = {}
        freeze
      end

      # Written down when it is first asked for.
      def json = @told[:json] ||= JSON.generate(to_h).freeze

      # Outside to outside across the woven part.
      def width_mm = x_range.then { |low, high| high - low }

      # All that is drawn across, endings and tails with it, and half a mm on either side.
      def drawn_across_mm
        [*x_range, *beads_across, *strands.flat_map { |strand| strand[:points].map(&:first) }].minmax
          .then { |low, high| high - low + 1 }
      end

      # Every drawn pass in order, placed: Cell::Stroke values.
      def strokes
        placements.flat_map do |placement|
          drawn = cells[placement[:cell]].strokes(shapes)
          (0...placement[:count]).flat_map do |i|
            drawn.map { |stroke| shifted(stroke, placement[:at] + (i * placement[:step])) }
          end
        end
      end

      # Some passes by their numbers in the order of work: { number => Cell::Stroke }, of the first strand where two lie
      # side by side.
      def strokes_at(numbers)
        placements.each_with_object({}) do |placement, found|
          cell = cells[placement[:cell]]
          (numbers - found.keys).each do |number|
            copy, row = (number - placement[:pass]).divmod(placement[:every])
            next unless copy.between?(0, placement[:count] - 1) && row < cell.passes.size

            found[number] = shifted(cell.stroke_at(row, shapes), placement[:at] + (copy * placement[:step]))
          end
        end
      end

      # Names the picture: the same drawing has the same hash.
      def content_hash = @told[:hash] ||= Digest::SHA256.hexdigest(json)[0, 32].freeze

      def to_h
        {version: 2, finest_mm: FINEST_MM, wire_mm:, x_range: rounded(x_range), y_range: rounded(y_range),
          centres: rounded(centres), gaps: rounded(gaps), places:, counting:, rods: rounded(rods),
          tones: colours.transform_values { |hex| Colour.strokes(hex) }, beads:,
          shapes: shapes.map { |one| {**one.slice(:face, :words, :turned), points: in_parts(one[:points])} },
          cells: cells.map { |cell| {passes: cell.passes.map { |row| written(row) }} },
          placements: rounded(placements), strands: rounded(strands), marks: rounded(marks)}
      end

      # How far beads reach across: [[x, x] of every bead] in one list.
      def beads_across
        beads[:set].flat_map do |look, x, *|
          beads[:looks][look].first[:points].map(&:abs).max.then { |reach| [x - reach, x + reach] }
        end
      end

      private

      # Where each gap is, in words, as it is held and turned over.
      def places
        wires = gaps.size - 1
        {front: false, back: true}.transform_values do |turned|
          (0..wires).map { |gap| Weave::MoveWords.place(gap, wires, turned:) }
        end
      end

      # Outermost x of weave and base wires.
      def across
        xs = shapes.flat_map { |shape| shape[:points].map(&:first) }
        edges = rods.flat_map { |rod| [rod[:x] - (rod[:d] / 2), rod[:x] + (rod[:d] / 2)] }
        [[xs.min - (wire_mm / 2), *edges].min, [xs.max + (wire_mm / 2), *edges].max]
      end

      # From the outermost point of one ending to that of the other.
      def along
        ys = strands.flat_map do |strand|
          strand[:points].flat_map { |_, y, _| [y - (strand[:d] / 2), y + (strand[:d] / 2)] }
        end
        ends = rods.flat_map { |rod| [rod[:from], rod[:to]] }
        [(ys + ends).min, (ys + ends).max]
      end

      def shifted(stroke, by) = Cell::Stroke.new(stroke.face, stroke.points.map { |x, y, z| [x, y + by, z] })

      def in_parts(points) = points.flat_map { |x, z, u| [(x * PARTS).round, (z * PARTS).round, (u * PARTS).round] }
      def written((shape, *heights)) = [shape, *heights.map { |y| (y * PARTS).round }]

      def rounded(value)
        case value
        when Float then value.round(Tolerance::WRITTEN_DIGITS)
        when Hash then value.transform_values { |inner| rounded(inner) }
        when Array then value.map { |inner| rounded(inner) }
        else value
        end
      end
    end
  end
end
