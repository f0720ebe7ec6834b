# frozen_string_literal: true

module Meander
  module Crafts
    module Crocheting
      # The picture of a crocheted section: every kind of cell drawn once and put where it stands, in as many layers as
      # the cloth has depths.
      class Drawing
        include InLayers

        # What lies no further from itself elsewhere is drawn alike.
        ALIKE_MM = 0.005
        # Places to either side of a cell, in stitches, that tell how the wire it is worked round is bent there.
        LOOKED_AT = [-1.3, -0.9, -0.45, 0.45, 0.9, 1.3].freeze

        def initialize(crocheted, picture)
          @crocheted = crocheted
          @layout = crocheted.layout
          @gauge = crocheted.gauge
          @picture = picture
          @thick = @gauge.wire_mm
          @weave_mm = @layout.bar&.woven&.deep_mm
        end

        def call
          @cloth = (@layout.kind == "cord") ? nil : @crocheted.cloth
          lines = @cloth ? placed : cords
          @deep = lines.flat_map { |line, _| line.map { |point| point[2].abs } }.max.to_f + @gauge.bundle_mm
          lines.each { |line, at, wires| wires.each { |wire, off| draw(line, at, wire, off) } }
          bare
        end

        private

        # [[line, [[x, y, turn, number], ...], [[wire, offset], ...]], ...]
        def placed
          cells = @cloth.each_cell.to_a
          cells.group_by { |cell| [cell.key.object_id, wires_of(cell.row).object_id] }.values.flat_map do |alike|
            key, wires = alike.first.key, wires_of(alike.first.row)
            line = @cloth.line(key)
            next onto(line, alike, wires) if @layout.bar

            bent? ? bent(line, alike, wires) : [[turned(line), alike.map { |cell| [*at(cell), cell.number] }, wires]]
          end
        end

        def bent? = @crocheted.section.form[:kind] != "straight"

        # A cell across the section is bent with it: one for every place across.
        def bent(line, cells, wires)
          line = turned(line)
          cells.group_by { |cell| at(cell)[0].round(3) }.map do |x, alike|
            curved = line.map { |px, py, pz| way.at(py, x + px, pz) }
            [curved, alike.map { |cell| [*along(at(cell)[1]), cell.number] }, wires]
          end
        end

        # Round a wire cells of a row that lie to it alike are drawn once.
        def onto(line, cells, wires)
          cells.group_by { |cell| lie(*at(cell)) }.values.map do |alike|
            x, y, = at(alike.first)
            [over(line, x, y), alike.map { |cell| [*@layout.bar.place(at(cell)[0]).to_a, cell.number] }, wires]
          end
        end

        # How a cell lies: how far away, and how far the wire turns to either side of it.
        def lie(x, y, _turn)
          return [y.round(6)] if @layout.bar.even?

          tilt = @layout.bar.place(x).tilt
          turns = LOOKED_AT.map do |share|
            turn = @layout.bar.place(x + (share * @gauge.stitch_mm)).tilt - tilt
            (Math.atan2(Math.sin(turn), Math.cos(turn)) * [y, 1.0].max / ALIKE_MM).round
          end
          [y.round(6), turns]
        end

        # A cell round the wire, told from its own place on it.
        def over(line, x, y)
          place = @layout.bar.place(x)
          cos, sin = Math.cos(place.tilt), Math.sin(place.tilt)
          line.map do |px, py, pz|
            there, along, height = way.at(y + py, x + px, pz)
            off_x, off_y = there - place.x, along - place.y
            [(off_x * cos) + (off_y * sin), (off_y * cos) - (off_x * sin), height]
          end
        end

        def turned(line) = @layout.along? ? line.map { |x, y, z| [-y, x, z] } : line

        def at(cell)
          x, y = @layout.place(cell.at, @crocheted.repeats)
          [x, y + @crocheted.bare_mm, cell.at[2]]
        end

        # The wires that work a row, each with how far it lies from the middle of the bundle.
        def wires_of(row)
          base, turns = @crocheted.base, @crocheted.section[:turns]
          return @together ||= base.zip(Crochet::Cells.new(@gauge, "rows").wires) unless turns

          number = ([row - 1, 0].max / turns) % base.size
          (@apart ||= base.map { |wire| [[wire, [0.0, 0.0, 0.0]]] })[number]
        end

        # Chains side by side: a row of loops.
        def cords
          line = Crochet::ChainPath.points(@gauge.hook_mm, @gauge.bundle_mm, @gauge.stitch_mm)
          offs = Crochet::Cells.new(@gauge, "rows").wires
          each = @crocheted.made_mm / @crocheted.repeats
          @layout.across("start", @crocheted.repeats).each_slice(@layout.held).with_index.flat_map do |own, i|
            x = own.sum / own.size
            here = line.map { |px, py, pz| bent? ? way.at(py, x + px, pz) : [x + px, py, pz] }
            places = (0...@crocheted.repeats).map do |n|
              y = @crocheted.bare_mm + (n * each)
              [*(bent? ? along(y) : [0.0, y, 0.0]), n + 1]
            end
            wires = @crocheted.base[i * @layout.held, @layout.held].zip(offs)
            [[here, places, wires]]
          end
        end

        attr_reader :picture

        def way = @crocheted.way

        def draw(line, at, wire, off)
          in_layers(line.map { |x, y, z| [x + off[0], y + off[1], z + off[2]] }, at, wire)
        end

        # Its wires before the first stitch and after the last.
        def bare
          return if @crocheted.bare_mm.zero?

          @crocheted.base.each_index do |number|
            first, second, *, before, last = @crocheted.trace(number)
            [[first, second], [before, last]].each do |points|
              @picture.line(4, @crocheted.base[number].id, @crocheted.base[number].mm, points) if points.all?
            end
          end
        end
      end
    end
  end
end
