# frozen_string_literal: true

module Meander
  module Crochet
    # Whole fabrics by their shape, made as far as so many chains, rows, rounds or stitches. What is said in stitches
    # may be said as a size, which gives the nearest whole number.
    module Shapes
      # A ring that a flat motif begins with has so many chains.
      RING = 4
      # A ring of wire, worked outwards or inwards.
      WIRE, WITHIN = %w[wire within].map { |kind| Fabric::Begin.new(kind, 1).freeze }
      # No round has fewer stitches; no row has more.
      LEAST_ROUND, MOST_ACROSS = 5, 1000

      # fields: of a section, its fabric; gauge: Gauge; count: how far it is made; edge: whether it begins on a rim that
      # is there already; ring: Rounds::Ring, the ring of wire that is, where its rounds go about one.
      # @return [Fabric]
      def self.fabric(fields, gauge, count, edge: false, ring: nil)
        kind, stitch = fields.values_at(:kind, :stitch)
        case kind
        when "cord" then Fabric.new(Fabric::Begin.new("chain", count), "rows", [])
        when "band"
          across, rows = (fields[:lying] == "along") ? [count, across(fields, gauge)] : [across(fields, gauge), count]
          Fabric.new(Fabric::Begin.new(edge ? "edge" : "chain", across), "rows",
            Array.new(rows, Increases.plain(stitch, across)))
        when "tube" then tube(fields, gauge, count, edge)
        when "triangle" then triangle(stitch, fields[:more], count)
        when "rows" then typed(fields, count, edge, ring)
        else rounds(fields, gauge, count, ring)
        end
      end

      # So many stitches, or as many as come nearest to a size.
      def self.across(fields, gauge)
        asked = fields[:across]
        return asked[:count] if asked[:kind] == "count"

        each = (fields[:kind] == "tube") ? gauge.stitch_mm / Math::PI : gauge.stitch_mm
        each = gauge.height_mm(fields[:stitch]) if fields[:kind] == "band" && fields[:lying] == "along"
        (asked[:size].mm / each).round.clamp((fields[:kind] == "tube") ? LEAST_ROUND : 1, MOST_ACROSS)
      end

      def self.tube(fields, gauge, count, edge)
        around = across(fields, gauge)
        Fabric.new(Fabric::Begin.new(edge ? "edge" : "ring", around), fields[:rounds],
          Array.new(count, Increases.plain(fields[:stitch], around)))
      end

      # From a point: two places, and so many more in every row.
      def self.triangle(stitch, more, count)
        rows = (0...count).map do |i|
          places = 2 + (i * more)
          first, last = more - (more / 2), more / 2
          between = Item.new(kind: stitch, times: places - 2) if places > 2
          Row.new(Item.together([Item.new(kind: stitch, into: 1 + first), between,
            Item.new(kind: stitch, into: 1 + last)].compact))
        end
        Fabric.new(Fabric::Begin.new("chain", 2), "rows", rows)
      end

      # Rows as they were typed.
      # @return [Array<Row>]
      def self.rows(fields)
        fields[:rows].flat_map { |row| [Row.new(row[:stitches].map { |item| Item.new(**item) })] * row[:times] }
      end

      # These again and again.
      def self.typed(fields, count, edge, ring)
        rows, begun = rows(fields), fields[:begin]
        kind = edge ? "edge" : begun[:kind]
        Fabric.new(about(ring) || Fabric::Begin.new(kind, begun[:count]), fields[:rounds],
          Array.new(count) { |i| rows[i % rows.size] })
      end

      # Of a disc, an oval or a cup: so many stitches to a round as its form asks for.
      def self.rounds(fields, gauge, count, ring)
        into = ring || Rounds.chains(gauge)
        counts = Array.new(count) { |i| Rounds.count(fields, gauge, i + 1, into) }
        return oval(fields, counts) if fields[:kind] == "oval"

        rows = [Row.new([Item.new(kind: fields[:stitch], into: counts.first)]),
          *counts.each_cons(2).map { |from, to| Increases.row(fields[:stitch], from, to) }]
        Fabric.new(about(ring) || Fabric::Begin.new("hole", RING), fields[:rounds], rows)
      end

      def self.about(ring) = ring && (ring.inwards ? WITHIN : WIRE)

      # Round both sides of a row of chains: straight along them, more at both ends.
      def self.oval(fields, counts)
        begun = Fabric::Begin.new("both", fields[:chains])
        straight = fields[:chains] - 1
        rows = [begun.heads, *counts].each_cons(2).map do |from, to|
          ends = [from, to].map { |all| (all - (2 * straight)) / 2 }
          along = Item.new(kind: fields[:stitch], times: straight) if straight.positive?
          Row.new(Item.together([along, *Increases.row(fields[:stitch], *ends).items].compact) * 2)
        end
        Fabric.new(begun, fields[:rounds], rows)
      end
      private_class_method :tube, :triangle, :typed, :rounds, :about, :oval
    end
  end
end
