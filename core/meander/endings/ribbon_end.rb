# frozen_string_literal: true

module Meander
  module Endings
    # A crimped ribbon end, bought: the wires are cut back to lie inside it, their ends bent over so that none pulls
    # out, and the end is glued in or only crimped. What it is wide and thick inside must take the bulk of the strip.
    class RibbonEnd < Freed
      SENTENCE =
        Sentence.new("a ribbon end",
          [Sentence.size("wide", "Ribbon end, wide inside", "", "wide", 0.5),
            Sentence.size("thick", "Ribbon end, thick inside", "and", "thick inside,", 0.1),
            Sentence.size("depth", "Depth of the ribbon end", "", "deep,", 0.5),
            Sentence.size("length", "Length of the ribbon end", "", "long with its ring", 0.5),
            Sentence.flag("glued", "Ribbon end: how it holds", ",", "glued in", "only crimped")],
          {wide: Sentence.mm(6), thick: Sentence.mm(2.5), depth: Sentence.mm(6), length: Sentence.mm(10), glued: false},
          wires: "all", holds: true)

      # How much wider than a strip it may be inside and still hold it once it is crimped; our choice, no source.
      SLACK_MM = 1.0

      attr_reader :body

      def initialize(fields, seats)
        @long = fields[:length].mm
        @body = shell(fields, Freed.middle(seats)).freeze
        super
      end

      def words
        "ribbon end, #{Units::Text.length(@fields[:wide].mm)} by #{Units::Text.length(@fields[:thick].mm)} " \
        "inside#{", glued in" if @fields[:glued]}"
      end

      def making(_names, all)
        held = @fields[:glued] ? "glue the ribbon end on and crimp it" : "crimp the ribbon end over them"
        "cut #{all} back to #{Units::Text.length(@fields[:depth].mm)}, bend the tips over inwards, " \
          "and #{held}"
      end

      private

      # Straight in and a quarter turn sideways, on a radius of its own wire.
      def parts(seat, _index, seats)
        side = (seat.x < Freed.middle(seats) - 1e-9) ? 1.0 : -1.0
        straight = [@fields[:depth].mm - (1.5 * seat.mm), 0.0].max
        [flat([Curve::Line.new([seat.x, 0.0], [seat.x, straight]),
          Curve::Arc.new([seat.x + (side * seat.mm), straight], seat.mm, side.positive? ? Math::PI : 0.0,
            -side * Math::PI / 2)])]
      end

      def reach(_seat) = @long

      # Its outline as it lies over the strip, and the ring it hangs by: [[x, y, z], ...] each.
      def shell(fields, middle)
        half, depth = fields[:wide].mm / 2, fields[:depth].mm
        ring = [(@long - depth) / 2, 0.0].max
        box = [[-half, 0.0], [half, 0.0], [half, depth], [-half, depth], [-half, 0.0]]
        round = (0..36).map do |k|
          (Math::PI * k / 18).then { |t| [ring * Math.sin(t), depth + ring - (ring * Math.cos(t))] }
        end
        [box, round].map { |line| line.map { |x, y| [middle + x, y, fields[:thick].mm / 2] } }
      end
    end
  end
end
