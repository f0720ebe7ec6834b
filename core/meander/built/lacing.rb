# frozen_string_literal: true

module Meander
  module Built
    # Two sections laced together, or tied where they meet, with a wire of its own: so many wraps round the one, across and round the
    # other, on to the next place; where they touch, round both at once. In the places of the finished piece; mm.
    class Lacing
      # A place: Form::Meeting::Met, the base wires met (ids) and how thick the two are there, weave and all.
      Place = Struct.new(:met, :wires, :thick) do
        # Round both at once where less than a wire passes between them.
        def tied?(wire_mm) = met.apart_mm - (thick.sum / 2) < wire_mm
      end

      attr_reader :section, :rows, :wire, :places, :path_mm, :finished

      # rows: the two sections; poses: where they stand.
      def initialize(piece, section, rows, poses, calibration)
        @piece = piece
        @section = section
        @rows = rows
        @wire = piece.wire(section[:weaving].first)
        @slack = calibration.slack
        lines = rows.map { |row| row.base.map { |id| row.trace(id).map { |point| poses.fetch(row.id).at(point) } } }
        @places = Form::Meeting.call(*lines, section[:places]).map { |met| place(met) }.freeze
        @path_mm = places.sum { |one| at_mm(one) } + places.each_cons(2).sum { |one, other| far(one.met.other.place, other.met.one.place) }
        @finished = Picture::Finished.new({wire.id => wire.material.colour}) { |picture| LacingPicture.call(picture, self, lines) }
        freeze
      end

      def id = section[:id]
      def base = []
      def woven? = false
      def laced? = true
      def copies = 1
      def plan_h = nil
      def steps = {}
      def length_mm = path_mm
      def tied? = places.all? { |one| one.tied?(wire.mm) }
      def wraps = places.sum { |one| one.tied?(wire.mm) ? section[:wraps] : 2 * section[:wraps] }
      def widest_mm = places.map { |one| one.met.apart_mm }.max
      def outline = Form::Hull.call(places.flat_map { |one| [one.met.one.place, one.met.other.place] })

      def words
        done, each = tied? ? %w[tied both] : %w[laced each]
        "#{done} together at #{Units::Text.count(places.size, "place")}, #{Units::Text.count(section[:wraps], "wrap")} round #{each}"
      end

      # The wire that laces.
      def own_length
        use = "#{tied? ? "ties" : "laces"} #{rows.map(&:id).join(" and ")}"
        Planner::OwnLength.new("lacing", @piece, wire, path_mm, use:, wraps:, slack: @slack)
      end

      # Where a base wire of a row is tied or laced: [[mm from where it enters its section, words, place], ...].
      def marks(row, wire_id)
        side = rows.index { |one| one.id == row.id } or return []
        trace = row.trace(wire_id)
        whole = Form::Trace.polyline_mm(trace)
        found = places.each_with_index.select { |one, _| one.wires[side] == wire_id }.map do |one, i|
          on = side.zero? ? one.met.one : one.met.other
          [row.run_mm(wire_id) * Form::Trace.polyline_mm(trace.first(on.point + 1)) / whole, "#{one.tied?(wire.mm) ? "tie" : "lacing"} #{i + 1}", on.place]
        end
        found.sort_by(&:first)
      end

      private

      def place(met)
        wires = [rows[0].base[met.one.line], rows[1].base[met.other.line]]
        Place.new(met, wires, wires.zip(rows).map { |id, row| @piece.wire(id).mm + (row.woven? ? 2 * row.plan.layout.frame.wire_mm : 0.0) }).freeze
      end

      def far(one, other) = Math.hypot(other[0] - one[0], other[1] - one[1])

      # Coils round one wire are helices; round both at once belts.
      def at_mm(one)
        return section[:wraps] * both_mm(one) if one.tied?(wire.mm)

        one.thick.sum { |thick| section[:wraps] * Math.hypot(Math::PI * (thick + wire.mm), wire.mm) } + one.met.apart_mm
      end

      # An open belt round two pulleys (any machine-design handbook); where the two cross they lie on each other.
      def both_mm(one)
        small, big = one.thick.map { |thick| (thick + wire.mm) / 2 }.minmax
        s = [one.met.apart_mm, one.thick.sum / 2].max
        (2 * Math.sqrt((s**2) - ((big - small)**2))) + (Math::PI * (big + small)) + (2 * (big - small) * Math.asin((big - small) / s))
      end
    end
  end
end
