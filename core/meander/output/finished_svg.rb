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
      end

      def call
        (left, right), (top, bottom) = @page
        width, height = right - left, bottom - top
        <<~SVG
          <?xml version="1.0" encoding="UTF-8"?>
          <svg xmlns="http://www.w3.org/2000/svg" width="#{n(width)}mm" height="#{n(height)}mm" viewBox="#{n(left)} #{n(top)} #{n(width)} #{n(height)}">
          <title>#{SvgText.call(@title)}</title>
          #{beads { |face| face == hidden }}
          <g fill="none" stroke-linejoin="round" stroke-linecap="round" transform="scale(#{@flip} 1)">
          #{layers.join("\n")}
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

      # Layer by layer through all sections, so that what lies in front is drawn over what lies behind.
      def layers
        order = (0...Picture::Finished::LAYERS.size).to_a
        finished = @plan.finished
        [order, finished].each(&:reverse!) if @back
        order.flat_map { |layer| finished.flat_map { |picture, pose, _| drawn(picture, pose, layer) } }
      end

      def drawn(picture, pose, layer)
        picture.groups.select { |group| group.layer == layer }.flat_map do |group|
          path = group.points
            .map { |points| "M#{points.map { |point| pose.at(point).then { |x, y, _| "#{n(x)} #{n(y)}" } }.join("L")}" }
              .join
          Picture::Colour.strokes(@plan.piece.colours.fetch(group.wire)).map do |tone, share, _|
            %(<path d="#{path}" stroke="#{tone}" stroke-width="#{n(group.mm * share)}"/>)
          end
        end
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
