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
      # A foot is drawn aside from this share of a stitch's height down to that one, where it is worked in elsewhere
      # than straight below.
      ASIDE = (0.12..0.8)
      # Stitches that share a place stand so many wires apart there.
      SHARED = 2.0

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
        row.each_stitch do |stitch|
          yield laid(stitch, number, place, before, done += 1)
          place += 1 if stitch.head
          before = stitch.kind unless stitch.kind == "picot"
        end
        done
      end

      # A stitch of the first row has its foot round the wire.
      def round_wire(line, stitch, row, height)
        (@first_row && row == 1 && stitch.feet.any?) ? @first_row.led(line, height) : line
      end

      # How strongly a point of a cell follows its foot.
      def aside(y, height)
        share = ((-y / height) - ASIDE.min) / (ASIDE.max - ASIDE.min)
        share = share.clamp(0.0, 1.0)
        share * share * (3 - (2 * share))
      end

      # Feet are drawn aside in steps of so many wires: what is nearly alike is drawn once.
      STEP = 0.5
      # How far below its place a stitch's foot is drawn aside: by what it is worked into, and by those that share it.
      def off(stitch, middle)
        share, all = stitch.shares
        q = @gauge.bundle_mm
        ((middle / (STEP * q)).round * STEP * q) + ((share - ((all - 1) / 2.0)) * SHARED * q)
      end

      # A stitch with its foot aside; over several, all but the last leg first, each drawn down to its own.
      def cell(kind, offs, height)
        line = @cells.stitch(kind)
        return moved(line, offs.first || 0.0, height) if offs.size < 2

        q = @gauge.bundle_mm
        up = line.rindex { |_, y, _| y < -2.2 * q }
        down = line.index { |_, y, _| y < -1.2 * q }
        first, *between, last = offs
        legs = [moved(line.first(up + 1), first, height),
          *between.map { |one| moved(line[down..up], one, height) }, moved(line.drop(down), last, height)]
        legs.flatten(1)
      end

      def moved(line, off, height)
        return line if off.abs < 1e-9

        line.map { |x, y, z| [x + (off * aside(y, height)), y, z] }
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
