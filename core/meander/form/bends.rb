# frozen_string_literal: true

module Meander
  module Form
    # A single wire bent without being woven: its way in the plane [[x, y], ...] from the origin along +y, its exact
    # length, and how tight it is bent at its tightest (radius of its inside). All in mm.
    class Bends
      # points: drawn; length_mm; least_mm: the smallest inside radius, nil where it is straight; turn: how far it has
      # turned at its end; words; centre: of a figure that has one, [x, y].
      Bent = Struct.new(:points, :length_mm, :least_mm, :turn, :words, :centre, keyword_init: true)

      def self.call(bend, wire_mm) = new(bend, wire_mm).public_send(bend[:kind])

      def initialize(bend, wire_mm)
        @bend = bend
        @mm = wire_mm
      end

      def line = bent([[0.0, 0.0], [0.0, mm(:length)]], mm(:length), nil, 0.0, "a straight #{said(:length)}")

      def arc
        angle, sign = radians, (@bend[:towards] == "far") ? 1 : -1
        way = Way::Arc.new(sign / mm(:radius))
        points = Trace.points { |share| way.at(share * angle * mm(:radius), 0.0, 0.0) }
        bent(points, mm(:radius) * angle, mm(:radius) - (@mm / 2), sign * angle,
          "an arc of #{Units::Text.number(@bend[:angle], 1)}° on a radius of #{said(:radius)}")
      end

      # Half its height to either side of its middle line.
      def wave
        rate = 2 * Math::PI * @bend[:waves] / mm(:length)
        points = Trace.points(48 * @bend[:waves]) do |share|
          [mm(:height) / 2 * Math.sin(rate * share * mm(:length)), share * mm(:length)]
        end
        bent(points, Trace.smooth_mm(points), (1 / (mm(:height) / 2 * (rate**2))) - (@mm / 2), 0.0,
          "#{Units::Text.count(@bend[:waves], "wave")} over #{said(:length)}, #{said(:height)} high")
      end

      # A circle whose radius swings half the height to either side, closed; it begins outside. Its tightest bend is at
      # a crest, where the curvature in polar form is (r - r'') / r^2 (any book of differential geometry).
      def waved_ring
        mean, swing, waves = mm(:across) / 2, mm(:height) / 2, @bend[:waves]
        outer = mean + swing
        points = Trace.points(64 * waves) do |share|
          (2 * Math::PI * share).then do |t|
            (mean + (swing * Math.cos(waves * t))).then { |r| [outer - (r * Math.cos(t)), r * Math.sin(t)] }
          end
        end
        bent(points, Trace.smooth_mm(points), (outer**2 / (outer + (swing * (waves**2)))) - (@mm / 2), 0.0,
          "a ring #{said(:across)} across in #{waves} waves #{said(:height)} high", [outer, 0.0])
      end

      # An Archimedean spiral from its outside to its middle; its length in closed form.
      def swirl
        inner, rate = (mm(:inside) + @mm) / 2, mm(:pitch) / (2 * Math::PI)
        whole = 2 * Math::PI * @bend[:turns]
        outer = inner + (rate * whole)
        points = Trace.points(64 * @bend[:turns]) do |share|
          (outer - (rate * whole * share)).then do |r|
            [outer - (r * Math.cos(whole * share)), r * Math.sin(whole * share)]
          end
        end
        bent(points, Bends.spiral_mm(inner, outer, rate), mm(:inside) / 2, 0.0,
          "a swirl of #{Units::Text.count(@bend[:turns], "turn")} from #{said(:inside)} inside")
      end

      # The integral of sqrt(r^2 + b^2) dr / b, from any table of integrals.
      def self.spiral_mm(inner, outer, rate)
        sum = ->(r) { ((r * Math.hypot(r, rate)) + (rate**2 * Math.log(r + Math.hypot(r, rate)))) / (2 * rate) }
        sum.call(outer) - sum.call(inner)
      end

      # Loops on a mandrel in a row, each a whole turn pi (m + D), with the straight from one to the next between them
      # and half of one before the first and after the last; all on one side of the wire, or on either side in turn.
      def loops
        radius, count, turtle = (mm(:inside) + @mm) / 2, @bend[:count], Turtle.new
        count.times do |i|
          turtle.forward(mm(:pitch) / 2)
          turtle.bend(radius, ((@bend[:sides] == "in_turn" && i.odd?) ? -1 : 1) * 2 * Math::PI)
          turtle.forward(mm(:pitch) / 2)
        end
        bent(turtle.points, turtle.length_mm, mm(:inside) / 2, 0.0,
          "#{Units::Text.count(count, "loop")} #{said(:inside)} inside, #{said(:pitch)} " \
          "apart#{", on either side in turn" if @bend[:sides] == "in_turn" && count > 1}")
      end

      # Straight legs with a fold of the given inside between them, opening by an angle.
      def zigzag
        radius, sweep = (mm(:fold) + @mm) / 2, Math::PI - radians
        lean = radians / 2
        turtle = Turtle.new(-((Math::PI / 2) - lean))
        @bend[:legs].times do |i|
          turtle.forward(mm(:leg))
          turtle.bend(radius, i.even? ? sweep : -sweep) if i < @bend[:legs] - 1
        end
        bent(turtle.points, turtle.length_mm, mm(:fold) / 2, 0.0, "a zigzag of #{@bend[:legs]} legs of #{said(:leg)}")
      end

      # Straights and arcs one after another, as a maker has them on a drawing.
      def run
        turtle = Turtle.new
        @bend[:parts].each do |part|
          next turtle.forward(part[:length].mm) if part[:kind] == "straight"

          turtle.bend(part[:radius].mm, Bends.turn(part))
        end
        arcs = @bend[:parts].select { |part| part[:kind] == "arc" }
        least = arcs.map { |part| part[:radius].mm }.min&.then { |radius| radius - (@mm / 2) }
        bent(turtle.points, turtle.length_mm, least, arcs.sum { |part| Bends.turn(part) },
          "a run of #{Units::Text.count(@bend[:parts].size, "part")}")
      end

      # How far an arc of a run turns, in radians from +y towards +x.
      def self.turn(part) = (part[:angle] * Math::PI / 180) * ((part[:towards] == "far") ? 1 : -1)

      # How long a part of a run is, in mm.
      def self.part_mm(part) = (part[:kind] == "straight") ? part[:length].mm : part[:radius].mm * turn(part).abs

      # Closed outlines whose ends go on as a pair: see Outline.
      %i[drop leaf heart].each do |kind|
        define_method(kind) { closed("#{Units::Text.a(kind.to_s)} #{said(:length)} long and #{said(:width)} wide") }
      end

      def lobes
        closed("two lobes #{said(:length)} long and #{said(:width)} wide, a straight cleft of #{said(:cleft)} down " \
               "between them")
      end

      def crescent
        closed("a crescent on a radius of #{said(:radius)}, #{said(:middle)} deep in its middle, " \
               "#{Units::Text.number(@bend[:angle], 0)}° round")
      end

      # Out to the length of each petal, a fold, and back to the centre, in turn longer and shorter; a fold leads on to
      # the next.
      def rosette
        petals = @bend[:petals]
        way = RosetteWay.new(Bends.centre_mm(@bend, @mm), (mm(:fold) + @mm) / 2, petals)
        petals.times { |i| way.petal(i.even? ? mm(:long) : mm(:short), last: i == petals - 1) }
        bent(way.points, way.length_mm, mm(:fold) / 2, 0.0,
          "a rosette of #{petals} petals, #{said(:long)} and #{said(:short)} in turn", [0.0, 0.0])
      end

      # The circle the legs stand on at the centre: as asked for, or as small as all of them side by side allow.
      def self.centre_mm(bend, wire_mm)
        [bend[:centre].mm / 2, wire_mm / 2 / Math.sin(Math::PI / (2 * bend[:petals]))].max
      end

      private

      def closed(words)
        outline = Outline.call(@bend, @mm)
        bent(outline.points, outline.length_mm, outline.least_mm, -Math::PI, words, outline.centre)
      end

      def mm(key) = @bend[key].mm
      def said(key) = Units::Text.length(mm(key))
      def radians = @bend[:angle] * Math::PI / 180

      def bent(points, length_mm, least_mm, turn, words, centre = nil)
        Bent.new(points: points.map { |x, y, z| [x, y, z || 0.0] }.freeze, length_mm:, least_mm:, turn:, words:,
          centre:).freeze
      end
    end
  end
end
