# frozen_string_literal: true

module Meander
  module Form
    # A bent wire, the edge of a woven strip, or a row of hitches, as a bar that something hangs from, side by side. It
    # is told in the frame of what hangs there: x across it, y along it away from the bar, from the middle of the place
    # it hangs at; mm.
    class Bar
      # Where something hangs: on the middle of the bar, and how far the bar has turned there against the middle of all,
      # in radians from +x towards +y.
      Place = Struct.new(:x, :y, :tilt) do
        # A point of what hangs there, told from its own middle as from that of a straight bar: [x, y, z].
        def at((across, along, height))
          cos, sin = Math.cos(tilt), Math.sin(tilt)
          [x + (across * cos) - (along * sin), y + (across * sin) + (along * cos), height || 0.0]
        end
      end

      # The weave round the outermost base wire of an edge: how far its wire lies before and behind the middle of that,
      # and how far along its section it was taken to begin.
      Woven = Struct.new(:deep_mm, :from_mm)

      # The way of a tangent is read between places so far to either side, in mm, nearer to the ends of the bar: further
      # apart than the points of a bent wire, whose own ways turn in steps. On an arc that is exact.
      STEP_MM, LEAST_MM = 1.0, 0.05

      # middle: the place on the wire that the middle of what hangs there lies at, [x, y, z]; middle_mm: how far along;
      # ring_mm: the radius of one that is bent all round, nil of any other; woven: Woven, nil of a wire.
      attr_reader :thick_mm, :middle, :middle_mm, :ring_mm, :woven

      # points: the middle line of the wire, [[x, y, z], ...]; length_mm: how long it is; thick_mm: how thick; side:
      # near (to the left of its way) or far; middle_mm: how far along it the middle of what hangs there lies, nil for
      # half-way; even: whether it is straight or evenly bent; row: whether it is a row of hitches; woven, ring_mm: see
      # there.
      def initialize(points, length_mm, thick_mm:, side:, middle_mm: nil, even: false, row: false, woven: nil,
        ring_mm: nil)
        @ruler = Trace::Ruler.new(points, length_mm)
        @length_mm = length_mm
        @thick_mm = thick_mm
        @even = even
        @row = row
        @woven = woven
        @ring_mm = ring_mm
        @side = (side == "far") ? 1 : -1
        @middle_mm = middle_mm || (length_mm / 2)
        @middle = @ruler.at(@middle_mm).freeze
        @turn = heading(@middle_mm) + (@side * Math::PI / 2)
        @inwards = !ring_mm.nil? && place(Math::PI * ring_mm).y.positive?
        freeze
      end

      def even? = @even
      def edge? = !woven.nil?
      def row? = @row

      # A wire, on which places can be marked.
      def wire? = !edge? && !row?

      # What it is called.
      def noun
        return "bar" if row?

        edge? ? "edge" : "wire"
      end

      # Does what hangs from a ring hang within it?
      def inwards? = @inwards

      # How much of the wire there is to either side of that middle.
      def room_mm = [middle_mm, @length_mm - middle_mm].min

      # Where what hangs there stands, by the pose of the wire.
      def pose(wire) = wire.on(middle, @turn)

      # Where something hangs so far to the right of that middle, along the wire.
      # @return [Place]
      def place(along)
        at = @middle_mm - (@side * along)
        x, y, = @ruler.at(at.clamp(0.0, @length_mm)).zip(middle).map { |one, other| one - other }
        cos, sin = Math.cos(@turn), Math.sin(@turn)
        turned = heading(at) + (@side * Math::PI / 2) - @turn
        Place.new((x * cos) - (y * sin), (x * sin) + (y * cos), -Math.atan2(Math.sin(turned), Math.cos(turned))).freeze
      end

      private

      # From +y towards +x.
      def heading(mm)
        step = [mm, @length_mm - mm].min.clamp(LEAST_MM, STEP_MM)
        from, to = [mm - step, mm + step].map { |at| @ruler.at(at.clamp(0.0, @length_mm)) }
        Math.atan2(to[0] - from[0], to[1] - from[1])
      end
    end
  end
end
