# frozen_string_literal: true

module Meander
  module Form
    # A closed outline of one wire: from its tip up its far half and down its near half, the mirror image of the other.
    # Both its ends leave the tip side by side, straight on as a pair. Its half is bends and straights that follow each
    # other without a kink. All in mm.
    #
    # Measured from its axis its far end stands at half the wire's thickness; every circle below is of the middle line
    # of the wire. Tangents of two circles are those of any book of geometry: crossed, sqrt(d^2 - (r1 + r2)^2) long.
    class Outline
      KINDS = %w[drop leaf heart lobes crescent].freeze
      # So many widths are tried to find one.
      TRIED = 100
      # How near to a length it is found, as a share.
      MEETS = 1e-9
      # Half its width is no more than so much of its length. Our choice, no source.
      WIDEST = 0.8

      # bend: its fields: length and width over all, tip: the inside of the bends at the tip, and fold: of a leaf's far
      # tip, or between the lobes of a heart, which the straight cleft of two lobes leads down to; of a crescent its
      # outer radius, how far round that goes, how deep its middle is, and the fold of its horns.
      # @return [Outline, nil] nil where there is none of these sizes
      def self.call(bend, wire_mm)
        half = new(bend, wire_mm).public_send(bend[:kind])
        half if half&.legs&.all? { |_, mm, angle| mm >= 0 && mm.finite? && (angle || 0.0).finite? }
      end

      # The widths that a length allows, [least, most], nil where there are none: looked for in tenths of a mm.
      def self.widths(bend, wire_mm)
        most = ((bend[:length].mm * 2 * WIDEST) + wire_mm).ceil * 10
        found = (1..most).select { |tenths| call({**bend, width: Units::Size.new(tenths / 10.0, "")}, wire_mm) }
        found.empty? ? nil : [found.first / 10.0, found.last / 10.0]
      end

      # The outline whose wire is so long all round: its length over all is what it comes to.
      # @return [Outline, nil] nil where none of this width is
      def self.so_long(bend, wire_mm, length_mm)
        at = ->(mm) { call({**bend, length: Units::Size.new(mm, "")}, wire_mm) }
        found = (0.0..length_mm).bsearch { |mm| (at[mm]&.length_mm || 0.0) >= length_mm }
        outline = found && at[found]
        outline if outline && (outline.length_mm - length_mm).abs < MEETS * length_mm
      end

      # The widths that an outline so long may have, [least, most], told in tenths of a mm: from one that it may have
      # outwards; nil where none of those that are tried is.
      def self.widths_so_long(bend, wire_mm, length_mm)
        fits = ->(tenths) { !so_long({**bend, width: Units::Size.new(tenths / 10.0, "")}, wire_mm, length_mm).nil? }
        most = (5 * length_mm).ceil
        inside = (1..TRIED).map { |share| most * share / TRIED }.find(&fits) or return
        least = (1..inside).bsearch { |tenths| fits[tenths] }
        beyond = (inside..most).bsearch { |tenths| !fits[tenths] } || (most + 1)
        [least / 10.0, (beyond - 1) / 10.0]
      end

      # Of its half: [[:forward, mm], [:bend, radius, angle], ...]; the angle positive towards +x.
      attr_reader :legs

      def initialize(bend, wire_mm)
        @mm = wire_mm
        @bend = bend
        @wide = (bend[:width].mm - wire_mm) / 2 if bend[:width]
        @top = bend[:length].mm - (wire_mm / 2) if bend[:length]
        @tip = (bend[:tip].mm + wire_mm) / 2
        @fold = bend[:fold] && ((bend[:fold].mm + wire_mm) / 2)
      end

      # Two straights from the tip to a round end.
      def drop = round(0.0, @wide, @top - @wide) { |up| [[:bend, @wide, -up - (Math::PI / 2)]] }

      # Up the outside of a lobe and over it, down into a fold between both.
      def heart = lobed(0.0)

      # The same with a straight cleft that leads down between them.
      def lobes
        cleft = @bend[:cleft].mm
        lobed(cleft) if cleft <= most_cleft_mm + 1e-9
      end

      # How far down the cleft of two lobes can lead: until its fold lies beside the straights from the tip; below 0
      # where there are no such lobes.
      def most_cleft_mm
        up = Outline.call({**@bend, kind: "heart"}, @mm)&.legs&.first&.last or return -1.0
        across, along = (@mm / 2) + (@tip * (1 - Math.cos(up))), @tip * Math.sin(up)
        @top - ((@wide - @fold) / 2) - along - ((((@fold + @mm) / Math.cos(up)) - across) / Math.tan(up))
      end

      # Out along the inner arc to a horn, round its fold, and back along the outer arc. The fold touches the outer
      # circle from within and the inner one from without, |fold - inner| = ri + f, which is linear in the inner radius
      # ri as its centre lies below where it begins.
      def crescent
        outer, round = @bend[:radius].mm, @bend[:angle] * Math::PI / 360
        begins = (@mm / 2) + @tip
        @top = @tip + @bend[:middle].mm - @mm
        across = ((outer - @fold) * Math.sin(round)) - begins
        down = @top - outer + ((outer - @fold) * Math.cos(round)) - @tip
        inner = ((across**2) + (down**2) - (@fold**2)) / (2 * (@fold - down))
        along = Math.atan2(across, down + inner)
        return unless down < @fold && inner > @mm && along.positive? && across > @fold + @mm
        return if @bend[:middle].mm <= 2 * @mm || near?(begins, @tip - inner - @top + outer, inner)

        with([[:bend, @tip, Math::PI / 2], [:bend, inner, along], [:bend, @fold, round - along - Math::PI],
          [:bend, outer, -round]])
      end

      # A wide arc from the bend at the tip to the fold at the far tip: its radius R and the height h of its centre
      # follow from |centre - tip| = R + tip and |centre - fold| = R - fold, whose squares differ by what is linear in
      # both.
      def leaf
        far = @top - @fold
        up, radius, over = leaf_arcs(far).find { |from, _, to| from.positive? && to.between?(-Math::PI / 2, 0.0) }
        return unless up

        with([[:bend, @tip, up], [:bend, radius, over - up], [:bend, @fold, -over - (Math::PI / 2)]])
      end

      # All round, straights and arcs one after another: [[mm, curvature], ...], see Way::Chain.
      def pieces
        [*legs, *legs.reverse].map do |kind, mm, angle|
          next [mm, 0.0] if kind == :forward

          [mm * angle.abs, (angle <=> 0) / mm]
        end
      end

      def length_mm = 2 * legs.sum { |kind, mm, angle| (kind == :forward) ? mm : mm * angle.abs }

      # The smallest inside radius of all its bends.
      def least_mm = legs.filter_map { |kind, mm, _| mm - (@mm / 2) if kind == :bend }.min

      # Its middle line from the far end on, which stands at the origin.
      def points
        turtle = Turtle.new
        [*legs, *legs.reverse].each { |kind, *sizes| turtle.public_send(kind, *sizes) }
        turtle.points
      end

      # The middle of it, from the far end.
      def centre = [-@mm / 2, @top / 2]

      private

      # Does the inner circle of a crescent come too near its outer one before the horn? x, y: from the outer middle to
      # the inner one.
      def near?(x, y, inner)
        Math.atan2(x, y) < @bend[:angle] * Math::PI / 360 &&
          @bend[:radius].mm - inner - Math.hypot(x, y) < @mm
      end

      def lobed(cleft)
        radius = (@wide - @fold) / 2
        round(@fold + radius, radius, @top - radius) do |up|
          [[:bend, radius, -up - Math::PI], *([[:forward, cleft]] if cleft.positive?), [:bend, @fold, Math::PI / 2]]
        end
      end

      def with(legs)
        @legs = legs.freeze
        freeze
      end

      # Straight from the bend at the tip to a circle of a radius on its far side, its centre at (across, up).
      def round(across, radius, height)
        return if radius <= 0 || height <= 0 || @wide > WIDEST * @top

        x, y = across - (@mm / 2) - @tip, height
        apart, reach = Math.hypot(x, y), radius + @tip
        return if apart <= reach

        up = Math.atan2(x, y) + Math.asin(reach / apart)
        return if up <= 0

        with([[:bend, @tip, up], [:forward, Math.sqrt((apart**2) - (reach**2))], *yield(up)])
      end

      # Arcs as wide as is asked for: the headings they begin and end at, and their radius: [[from, radius, to], ...].
      def leaf_arcs(far)
        return [] if far <= 0 || @wide <= @fold || @wide > WIDEST * @top

        a = (@mm / 2) + @tip
        base = ((@tip**2) - (@fold**2) + (2 * a * @wide) - (a**2) + (far**2)) / (2 * far)
        rate = (@tip + @fold - a) / far
        found = roots(rate**2, (2 * (@fold - @wide)) - (2 * rate * (far - base)),
          ((far - base)**2) + (@wide**2) - (@fold**2))
        found.select { |radius| radius > @wide }.map do |radius|
          height = base + (rate * radius)
          [Math.atan2(height, a - @wide + radius), radius, Math.atan2(height - far, radius - @wide)]
        end
      end

      # Of a x^2 + b x + c.
      def roots(a, b, c)
        return (b.abs < 1e-12) ? [] : [-c / b] if a.abs < 1e-12

        root = (b**2) - (4 * a * c)
        root.negative? ? [] : [(-b + Math.sqrt(root)) / (2 * a), (-b - Math.sqrt(root)) / (2 * a)]
      end
    end
  end
end
