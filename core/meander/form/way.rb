# frozen_string_literal: true

module Meander
  module Form
    # How a strip lies once it is bent. Each answers `at(along, across, height)`, the place [x, y, z] of a point of the
    # strip, and `turn(along)`, how far its middle line has turned there, in radians from +y towards +x. The strip
    # begins at the origin and runs along +y; across is counted from its middle line towards +x, height towards the
    # maker. `beyond(along, [across, out, height], band)` is the place of what goes straight on from the end of the
    # strip at `along`, `out` beyond it (below 0 before it); band: [low, high], what of its width is strip. All in mm.
    module Way
      # As it was woven.
      module Straight
        def self.at(along, across, height) = [across, along, height]
        def self.beyond(along, (across, out, height), _band) = [across, along + out, height]
        def self.turn(_along) = 0.0
        def self.flat? = true
      end

      # Bent in its own plane. curvature in 1/mm, positive towards +x (the far side).
      class Arc
        def initialize(curvature)
          @curvature = curvature
          freeze
        end

        def at(along, across, height)
          centre, angle = 1 / @curvature, @curvature * along
          [centre - ((centre - across) * Math.cos(angle)), (centre - across) * Math.sin(angle), height]
        end

        def beyond(along, (across, out, height), _band)
          x, y, z = at(along, across, height)
          [x + (out * Math.sin(turn(along))), y + (out * Math.cos(turn(along))), z]
        end

        def turn(along) = @curvature * along
        def flat? = true
      end

      # Straights and arcs one after another, in its own plane. pieces: [[mm, curvature], ...], see Arc; before the
      # first and beyond the last it goes straight on.
      class Chain
        # Where a piece begins: how far along, where, how far it has turned, and its curvature.
        Piece = Struct.new(:from, :x, :y, :turned, :curvature) do
          def turn(along) = turned + (curvature * (along - from))

          def at(along, across)
            x, y = curvature.zero? ? [across, along - from] : Arc.new(curvature).at(along - from, across, 0.0)
            cos, sin = Math.cos(turned), Math.sin(turned)
            [self.x + (x * cos) + (y * sin), self.y - (x * sin) + (y * cos)]
          end
        end

        def initialize(pieces)
          from = Piece.new(-Float::INFINITY, 0.0, 0.0, 0.0, 0.0)
          at = 0.0
          runs = pieces.chunk_while { |(_, one), (_, other)| (one - other).abs < 1e-12 }
            .map { |run| [run.sum(&:first), run.first.last] }
          @pieces = [*runs, [0.0, 0.0]].map do |mm, curvature|
            x, y = (from.from == -Float::INFINITY) ? [0.0, 0.0] : from.at(at, 0.0)
            turned = (from.from == -Float::INFINITY) ? 0.0 : from.turn(at)
            from = Piece.new(at, x, y, turned, curvature).freeze
            at += mm
            from
          end.freeze
          freeze
        end

        def at(along, across, height) = [*piece(along).at(along, across), height]
        def turn(along) = (along < 0) ? 0.0 : piece(along).turn(along)
        def flat? = true

        def beyond(along, (across, out, height), _band)
          x, y, z = at(along, across, height)
          [x + (out * Math.sin(turn(along))), y + (out * Math.cos(turn(along))), z]
        end

        private

        def piece(along)
          return STRAIGHT if along < 0

          @pieces[(@pieces.bsearch_index { |one| one.from > along } || @pieces.size) - 1]
        end

        STRAIGHT = Piece.new(0.0, 0.0, 0.0, 0.0, 0.0).freeze
        private_constant :STRAIGHT
      end

      # Off a bar, square to it wherever across it begins. Places of the bar are found so far apart, and between them as
      # they differ: a bend of 1 mm is left by no more than 0.002 mm.
      class OffBar
        STEP_MM = 0.1

        # bar: Bar.
        def initialize(bar)
          @bar = bar
          @places = {}
          freeze
        end

        def at(along, across, height)
          from, share = (across / STEP_MM).divmod(1)
          one, other = place(from), place(from + 1)
          tilt = one.tilt + (share * Math.atan2(Math.sin(other.tilt - one.tilt), Math.cos(other.tilt - one.tilt)))
          [one.x + (share * (other.x - one.x)) - (along * Math.sin(tilt)),
            one.y + (share * (other.y - one.y)) + (along * Math.cos(tilt)), height]
        end

        def beyond(along, (across, out, height), _band) = at(along + out, across, height)
        def turn(_along) = 0.0
        def flat? = true

        private

        def place(number) = @places[number] ||= @bar.place(number * STEP_MM)
      end

      # Closed across, round an oval whose axis is y: its front the middle line.
      class Tube
        # oval: Form::Oval, followed across.
        def initialize(oval)
          @oval = oval
          freeze
        end

        def at(along, across, height)
          x, z = @oval.at(across, height)
          [x, along, z]
        end

        def beyond(along, (across, out, height), _band) = at(along + out, across, height)
        def turn(_along) = 0.0
        def flat? = false
      end

      # Wound on a dowel whose axis is y, the strip lying flat on it: radius of its middle line, rise of a turn.
      class Helix
        # side: 1 where it climbs as a right-handed screw, -1 where as a left-handed one, its mirror image.
        def initialize(radius_mm, rise_mm, side)
          @radius = radius_mm
          @side = side
          turn = Math.hypot(2 * Math::PI * radius_mm, rise_mm)
          @round = 2 * Math::PI * radius_mm / turn
          @up = rise_mm / turn
          freeze
        end

        def at(along, across, height)
          across *= @side
          angle = angle(along, across)
          [@side * (@radius + height) * Math.sin(angle), (along * @up) + (across * @round),
            (@radius + height) * Math.cos(angle)]
        end

        # Off the dowel on the tangent where its wire ends, beside the strip straight on across.
        def beyond(along, (across, out, height), (low, high))
          seat = across.clamp(low, high)
          x, y, z = at(along, seat, height)
          angle, beside = angle(along, @side * seat), @side * (across - seat)
          round = (out * @round) - (beside * @up)
          [x + (@side * round * Math.cos(angle)), y + (out * @up) + (beside * @round), z - (round * Math.sin(angle))]
        end

        def turn(_along) = 0.0
        def flat? = false

        # turns = length / sqrt((2 pi R)^2 + p^2), any text on helices.
        def turns(length_mm) = length_mm * @round / (2 * Math::PI * @radius)

        private

        # How far round the dowel a place lies.
        def angle(along, across) = ((along * @round) - (across * @up)) / @radius
      end

      # thickness_mm: of the woven band; length_mm: of the strip.
      def self.of(form, length_mm:, thickness_mm:, width_mm:)
        case form[:kind]
        when "arc", "crescent" then Arc.new(((form[:towards] == "far") ? 1 : -1) / form[:radius].mm)
        when "ring" then Arc.new(2 * Math::PI / length_mm)
        when "helix" then helix(form, thickness_mm, width_mm)
        else Straight
        end
      end

      def self.helix(form, thickness_mm, width_mm)
        Helix.new((form[:dowel].mm + thickness_mm) / 2, [form[:rise].mm, width_mm].max,
          (form[:hand] == "left") ? -1 : 1)
      end
      private_class_method :helix
    end
  end
end
