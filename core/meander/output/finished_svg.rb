# frozen_string_literal: true

module Meander
  module Output
    # A piece at true size (1 user unit = 1 mm) as it will look, from the front or the back, with its marks' check
    # ruler: a template to lay the work on.
    class FinishedSvg
      MARGIN_MM = 6.0
      RULER_MM = {"mm" => 50.0, "in" => 50.8}.freeze
      # More marks than these are drawn without their figures.
      MOST_NAMED = 24
      # Figures nearer to each other than this could not be read.
      NEAR_MM = 4.0

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
      end

      def call
        low, high = @xs.map { |x| @flip * x }.minmax
        width, height = [high - low, RULER_MM.fetch(@units)].max + (2 * MARGIN_MM),
@ys[1] - @ys[0] + (2 * MARGIN_MM) + 10
        <<~SVG
          <?xml version="1.0" encoding="UTF-8"?>
          <svg xmlns="http://www.w3.org/2000/svg" width="#{n(width)}mm" height="#{n(height)}mm" viewBox="#{n(low - MARGIN_MM)} #{n(@ys[0] - MARGIN_MM)} #{n(width)} #{n(height)}">
          <title>#{SvgText.call(@title)}</title>
          #{beads { |face| face == hidden }}
          <g fill="none" stroke-linejoin="round" stroke-linecap="round" transform="scale(#{@flip} 1)">
          #{layers.join("\n")}
          </g>
          #{beads { |face| face != hidden }}
          #{marks}
          #{ruler(low, @ys[1] + MARGIN_MM)}
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

      # Where something happens on a base wire: a ring at the place, and while they are few, how far from the wire's
      # first end it is.
      def marks
        marks = @plan.runs.flat_map(&:marks)
        rings = marks.map { |mark| %(<circle cx="#{n(@flip * mark.place[0])}" cy="#{n(mark.place[1])}" r="0.7"/>) }
        named = (marks.size > MOST_NAMED) ? [] : apart(marks)
        words = named.map do |mark|
          %(<text x="#{n((@flip * mark.place[0]) + 1)}" y="#{n(mark.place[1] - 0.6)}">#{Units::Text.length(mark.at_mm)}</text>)
        end
        %(<g fill="none" stroke="#111" stroke-width="0.2">#{rings.join}</g>) +
          %(<g font-family="sans-serif" font-size="1.7" fill="#111" stroke="#fff" stroke-width="0.5" ) +
          %(paint-order="stroke">#{words.join}</g>)
      end

      # Those whose figures do not lie on each other.
      def apart(marks)
        marks.each_with_object([]) do |mark, kept|
          kept << mark if kept.none? { |one| near?(one.place, mark.place) }
        end
      end

      def near?((one_x, one_y), (x, y)) = (one_x - x).abs < NEAR_MM && (one_y - y).abs < NEAR_MM / 2

      # To check that the page was printed at its size.
      def ruler(left, top) = Ruler.call(0.0, RULER_MM.fetch(@units), top, units: @units, zero_mm: left)
    end
  end
end
