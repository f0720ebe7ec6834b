# frozen_string_literal: true

module Meander
  module Beads
    # What beads are placed on where it is woven: a strip or a frame before it is bent. Places on it are [along,
    # across]: mm from where the section begins, and from its middle line towards its far side.
    class Site
      attr_reader :strip, :length_mm, :from_mm, :opening, :turned, :copies

      # strip: the section as a strip, Crafts::Weaving::Strip; length_mm: of the section; from_mm: where on it the weave
      # begins; opening: of a frame, or nil; turned: 1 / radius of its middle line, above 0 where it turns towards the
      # far side; copies: of a frame in its chain.
      def initialize(strip, length_mm:, from_mm: 0.0, opening: nil, turned: 0.0, copies: 1)
        @strip = strip
        @length_mm = length_mm
        @from_mm = from_mm
        @opening = opening
        @turned = turned
        @copies = copies
        freeze
      end

      # The same of a bent strip; a frame's beads lie by its opening.
      def curvature = opening ? 0.0 : turned
      def woven? = true
      def frame = strip.layout.frame
      def cover_mm = frame.wire_mm
      def to_mm = from_mm + strip.woven_mm
      def base = strip.base

      # The clear width between the outermost of two base wires at a place along it; 0 where more of them fill it.
      def clear_mm(along)
        return opening.clear_mm(along) if opening

        (base.size == 2) ? frame.clear(1) || 0.0 : 0.0
      end

      # Middle lines of the two outermost base wires at a place: [near, far] across.
      def edges(along)
        if opening
          return [-1, 1].zip([base.first, base.last]).map do |side, wire|
            side * (opening.clear_mm(along) + wire.mm) / 2
          end
        end

        half = (frame.centres.last - frame.centres.first) / 2
        [-half, half]
      end

      # The line that runs beside a base wire, the near one (-1) or the far one (1), so far outside its middle line:
      # [[along, across], ...]. The wire of a frame is followed along its curve.
      def beside(side, off)
        wire = base[(side == 1) ? -1 : 0]
        unless opening
          return [[0.0, edges(0.0)[(side == 1) ? 1 : 0] + (side * off)],
            [length_mm, edges(0.0)[(side == 1) ? 1 : 0] + (side * off)]]
        end

        way = opening.edge(side, wire.mm)
        way.each_index.map do |i|
          (x, y), (to_x, to_y) = way[[i - 1, 0].max], way[[i + 1, way.size - 1].min]
          far = Math.hypot(to_x - x, to_y - y)
          [way[i][0] - (side * off * (to_y - y) / far), way[i][1] + (side * off * (to_x - x) / far)]
        end
      end

      # How long a line on it is once the section is bent: beside its middle line the bend draws it out or together.
      def run_mm(line)
        line.each_cons(2).sum do |(x, y), (to_x, to_y)|
          Math.hypot((to_x - x) * (1 - (turned * (y + to_y) / 2)), to_y - y)
        end
      end

      # The middle of the figure it makes: of an opening half-way along, of a bent strip the point it turns about.
      def centre = curvature.zero? ? [length_mm / 2, 0.0] : [length_mm / 2, 1 / curvature]

      # The same beads in each of its copies: where each of them begins, from the first.
      def repeated_mm(pitch) = Array.new(copies) { |k| k * pitch }
    end
  end
end
