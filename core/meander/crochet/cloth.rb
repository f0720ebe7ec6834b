# frozen_string_literal: true

module Meander
  module Crochet
    # A fabric as it lies: every stitch where it stands, with the way of the wire through it. A cloth answers each_cell,
    # which yields Placed values in the order of work, line(key), the way of all placed cells of that key in places of
    # their own, reach and spot. All in mm.
    class Cloth
      # key: of its line; at: where that is put, [x, y, turn], turned about the origin by so many radians from +x
      # towards +y first; number: of the stitch, from 1, chains at the beginning and at turns counted; kind: of stitch;
      # row: from 0.
      Placed = Struct.new(:key, :at, :number, :kind, :row)
      # Stitches that share a place stand so many wires apart there.
      SHARED = 2.0

      # A stitch as it stands over the row below: offs: how far each of its feet is drawn aside; among: which of those
      # it is that are worked into its place and stand beside each other there, and how many they are (at most as many
      # as Cells#most); before, after: how far those next to it are drawn aside; nil where there are none.
      Stand = Struct.new(:stitch, :offs, :among, :before, :after)

      attr_reader :fabric, :cells

      # tube, ring: see RoundCloth; first_row: FirstRow, nil where it is worked round no wire; stretch: see FlatCloth.
      def self.of(fabric, gauge, tube: false, first_row: nil, ring: nil, stretch: nil)
        cells = Cells.new(gauge, fabric.round? ? "rounds" : "rows")
        fabric.round? ? RoundCloth.new(fabric, cells, first_row, tube:, ring:) :
          FlatCloth.new(fabric, cells, first_row, stretch:)
      end

      def initialize(fabric, cells, first_row)
        @fabric = fabric
        @cells = cells
        @first_row = first_row
        @gauge = cells.gauge
        @leaning = Leaning.new(cells)
        @keys = {}
        @lines = {}.compare_by_identity
        @built = {}.compare_by_identity
      end

      # The way of the wire through a cell, [[x, y, z], ...].
      def line(key) = @lines[key] ||= @built.fetch(key).call.freeze

      private

      # Keeps how a line is made until it is asked for; keys that are equal are one.
      def placed(key, at, number, kind, row, &build)
        key = @keys[key] ||= key
        @built[key] ||= build
        Placed.new(key, at, number, kind, row)
      end

      # Yields every stitch of a row as it is laid, done being the number of the last one before it.
      # @return [Integer] the number of its last one
      def worked(row, number, done)
        place, before = 0, nil
        stands = row.each_stitch.map { |stitch|
          Stand.new(stitch, stitch.head && offs(stitch, number), among(stitch, number))
        }
        [nil, *stands, nil].each_cons(3) do |last, stand, following|
          stand.before, stand.after = last&.offs&.last, following&.offs&.first
          yield laid(stand, number, place, before, done += 1)
          place += 1 if stand.stitch.head
          before = stand.stitch.kind unless stand.stitch.kind == "picot"
        end
        done
      end

      # See Stand: of more than are told apart the outer ones, and those between as the middle one.
      def among(stitch, _number)
        number, all = stitch.shares
        most = cells.most(stitch.kind)
        return stitch.shares if all <= most

        outer = most / 2
        [(number < outer) ? number : [most - (all - number), outer].max, most]
      end

      # A stitch of the first row has its foot round the wire.
      def round_wire(line, stitch, row, height)
        (@first_row && row == 1 && stitch.feet.any?) ? @first_row.led(line, height) : line
      end

      # Feet are drawn aside in steps of so many wires: what is nearly alike is drawn once.
      STEP = 0.5
      # How far below its place a stitch's foot is drawn aside: by what it is worked into, and by those that share it.
      # spread: how much closer together things stand there than above.
      def off(stitch, middle, spread = 1.0)
        share, all = stitch.shares
        q = @gauge.bundle_mm
        ((middle / (STEP * q)).round * STEP * q) + ((share - ((all - 1) / 2.0)) * SHARED * q * spread)
      end

      # Begun where the one before of another kind ends.
      def met(line, before)
        return line if before.nil?

        ended, width = @cells.stitch(before).last, @gauge.stitch_mm
        gap = [ended[0] - width - line.first[0], ended[1] - line.first[1], ended[2] - line.first[2]]
        reach = 3.0 * @gauge.bundle_mm
        past = 0.0
        line.each_cons(2).map { |one, other|
          here = one.zip(gap).map { |mm, off| mm + (off * [1 - (past / reach), 0.0].max) }
          past += Form::Trace.polyline_mm([one, other])
          here
        } << line.last
      end

      # Three chains closed to a small ring over the head it stands on.
      def picot
        link = @cells.stitch("chain")
        s = @gauge.stitch_mm
        radius = 3 * s / (2 * Math::PI)
        (0...3).flat_map do |i|
          link.map do |x, y, z|
            angle = (x - link.first[0] + (i * s)) / radius
            [link.first[0] + ((radius - y) * Math.sin(angle)), radius - ((radius - y) * Math.cos(angle)), z]
          end
        end
      end
    end
  end
end
