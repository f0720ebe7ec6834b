# frozen_string_literal: true

module Meander
  module Crochet
    # The way of the wire through stitches of a Gauge. A cell is one stitch as it is worked: x the way the row runs, y
    # up from row to row, its head at y = 0, z towards the maker; mm. It begins where the one before ends, a stitch
    # wide. From the tables of CellTable, which hold cells for some hooks; between and beyond those they are drawn as
    # evenly as they differ. Stitches taller or wider than usual are stretched.
    class Cells
      # Where the row above holds on: how far its cells stand from those of the row below, along the row and towards the
      # maker (work and turn alike keep both).
      Shift = Struct.new(:along, :out)

      attr_reader :gauge

      # way: rows, which are turned, or rounds.
      def initialize(gauge, way)
        @gauge = gauge
        @way = way
        @ratio = gauge.hook_mm / gauge.bundle_mm
        @told = {}
      end

      # A stitch: [[x, y, z], ...].
      def stitch(kind) = @told[kind] ||= made(kind).freeze

      # So many of a kind in a place are told apart.
      def most(kind) = Stitches::TALL.include?(kind) ? CellTable.most(table(kind)) : 1

      # What is to be added to each point of a stitch that is one of several in a place, see CellTable.
      def beside(kind, number, all)
        @told[[:beside, kind, number, all]] ||= CellTable.beside(table(kind), @way, @ratio, number, all)
          .map { |point| sized(point, tall(kind)) }.freeze
      end

      # A chain that stitches of a kind are worked into: its head is like theirs.
      def link(kind)
        @told[[:link, kind]] ||= Links.chain(CellTable.points(table(kind), @way, @ratio))
          .map { |point| sized(point, 1.0) }.freeze
      end

      # How far the foot of a stitch reaches down.
      def height_mm(kind) = %w[chain slip].include?(kind) ? slip_mm(kind) : gauge.height_mm(kind)

      # See Shift, of a stitch of a row that is worked into one below.
      def shift(kind)
        @told[[:shift, kind]] ||= begin
          along, out = CellTable.shift(table(kind), @way, @ratio)
          Shift.new(along * across, out * gauge.bundle_mm).freeze
        end
      end

      # Of so many wires that are held together, how far each lies from the middle of the bundle: [[x, y, z], ...].
      def wires
        apart = gauge.wire_mm / 2
        case gauge.wires
        when 1 then [[0.0, 0.0, 0.0]]
        when 2 then [-1, 1].map { |side| [0.3 * side * apart, 0.7 * side * apart, 0.65 * side * apart] }
        else (0..2).map { |i| (2 * Math::PI * i / 3).then { |a| [0.0, 1.15 * apart * Math.cos(a), 1.15 * apart * Math.sin(a)] } }
        end
      end

      private

      # mm to one wire of the table, along the row.
      def across = gauge.bundle_mm * gauge.stitch_mm / (Gauge::WIDE * gauge.hook_mm)
      def slip_mm(kind) = (kind == "slip") ? gauge.height_mm("slip") : 0.0

      # A treble is drawn as a taller double.
      def table(kind) = {"treble" => "double", "slip" => "single", "chain" => "single"}.fetch(kind, kind)

      def made(kind)
        points = CellTable.points(table(kind), @way, @ratio)
        return link("single") if kind == "chain"
        return Links.slip(points, slip_mm("slip") / gauge.bundle_mm).map { |point| sized(point, 1.0) } if kind == "slip"

        points.map { |point| sized(point, tall(kind)) }
      end

      # How much taller a stitch is than usual.
      def tall(kind) = gauge.height_mm(kind) / (Stitches.fetch(table(kind)).height * gauge.hook_mm)

      def sized((x, y, z), tall) = [x * across, y * gauge.bundle_mm * tall, z * gauge.bundle_mm]
    end
  end
end
