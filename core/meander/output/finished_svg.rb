# frozen_string_literal: true

module Meander
  module Output
    # A piece at true size (1 user unit = 1 mm) as it will look, from the front or the back, with its marks' check
    # ruler: a template to lay the work on.
    class FinishedSvg
      MARGIN_MM = 6.0
      RULER_MM, RULER_HIGH_MM = {"mm" => 50.0, "in" => 50.8}.freeze, 10.0
      # plan: Planner::Plan; face: "front" or "back"; hand: "right", or "left" for the mirror image; units: of the
      # ruler.
      def self.call(plan, title:, face: "front", hand: "right", units: "mm") = new(plan, title, face, hand, units).call

      def initialize(plan, title, face, hand, units)
        @units = units
        @plan = plan
        @title = title
        @back = face == "back"
        @flip = (@back ^ (hand == "left")) ? -1 : 1
        @xs, @ys = plan.extent
        @marks = TemplateMarks.new(plan.runs.flat_map(&:marks), flip: @flip, extent: [@xs, @ys])
        @page = page
        @puts = []
      end

      def call
        (left, right), (top, bottom) = @page
        width, height = right - left, bottom - top
        drawn = layers.join("\n")
        <<~SVG
          <?xml version="1.0" encoding="UTF-8"?>
          <svg xmlns="http://www.w3.org/2000/svg" width="#{n(width)}mm" height="#{n(height)}mm" viewBox="#{n(left)} #{n(top)} #{n(width)} #{n(height)}">
          <title>#{SvgText.call(@title)}</title>
          #{"<defs>#{@puts.join("\n")}</defs>" if @puts.any?}
          #{beads { |face| face == hidden }}
          <g fill="none" stroke-linejoin="round" stroke-linecap="round" transform="scale(#{@flip} 1)">
          #{drawn}
          </g>
          #{beads { |face| face != hidden }}
          #{@marks.svg}
          #{@marks.legend(left + MARGIN_MM, bottom - @legend_mm, right - left - (2 * MARGIN_MM))}
          #{ruler(left + MARGIN_MM, bottom - @legend_mm - RULER_HIGH_MM)}
          </svg>
        SVG
      end

      private

      def n(number) = Units::Text.number(number, 3)

      # Layer by layer through all sections, so that what lies in front is drawn over what lies behind; in a layer wire
      # by wire, so that a wire goes on into what it is bent to without a seam.
      def layers
        groups = @plan.finished.flat_map { |picture, pose, _| picture.groups.map { |group| [group, pose] } }
        groups.reverse! if @back
        by_layer = groups.group_by { |group, _| group.layer }.sort_by(&:first)
        by_layer.reverse! if @back
        by_layer.flat_map do |_, layer|
          layer.group_by { |group, _| [group.wire, group.mm] }.each_value.flat_map { |wire| drawn(wire) }
        end
      end

      # Lines of one wire, tone by tone.
      def drawn(groups)
        shapes = groups.map do |group, pose|
          group.at ? %(<use href="##{put(group, pose)}") : %(<path d="#{path(group.points) { |point| pose.at(point) }}")
        end
        wire = groups.first.first
        Picture::Colour.strokes(@plan.piece.colours.fetch(wire.wire)).flat_map do |tone, share, _|
          shapes.map { |shape| %(#{shape} stroke="#{tone}" stroke-width="#{n(wire.mm * share)}"/>) }
        end
      end

      def path(lines)
        lines.map { |points|
          "M#{points.map { |point|
            (block_given? ? yield(point) : point).then { |x, y, _|
              "#{n(x)} #{n(y)}"
            }
          }.join("L")}"
        }.join
      end

      # Lines that are put in many places are written down once: the id of all of these.
      def put(group, pose)
        own = path(group.lines.map { |line| line.each_slice(3).to_a })
        id = "c#{@puts.size}"
        places = group.at.map do |x, y, turn|
          %(<use href="##{id}p" transform="translate(#{n(x)} #{n(y)}) rotate(#{n(turn * 180 / Math::PI)})"/>)
        end
        cos, sin = Math.cos(pose.turn), Math.sin(pose.turn)
        matrix = [pose.side * cos, -pose.side * sin, sin, cos, pose.x, pose.y].map { |number| n(number) }.join(" ")
        @puts << %(<path id="#{id}p" d="#{own}"/><g id="#{id}" transform="matrix(#{matrix})">#{places.join}</g>)
        id
      end

      def hidden = @back ? 1 : -1
      def beads(&block) = BeadSvg.call(@plan.beads_h[:drawn], block) { |x, y| [@flip * x, y] }

      # What all of it covers: the piece, its marks with their legend, and the ruler that tells whether it was printed
      # at its size.
      def page
        xs, ys = [[seen, @ys], @marks.extent].compact.transpose.map { |ranges| ranges.flatten.minmax }
        right = [xs[1], xs[0] + RULER_MM.fetch(@units), xs[0] + TemplateMarks::COLUMN_MM].max
        @legend_mm = @marks.legend_mm(right - xs[0])
        [[xs[0] - MARGIN_MM, right + MARGIN_MM], [ys[0] - MARGIN_MM, ys[1] + MARGIN_MM + RULER_HIGH_MM + @legend_mm]]
      end

      def ruler(left, top) = Ruler.call(0.0, RULER_MM.fetch(@units), top, units: @units, zero_mm: left)

      # Across, as it is seen.
      def seen = @xs.map { |x| @flip * x }.minmax
    end
  end
end
