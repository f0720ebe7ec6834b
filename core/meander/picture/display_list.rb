# frozen_string_literal: true

require "digest"
require "json"

module Meander
  module Picture
    # A picture as data, the same for screen, SVG and print: rods (base wires), cells of drawn passes with their
    # placements, strands (endings and tails), marks, and the x of every gap. Coordinates in mm, see DrawStrip.
    #
    # Drawn from the front: what lies behind the base wires (z < 0), the rods, then what lies before them.
    class DisplayList
      attr_reader :rods, :shapes, :cells, :placements, :strands, :marks, :colours, :wire_mm, :gaps, :json

      def initialize(rods:, shapes:, cells:, placements:, strands:, marks:, colours:, wire_mm:, gaps:)
        @rods = rods.freeze
        @shapes = shapes.freeze
        @cells = cells.freeze
        @placements = placements.freeze
        @strands = strands.freeze
        @marks = marks.freeze
        @colours = colours.freeze
        @wire_mm = wire_mm
        @gaps = gaps.freeze
        @json = JSON.generate(to_h).freeze
        freeze
      end

      # Outside to outside across the woven part.
      def width_mm = x_range.then { |low, high| high - low }

      # Outermost x of weave and base wires.
      def x_range
        xs = shapes.flat_map { |shape| shape[:points].map(&:first) }
        edges = rods.flat_map { |rod| [rod[:x] - (rod[:d] / 2), rod[:x] + (rod[:d] / 2)] }
        [[xs.min - (wire_mm / 2), *edges].min, [xs.max + (wire_mm / 2), *edges].max]
      end

      # From the outermost point of one ending to that of the other.
      def y_range
        ys = strands.flat_map { |strand| strand[:points].flat_map { |_, y, _| [y - (strand[:d] / 2), y + (strand[:d] / 2)] } }
        ends = rods.flat_map { |rod| [rod[:from], rod[:to]] }
        [(ys + ends).min, (ys + ends).max]
      end

      # Every drawn pass in order, placed: Cell::Stroke values.
      def strokes
        placements.flat_map do |placement|
          drawn = cells[placement[:cell]].strokes(shapes)
          (0...placement[:count]).flat_map { |i| drawn.map { |stroke| shifted(stroke, placement[:at] + (i * placement[:step])) } }
        end
      end

      # Names the picture: the same drawing has the same hash.
      def content_hash = Digest::SHA256.hexdigest(json)[0, 32]

      def to_h
        rounded({version: 1, wire_mm:, x_range:, y_range:, gaps:, rods:,
                  tones: colours.transform_values { |hex| Colour.strokes(hex) },
                  shapes: shapes.map { |shape| {face: shape[:face], points: shape[:points].flatten} },
                  cells: cells.map { |cell| {passes: cell.passes} }, placements:, strands:, marks:})
      end

      private

      def shifted(stroke, by) = Cell::Stroke.new(stroke.face, stroke.points.map { |x, y, z| [x, y + by, z] })

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
