# frozen_string_literal: true

module Meander
  module Output
    # A picture as SVG at true size (1 user unit = 1 mm), seen from the front or the back, with a ruler.
    #
    # The work runs to the right (to the left for a left-handed maker); the maker's side is below in front. Turning the
    # work over swaps near and far and what is behind with what is before.
    class StripSvg
      MARGIN_MM = 3.0
      RULER_MM = 6.0
      FACES = [1, -1].freeze
      # A piece of wire to draw: its SVG, which wire it is and its diameter.
      Run = Struct.new(:svg, :wire, :mm)

      # face: "front" or "back"; hand: "right" or "left"; units: of the ruler.
      def self.call(picture, title:, face: "front", hand: "right", units: "mm")
        new(picture, title, face, hand, units).call
      end

      def initialize(picture, title, face, hand, units)
        @units = units
        @picture = picture
        @title = title
        @face = (face == "back") ? -1 : 1
        @along = (hand == "left") ? -1 : 1
      end

      def call
        <<~SVG
          <?xml version="1.0" encoding="UTF-8"?>
          <svg xmlns="http://www.w3.org/2000/svg" width="#{n(width)}mm" height="#{n(height)}mm" viewBox="#{n(left)} #{n(top)} #{n(width)} #{n(height)}">
          <title>#{SvgText.call(@title)}</title>
          <defs>
          #{defs}
          </defs>
          <g fill="none" stroke-linejoin="round" stroke-linecap="round">
          #{beads { |face| face == -@face }}
          #{[layer(-@face), level, layer(@face)].flatten.join("\n")}
          #{beads { |face| face != -@face }}
          </g>
          #{ruler}
          </svg>
        SVG
      end

      private

      def ys = @picture.y_range
      def xs = @picture.x_range
      def left = (@along.positive? ? ys[0] : -ys[1]) - MARGIN_MM
      def width = ys[1] - ys[0] + (2 * MARGIN_MM)
      def low = strand_xs.max

      def strand_xs
        @strand_xs ||=
          [*xs, *@picture.beads_across,
            *@picture.strands.flat_map { |s| s[:points].map(&:first) }].map { |x| -@face * x }
      end

      def top = strand_xs.min - MARGIN_MM
      def height = low - strand_xs.min + (2 * MARGIN_MM) + RULER_MM
      def n(number) = Units::Text.number(number, 3)

      def defs
        cells = @picture.cells.each_with_index.flat_map do |cell, i|
          FACES.map do |face|
            strokes = cell.strokes(@picture.shapes).select { |stroke| stroke.face == face }
            %(<path id="c#{i}#{side(face)}" d="#{strokes.map { |stroke| path(stroke.points) }.join}"/>)
          end
        end
        layers = woven_wires.product(FACES).map do |wire, face|
          %(<g id="#{weave_id(wire, face)}">#{uses(wire, face)}</g>)
        end
        (cells + layers).join("\n")
      end

      def beads(&block) = BeadSvg.call(@picture.beads, block) { |x, y| [@along * y, -@face * x] }

      def side(face) = face.positive? ? "f" : "b"

      def woven_wires = @picture.placements.map { |place| place[:wire] }.uniq
      def weave_id(wire, face) = "weave-#{wire}-#{side(face)}"

      def uses(wire, face)
        @picture.placements.select { |place| place[:wire] == wire }.flat_map do |place|
          (0...place[:count]).map do |i|
            %(<use href="#c#{place[:cell]}#{side(face)}" x="#{n(@along * (place[:at] + (i * place[:step])))}"/>)
          end
        end.join
      end

      # Points [x, y, z] to the page: y along, x up in front and down at the back.
      def path(points) = "M#{points.map { |x, y, _| "#{n(@along * y)} #{n(-@face * x)}" }.join("L")}"

      def layer(face)
        weave = woven_wires.map { |wire| Run.new(%(<use href="##{weave_id(wire, face)}"/>), wire, @picture.wire_mm) }
        shaded(weave) + shaded(@picture.strands.flat_map { |strand| strand_runs(strand) { |z| (z * face).positive? } })
      end

      def level = shaded(rods + @picture.strands.flat_map { |strand| strand_runs(strand, &:zero?) })

      # The parts of a strand whose height satisfies the block.
      def strand_runs(strand, &block)
        runs = strand[:points].each_cons(2).slice_when { |a, b| yield(mid(a)) != yield(mid(b)) }
        runs.select { |run| yield(mid(run.first)) }.map do |run|
          Run.new(%(<path d="#{path([run.first.first, *run.map(&:last)])}"/>), strand[:wire], strand[:d])
        end
      end

      def mid(pair) = (pair[0][2] + pair[1][2]).round(6)

      def rods
        @picture.rods.map do |rod|
          data = path([[rod[:x], rod[:from], 0], [rod[:x], rod[:to], 0]])
          Run.new(%(<path stroke-linecap="butt" d="#{data}"/>), rod[:wire], rod[:d])
        end
      end

      # Parts that lie side by side, tone by tone, so that where they meet they are one wire. The light comes from above
      # on the left.
      def shaded(runs)
        toned = runs.map { |run| [run, Picture::Colour.strokes(@picture.colours.fetch(run.wire))] }
        Picture::Colour::DEPTHS.times.flat_map do |depth|
          toned.map do |run, tones|
            tone, share, offset = tones[depth]
            shift = n(-run.mm * offset)
            place = "translate(#{shift} #{shift})"
            %(<g stroke="#{tone}" stroke-width="#{n(run.mm * share)}" transform="#{place}">#{run.svg}</g>)
          end
        end
      end

      def ruler
        from, to = [@along * ys[0], @along * ys[1]].minmax
        Ruler.call(from, to, low + MARGIN_MM, units: @units, along: @along)
      end
    end
  end
end
